-- Drafts that gave way to a version, to be had back.
CREATE TABLE kept_draft (
  id INTEGER PRIMARY KEY,
  words TEXT NOT NULL,
  kept_by TEXT NOT NULL,
  kept_at INTEGER NOT NULL,
  content TEXT NOT NULL CHECK (json_valid(content))
) STRICT;

-- What was taken back of the draft, to be done again; the newest first.
CREATE TABLE undone_step (
  id INTEGER PRIMARY KEY,
  words TEXT NOT NULL,
  made_by TEXT NOT NULL,
  made_at INTEGER NOT NULL,
  after TEXT NOT NULL CHECK (json_valid(after))
) STRICT;

-- A reply as it is typed, before it is published.
CREATE TABLE reply_draft (
  review_id INTEGER PRIMARY KEY REFERENCES review(id) ON DELETE CASCADE,
  text TEXT NOT NULL,
  typed_at INTEGER NOT NULL
) STRICT;

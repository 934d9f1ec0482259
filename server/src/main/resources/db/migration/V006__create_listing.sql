-- the shop's own entry in a business directory: one at most
CREATE TABLE listing (
  id INTEGER PRIMARY KEY CHECK (id = 1),
  service TEXT NOT NULL,
  place TEXT NOT NULL,
  secret TEXT NOT NULL,
  least_stars INTEGER NOT NULL CHECK (least_stars BETWEEN 1 AND 5),
  every_hours INTEGER NOT NULL CHECK (every_hours BETWEEN 1 AND 720),
  title TEXT,
  rating REAL,
  reviews INTEGER,
  link TEXT,
  asked_at INTEGER,
  answered_at INTEGER,
  failure TEXT
) STRICT;

-- reviews of the shop itself, as the directory last gave them
CREATE TABLE listing_review (
  position INTEGER PRIMARY KEY,
  stars REAL NOT NULL,
  words TEXT,
  reviewer TEXT,
  language TEXT,
  written_on TEXT,
  link TEXT
) STRICT;

-- what the owner says of a version
ALTER TABLE arrangement_version ADD COLUMN note TEXT NOT NULL DEFAULT '';

-- goes up with each change of a nod of the draft, so that two windows do not overwrite each other
ALTER TABLE arranged_nod ADD COLUMN revision INTEGER NOT NULL DEFAULT 1;

-- colours, fonts and shapes that all nods share; a version without a row has none
CREATE TABLE arranged_kit (
  version INTEGER PRIMARY KEY,
  settings TEXT NOT NULL CHECK (json_valid(settings))
) STRICT;

-- the draft before each of its changes, to take them back in turn; the newest are kept
CREATE TABLE draft_step (
  id INTEGER PRIMARY KEY,
  words TEXT NOT NULL,
  made_by TEXT NOT NULL,
  made_at INTEGER NOT NULL,
  before TEXT NOT NULL CHECK (json_valid(before))
) STRICT;

-- kinds of page on which the script was at work, and when it was first seen there
CREATE TABLE script_sighting (
  page_kind TEXT PRIMARY KEY,
  first_at INTEGER NOT NULL
) STRICT, WITHOUT ROWID;

-- nods say and look something of their own, and may be for one screen alone
UPDATE arranged_nod SET settings = json_set(
  settings,
  '$.placement.screens', json('["WIDE","NARROW"]'),
  '$.dress', json('{"wording":{},"look":{"values":{},"narrow":{},"css":""}}')
);

CREATE TABLE arrangement_version (
  version INTEGER PRIMARY KEY,
  published_at INTEGER NOT NULL,
  published_by TEXT NOT NULL
) STRICT;

-- version 0 is the draft; settings is the core's record as JSON, so a new kind needs no migration
CREATE TABLE arranged_nod (
  version INTEGER NOT NULL,
  nod_id TEXT NOT NULL,
  kind TEXT NOT NULL,
  position INTEGER NOT NULL,
  settings TEXT NOT NULL CHECK (json_valid(settings)),
  PRIMARY KEY (version, nod_id)
) STRICT, WITHOUT ROWID;

-- places that the owner pointed at; a standard spot needs no row
CREATE TABLE pointed_spot (
  version INTEGER NOT NULL,
  name TEXT NOT NULL,
  page_kind TEXT NOT NULL,
  selector TEXT NOT NULL,
  side TEXT NOT NULL CHECK (side IN ('BEFORE', 'AFTER', 'INSIDE')),
  PRIMARY KEY (version, name)
) STRICT, WITHOUT ROWID;

-- Settings of a nod of the draft that cannot be taken yet, as they were typed.
CREATE TABLE half_made_nod (
  nod_id TEXT PRIMARY KEY,
  revision INTEGER NOT NULL,
  content TEXT NOT NULL CHECK (json_valid(content)),
  faults TEXT NOT NULL CHECK (json_valid(faults)),
  typed_at INTEGER NOT NULL
) STRICT;

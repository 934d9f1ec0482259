-- fonts and pictures of the shop's own, which looks name by file; a file outlives its row here,
-- since published versions may still name it
CREATE TABLE material (
  file TEXT PRIMARY KEY,
  name TEXT NOT NULL,
  kind TEXT NOT NULL CHECK (kind IN ('FONT', 'PICTURE')),
  added_by TEXT NOT NULL,
  added_at INTEGER NOT NULL
) STRICT, WITHOUT ROWID;

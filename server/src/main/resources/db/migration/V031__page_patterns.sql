-- How the reviews of a site's pages are built, as the owner showed it on one of them.
CREATE TABLE page_pattern (
  site TEXT NOT NULL PRIMARY KEY,
  pattern TEXT NOT NULL,
  learned_at INTEGER NOT NULL
) STRICT, WITHOUT ROWID;

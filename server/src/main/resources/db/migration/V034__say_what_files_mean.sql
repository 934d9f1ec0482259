-- What the owner says that files of orders mean by a name that the catalogue does not know, by the name as it is
-- compared.
CREATE TABLE variant_alias (
  name TEXT PRIMARY KEY,
  written TEXT NOT NULL,
  variant_id INTEGER NOT NULL REFERENCES variant(id) ON DELETE CASCADE
) STRICT, WITHOUT ROWID;

CREATE INDEX variant_alias_by_variant ON variant_alias(variant_id);

-- What the owner says that a status of an order means, by the word without case, accents and signs.
CREATE TABLE order_status_word (
  word TEXT PRIMARY KEY,
  written TEXT NOT NULL,
  outcome TEXT NOT NULL CHECK (outcome IN ('SOLD', 'NOT_SOLD', 'RETURNED'))
) STRICT, WITHOUT ROWID;

-- Countries were taken as they were written; what is no ISO 3166-1 alpha-2 code is not known.
UPDATE shop_order SET country = upper(trim(country)) WHERE country IS NOT NULL;
UPDATE shop_order SET country = NULL WHERE country NOT GLOB '[A-Z][A-Z]';

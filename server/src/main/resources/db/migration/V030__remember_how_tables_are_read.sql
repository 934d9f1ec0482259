-- How the owner had a table of products or orders read, by its headings: the next one like it is read so too.
CREATE TABLE feed_memory (
  kind TEXT NOT NULL CHECK (kind IN ('PRODUCTS', 'ORDERS')),
  headings TEXT NOT NULL,
  choices TEXT NOT NULL,
  PRIMARY KEY (kind, headings)
) STRICT, WITHOUT ROWID;

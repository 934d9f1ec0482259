CREATE TABLE category (
  id INTEGER PRIMARY KEY,
  slug TEXT NOT NULL UNIQUE,
  title TEXT NOT NULL,
  parent_id INTEGER REFERENCES category(id),
  position INTEGER NOT NULL
) STRICT;

CREATE TABLE product (
  id INTEGER PRIMARY KEY,
  slug TEXT NOT NULL UNIQUE,
  title TEXT NOT NULL,
  description TEXT NOT NULL DEFAULT '',
  picture TEXT NOT NULL DEFAULT '',
  position INTEGER NOT NULL,
  first_published_at INTEGER
) STRICT;
CREATE INDEX product_by_title ON product(title COLLATE NOCASE);

CREATE TABLE product_category (
  product_id INTEGER NOT NULL REFERENCES product(id) ON DELETE CASCADE,
  category_id INTEGER NOT NULL REFERENCES category(id),
  PRIMARY KEY (product_id, category_id)
) STRICT, WITHOUT ROWID;

CREATE TABLE product_tag (
  product_id INTEGER NOT NULL REFERENCES product(id) ON DELETE CASCADE,
  tag TEXT NOT NULL,
  PRIMARY KEY (product_id, tag)
) STRICT, WITHOUT ROWID;

-- stock_count: NULL means unknown, which is not zero
CREATE TABLE variant (
  id INTEGER PRIMARY KEY,
  product_id INTEGER NOT NULL REFERENCES product(id) ON DELETE CASCADE,
  sku TEXT NOT NULL UNIQUE,
  title TEXT NOT NULL,
  price_minor INTEGER,
  currency TEXT CHECK (currency IS NULL OR length(currency) = 3),
  stock_count INTEGER,
  position INTEGER NOT NULL,
  CHECK ((price_minor IS NULL) = (currency IS NULL))
) STRICT;
CREATE INDEX variant_by_product ON variant(product_id, position);

CREATE TABLE price_change (
  variant_id INTEGER NOT NULL REFERENCES variant(id) ON DELETE CASCADE,
  from_at INTEGER NOT NULL,
  price_minor INTEGER NOT NULL,
  currency TEXT NOT NULL,
  PRIMARY KEY (variant_id, from_at)
) STRICT, WITHOUT ROWID;

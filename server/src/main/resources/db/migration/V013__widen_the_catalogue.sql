-- what labels, conditions and the catalogue ask of products
ALTER TABLE product ADD COLUMN brand TEXT;
ALTER TABLE product_category ADD COLUMN position INTEGER NOT NULL DEFAULT 0;
-- a tag that the owner gave stays when a feed tells others
ALTER TABLE product_tag ADD COLUMN is_own INTEGER NOT NULL DEFAULT 0 CHECK (is_own IN (0, 1));
ALTER TABLE variant ADD COLUMN reference_minor INTEGER;
ALTER TABLE variant ADD COLUMN back_on TEXT;
ALTER TABLE variant ADD COLUMN is_made_to_order INTEGER NOT NULL DEFAULT 0 CHECK (is_made_to_order IN (0, 1));
-- a product or variant that a feed leaves out is kept with all that hangs on it, and no longer sold
ALTER TABLE product ADD COLUMN is_gone INTEGER NOT NULL DEFAULT 0 CHECK (is_gone IN (0, 1));
ALTER TABLE variant ADD COLUMN is_gone INTEGER NOT NULL DEFAULT 0 CHECK (is_gone IN (0, 1));
CREATE INDEX product_by_position ON product(position, id);
CREATE INDEX product_by_tag ON product_tag(tag, product_id);
CREATE INDEX product_by_category ON product_category(category_id, product_id);

-- where a feed comes from, and what came of it last; one of products and one of orders
CREATE TABLE feed (
  id INTEGER PRIMARY KEY,
  kind TEXT NOT NULL UNIQUE CHECK (kind IN ('PRODUCTS', 'ORDERS')),
  address TEXT NOT NULL,
  every_hours INTEGER NOT NULL CHECK (every_hours BETWEEN 1 AND 168),
  asked_at INTEGER
) STRICT;

-- each time that a file, an address or a program brought products or orders
CREATE TABLE feed_run (
  id INTEGER PRIMARY KEY,
  kind TEXT NOT NULL CHECK (kind IN ('PRODUCTS', 'ORDERS')),
  source TEXT NOT NULL,
  ran_at INTEGER NOT NULL,
  state TEXT NOT NULL CHECK (state IN ('DONE', 'HELD', 'DROPPED', 'FAILED')),
  taken INTEGER NOT NULL,
  wrong INTEGER NOT NULL,
  gone INTEGER NOT NULL,
  failure TEXT,
  held_file TEXT
) STRICT;
CREATE INDEX feed_run_by_time ON feed_run(ran_at DESC, id DESC);

CREATE TABLE feed_problem (
  run_id INTEGER NOT NULL REFERENCES feed_run(id) ON DELETE CASCADE,
  line INTEGER NOT NULL,
  field TEXT NOT NULL,
  value TEXT NOT NULL,
  reason TEXT NOT NULL,
  number INTEGER NOT NULL,
  PRIMARY KEY (run_id, number)
) STRICT, WITHOUT ROWID;

CREATE TABLE shop_order (
  id INTEGER PRIMARY KEY,
  number TEXT NOT NULL UNIQUE,
  placed_at INTEGER NOT NULL,
  country TEXT,
  is_cancelled INTEGER NOT NULL DEFAULT 0 CHECK (is_cancelled IN (0, 1))
) STRICT;
CREATE INDEX order_by_time ON shop_order(placed_at);

CREATE TABLE order_line (
  order_id INTEGER NOT NULL REFERENCES shop_order(id) ON DELETE CASCADE,
  variant_id INTEGER NOT NULL REFERENCES variant(id),
  quantity INTEGER NOT NULL CHECK (quantity > 0),
  returned INTEGER NOT NULL DEFAULT 0 CHECK (returned BETWEEN 0 AND quantity),
  PRIMARY KEY (order_id, variant_id)
) STRICT, WITHOUT ROWID;
CREATE INDEX order_line_by_variant ON order_line(variant_id);

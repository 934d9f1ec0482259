-- What a file, an address or a program changed of products and orders, row by row, so that it can be undone: as
-- SQLite's own page on undo by triggers does it (sqlite.org/undoredo.html), here for the transactions of a run alone.
ALTER TABLE feed_run ADD COLUMN undone_at INTEGER;
-- while it is being taken; one that is still so when the program starts was cut off
ALTER TABLE feed_run ADD COLUMN is_running INTEGER NOT NULL DEFAULT 0 CHECK (is_running IN (0, 1));
-- rows that stayed when it was undone: changed by others since, or needed by reviews or orders
ALTER TABLE feed_run ADD COLUMN kept_in_undo INTEGER NOT NULL DEFAULT 0;

-- the run whose changes are noted: one row while a transaction of it writes, none else
CREATE TABLE feed_recording (run_id INTEGER PRIMARY KEY) STRICT;

-- former: the row as it was, of what a run may change of it; of one that is new, its key
-- latter: the same as the run left it; of one that it removed, nothing. What is neither was changed by others since
CREATE TABLE feed_change (
  id INTEGER PRIMARY KEY,
  run_id INTEGER NOT NULL,
  row_table TEXT NOT NULL,
  act TEXT NOT NULL CHECK (act IN ('INSERT', 'UPDATE', 'DELETE')),
  former TEXT NOT NULL,
  latter TEXT,
  CHECK ((latter IS NULL) = (act = 'DELETE'))
) STRICT;
CREATE INDEX feed_change_by_run ON feed_change(run_id, id);

CREATE TRIGGER category_insert_is_noted AFTER INSERT ON category
WHEN EXISTS (SELECT 1 FROM feed_recording)
BEGIN
  INSERT INTO feed_change(run_id, row_table, act, former, latter)
  SELECT run_id, 'category', 'INSERT', json_object(
      'id', NEW.id
    ),
    json_object(
      'id', NEW.id, 'slug', NEW.slug, 'title', NEW.title, 'parent_id', NEW.parent_id,
      'position', NEW.position
    )
  FROM feed_recording;
END;

CREATE TRIGGER category_update_is_noted AFTER UPDATE ON category
WHEN EXISTS (SELECT 1 FROM feed_recording)
  AND (OLD.slug IS NOT NEW.slug
    OR OLD.title IS NOT NEW.title
    OR OLD.parent_id IS NOT NEW.parent_id
    OR OLD.position IS NOT NEW.position)
BEGIN
  INSERT INTO feed_change(run_id, row_table, act, former, latter)
  SELECT run_id, 'category', 'UPDATE', json_object(
      'id', OLD.id, 'slug', OLD.slug, 'title', OLD.title, 'parent_id', OLD.parent_id,
      'position', OLD.position
    ),
    json_object(
      'id', NEW.id, 'slug', NEW.slug, 'title', NEW.title, 'parent_id', NEW.parent_id,
      'position', NEW.position
    )
  FROM feed_recording;
END;

CREATE TRIGGER product_insert_is_noted AFTER INSERT ON product
WHEN EXISTS (SELECT 1 FROM feed_recording)
BEGIN
  INSERT INTO feed_change(run_id, row_table, act, former, latter)
  SELECT run_id, 'product', 'INSERT', json_object(
      'id', NEW.id
    ),
    json_object(
      'id', NEW.id, 'slug', NEW.slug, 'title', NEW.title, 'description', NEW.description,
      'picture', NEW.picture, 'position', NEW.position, 'first_published_at', NEW.first_published_at,
      'brand', NEW.brand, 'is_discontinued', NEW.is_discontinued
    )
  FROM feed_recording;
END;

CREATE TRIGGER product_update_is_noted AFTER UPDATE ON product
WHEN EXISTS (SELECT 1 FROM feed_recording)
  AND (OLD.slug IS NOT NEW.slug
    OR OLD.title IS NOT NEW.title
    OR OLD.description IS NOT NEW.description
    OR OLD.picture IS NOT NEW.picture
    OR OLD.position IS NOT NEW.position
    OR OLD.first_published_at IS NOT NEW.first_published_at
    OR OLD.brand IS NOT NEW.brand
    OR OLD.is_discontinued IS NOT NEW.is_discontinued)
BEGIN
  INSERT INTO feed_change(run_id, row_table, act, former, latter)
  SELECT run_id, 'product', 'UPDATE', json_object(
      'id', OLD.id, 'slug', OLD.slug, 'title', OLD.title, 'description', OLD.description,
      'picture', OLD.picture, 'position', OLD.position, 'first_published_at', OLD.first_published_at,
      'brand', OLD.brand, 'is_discontinued', OLD.is_discontinued
    ),
    json_object(
      'id', NEW.id, 'slug', NEW.slug, 'title', NEW.title, 'description', NEW.description,
      'picture', NEW.picture, 'position', NEW.position, 'first_published_at', NEW.first_published_at,
      'brand', NEW.brand, 'is_discontinued', NEW.is_discontinued
    )
  FROM feed_recording;
END;

CREATE TRIGGER product_category_insert_is_noted AFTER INSERT ON product_category
WHEN EXISTS (SELECT 1 FROM feed_recording)
BEGIN
  INSERT INTO feed_change(run_id, row_table, act, former, latter)
  SELECT run_id, 'product_category', 'INSERT', json_object(
      'product_id', NEW.product_id, 'category_id', NEW.category_id
    ),
    json_object(
      'product_id', NEW.product_id, 'category_id', NEW.category_id, 'position', NEW.position
    )
  FROM feed_recording;
END;

CREATE TRIGGER product_category_update_is_noted AFTER UPDATE ON product_category
WHEN EXISTS (SELECT 1 FROM feed_recording)
  AND (OLD.position IS NOT NEW.position)
BEGIN
  INSERT INTO feed_change(run_id, row_table, act, former, latter)
  SELECT run_id, 'product_category', 'UPDATE', json_object(
      'product_id', OLD.product_id, 'category_id', OLD.category_id, 'position', OLD.position
    ),
    json_object(
      'product_id', NEW.product_id, 'category_id', NEW.category_id, 'position', NEW.position
    )
  FROM feed_recording;
END;

CREATE TRIGGER product_category_delete_is_noted AFTER DELETE ON product_category
WHEN EXISTS (SELECT 1 FROM feed_recording)
BEGIN
  INSERT INTO feed_change(run_id, row_table, act, former)
  SELECT run_id, 'product_category', 'DELETE', json_object(
      'product_id', OLD.product_id, 'category_id', OLD.category_id, 'position', OLD.position
    ) FROM feed_recording;
END;

CREATE TRIGGER product_tag_insert_is_noted AFTER INSERT ON product_tag
WHEN EXISTS (SELECT 1 FROM feed_recording)
BEGIN
  INSERT INTO feed_change(run_id, row_table, act, former, latter)
  SELECT run_id, 'product_tag', 'INSERT', json_object(
      'product_id', NEW.product_id, 'tag', NEW.tag
    ),
    json_object(
      'product_id', NEW.product_id, 'tag', NEW.tag, 'is_manual', NEW.is_manual
    )
  FROM feed_recording;
END;

CREATE TRIGGER product_tag_update_is_noted AFTER UPDATE ON product_tag
WHEN EXISTS (SELECT 1 FROM feed_recording)
  AND (OLD.is_manual IS NOT NEW.is_manual)
BEGIN
  INSERT INTO feed_change(run_id, row_table, act, former, latter)
  SELECT run_id, 'product_tag', 'UPDATE', json_object(
      'product_id', OLD.product_id, 'tag', OLD.tag, 'is_manual', OLD.is_manual
    ),
    json_object(
      'product_id', NEW.product_id, 'tag', NEW.tag, 'is_manual', NEW.is_manual
    )
  FROM feed_recording;
END;

CREATE TRIGGER product_tag_delete_is_noted AFTER DELETE ON product_tag
WHEN EXISTS (SELECT 1 FROM feed_recording)
BEGIN
  INSERT INTO feed_change(run_id, row_table, act, former)
  SELECT run_id, 'product_tag', 'DELETE', json_object(
      'product_id', OLD.product_id, 'tag', OLD.tag, 'is_manual', OLD.is_manual
    ) FROM feed_recording;
END;

CREATE TRIGGER variant_insert_is_noted AFTER INSERT ON variant
WHEN EXISTS (SELECT 1 FROM feed_recording)
BEGIN
  INSERT INTO feed_change(run_id, row_table, act, former, latter)
  SELECT run_id, 'variant', 'INSERT', json_object(
      'id', NEW.id
    ),
    json_object(
      'id', NEW.id, 'product_id', NEW.product_id, 'sku', NEW.sku, 'title', NEW.title,
      'price_minor', NEW.price_minor, 'currency', NEW.currency, 'stock_count', NEW.stock_count,
      'position', NEW.position, 'reference_price_minor', NEW.reference_price_minor,
      'available_from', NEW.available_from, 'is_made_to_order', NEW.is_made_to_order,
      'is_discontinued', NEW.is_discontinued, 'delivered_count', NEW.delivered_count, 'gtin', NEW.gtin
    )
  FROM feed_recording;
END;

CREATE TRIGGER variant_update_is_noted AFTER UPDATE ON variant
WHEN EXISTS (SELECT 1 FROM feed_recording)
  AND (OLD.product_id IS NOT NEW.product_id
    OR OLD.sku IS NOT NEW.sku
    OR OLD.title IS NOT NEW.title
    OR OLD.price_minor IS NOT NEW.price_minor
    OR OLD.currency IS NOT NEW.currency
    OR OLD.stock_count IS NOT NEW.stock_count
    OR OLD.position IS NOT NEW.position
    OR OLD.reference_price_minor IS NOT NEW.reference_price_minor
    OR OLD.available_from IS NOT NEW.available_from
    OR OLD.is_made_to_order IS NOT NEW.is_made_to_order
    OR OLD.is_discontinued IS NOT NEW.is_discontinued
    OR OLD.delivered_count IS NOT NEW.delivered_count
    OR OLD.gtin IS NOT NEW.gtin)
BEGIN
  INSERT INTO feed_change(run_id, row_table, act, former, latter)
  SELECT run_id, 'variant', 'UPDATE', json_object(
      'id', OLD.id, 'product_id', OLD.product_id, 'sku', OLD.sku, 'title', OLD.title,
      'price_minor', OLD.price_minor, 'currency', OLD.currency, 'stock_count', OLD.stock_count,
      'position', OLD.position, 'reference_price_minor', OLD.reference_price_minor,
      'available_from', OLD.available_from, 'is_made_to_order', OLD.is_made_to_order,
      'is_discontinued', OLD.is_discontinued, 'delivered_count', OLD.delivered_count, 'gtin', OLD.gtin
    ),
    json_object(
      'id', NEW.id, 'product_id', NEW.product_id, 'sku', NEW.sku, 'title', NEW.title,
      'price_minor', NEW.price_minor, 'currency', NEW.currency, 'stock_count', NEW.stock_count,
      'position', NEW.position, 'reference_price_minor', NEW.reference_price_minor,
      'available_from', NEW.available_from, 'is_made_to_order', NEW.is_made_to_order,
      'is_discontinued', NEW.is_discontinued, 'delivered_count', NEW.delivered_count, 'gtin', NEW.gtin
    )
  FROM feed_recording;
END;

CREATE TRIGGER price_change_insert_is_noted AFTER INSERT ON price_change
WHEN EXISTS (SELECT 1 FROM feed_recording)
BEGIN
  INSERT INTO feed_change(run_id, row_table, act, former, latter)
  SELECT run_id, 'price_change', 'INSERT', json_object(
      'variant_id', NEW.variant_id, 'from_at', NEW.from_at
    ),
    json_object(
      'variant_id', NEW.variant_id, 'from_at', NEW.from_at, 'price_minor', NEW.price_minor,
      'currency', NEW.currency
    )
  FROM feed_recording;
END;

CREATE TRIGGER price_change_update_is_noted AFTER UPDATE ON price_change
WHEN EXISTS (SELECT 1 FROM feed_recording)
  AND (OLD.price_minor IS NOT NEW.price_minor
    OR OLD.currency IS NOT NEW.currency)
BEGIN
  INSERT INTO feed_change(run_id, row_table, act, former, latter)
  SELECT run_id, 'price_change', 'UPDATE', json_object(
      'variant_id', OLD.variant_id, 'from_at', OLD.from_at, 'price_minor', OLD.price_minor,
      'currency', OLD.currency
    ),
    json_object(
      'variant_id', NEW.variant_id, 'from_at', NEW.from_at, 'price_minor', NEW.price_minor,
      'currency', NEW.currency
    )
  FROM feed_recording;
END;

CREATE TRIGGER price_change_delete_is_noted AFTER DELETE ON price_change
WHEN EXISTS (SELECT 1 FROM feed_recording)
BEGIN
  INSERT INTO feed_change(run_id, row_table, act, former)
  SELECT run_id, 'price_change', 'DELETE', json_object(
      'variant_id', OLD.variant_id, 'from_at', OLD.from_at, 'price_minor', OLD.price_minor,
      'currency', OLD.currency
    ) FROM feed_recording;
END;

CREATE TRIGGER shop_order_insert_is_noted AFTER INSERT ON shop_order
WHEN EXISTS (SELECT 1 FROM feed_recording)
BEGIN
  INSERT INTO feed_change(run_id, row_table, act, former, latter)
  SELECT run_id, 'shop_order', 'INSERT', json_object(
      'id', NEW.id
    ),
    json_object(
      'id', NEW.id, 'number', NEW.number, 'placed_at', NEW.placed_at, 'country', NEW.country,
      'town', NEW.town, 'first_name', NEW.first_name, 'is_cancelled', NEW.is_cancelled,
      'shipped_on', NEW.shipped_on, 'arrived_on', NEW.arrived_on
    )
  FROM feed_recording;
END;

CREATE TRIGGER shop_order_update_is_noted AFTER UPDATE ON shop_order
WHEN EXISTS (SELECT 1 FROM feed_recording)
  AND (OLD.number IS NOT NEW.number
    OR OLD.placed_at IS NOT NEW.placed_at
    OR OLD.country IS NOT NEW.country
    OR OLD.town IS NOT NEW.town
    OR OLD.first_name IS NOT NEW.first_name
    OR OLD.is_cancelled IS NOT NEW.is_cancelled
    OR OLD.shipped_on IS NOT NEW.shipped_on
    OR OLD.arrived_on IS NOT NEW.arrived_on)
BEGIN
  INSERT INTO feed_change(run_id, row_table, act, former, latter)
  SELECT run_id, 'shop_order', 'UPDATE', json_object(
      'id', OLD.id, 'number', OLD.number, 'placed_at', OLD.placed_at, 'country', OLD.country,
      'town', OLD.town, 'first_name', OLD.first_name, 'is_cancelled', OLD.is_cancelled,
      'shipped_on', OLD.shipped_on, 'arrived_on', OLD.arrived_on
    ),
    json_object(
      'id', NEW.id, 'number', NEW.number, 'placed_at', NEW.placed_at, 'country', NEW.country,
      'town', NEW.town, 'first_name', NEW.first_name, 'is_cancelled', NEW.is_cancelled,
      'shipped_on', NEW.shipped_on, 'arrived_on', NEW.arrived_on
    )
  FROM feed_recording;
END;

CREATE TRIGGER order_line_insert_is_noted AFTER INSERT ON order_line
WHEN EXISTS (SELECT 1 FROM feed_recording)
BEGIN
  INSERT INTO feed_change(run_id, row_table, act, former, latter)
  SELECT run_id, 'order_line', 'INSERT', json_object(
      'order_id', NEW.order_id, 'variant_id', NEW.variant_id
    ),
    json_object(
      'order_id', NEW.order_id, 'variant_id', NEW.variant_id, 'quantity', NEW.quantity,
      'returned', NEW.returned
    )
  FROM feed_recording;
END;

CREATE TRIGGER order_line_update_is_noted AFTER UPDATE ON order_line
WHEN EXISTS (SELECT 1 FROM feed_recording)
  AND (OLD.quantity IS NOT NEW.quantity
    OR OLD.returned IS NOT NEW.returned)
BEGIN
  INSERT INTO feed_change(run_id, row_table, act, former, latter)
  SELECT run_id, 'order_line', 'UPDATE', json_object(
      'order_id', OLD.order_id, 'variant_id', OLD.variant_id, 'quantity', OLD.quantity,
      'returned', OLD.returned
    ),
    json_object(
      'order_id', NEW.order_id, 'variant_id', NEW.variant_id, 'quantity', NEW.quantity,
      'returned', NEW.returned
    )
  FROM feed_recording;
END;

CREATE TRIGGER order_line_delete_is_noted AFTER DELETE ON order_line
WHEN EXISTS (SELECT 1 FROM feed_recording)
BEGIN
  INSERT INTO feed_change(run_id, row_table, act, former)
  SELECT run_id, 'order_line', 'DELETE', json_object(
      'order_id', OLD.order_id, 'variant_id', OLD.variant_id, 'quantity', OLD.quantity,
      'returned', OLD.returned
    ) FROM feed_recording;
END;

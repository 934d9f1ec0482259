-- Pages of the shop that shoppers had before them with the script at work, by their address without what could name
-- a person, and how often in each hour (seconds since 1970, of its beginning). Kept for a week.
CREATE TABLE seen_page (
  id INTEGER PRIMARY KEY,
  address TEXT NOT NULL UNIQUE,
  page_kind TEXT,
  product_id INTEGER REFERENCES product(id) ON DELETE SET NULL,
  sign TEXT,
  named_type TEXT,
  named TEXT,
  doubt TEXT,
  cards INTEGER NOT NULL,
  known_cards INTEGER NOT NULL,
  lacking_spots TEXT NOT NULL,
  last_at INTEGER NOT NULL
) STRICT;

CREATE INDEX seen_page_by_time ON seen_page(last_at);
CREATE INDEX seen_page_by_product ON seen_page(product_id);

CREATE TABLE seen_page_hour (
  page_id INTEGER NOT NULL REFERENCES seen_page(id) ON DELETE CASCADE,
  hour INTEGER NOT NULL,
  views INTEGER NOT NULL,
  PRIMARY KEY (page_id, hour)
) STRICT, WITHOUT ROWID;

CREATE INDEX seen_page_hour_by_hour ON seen_page_hour(hour);

-- What pages name a product by that the catalogue does not know it by, as the owner said.
CREATE TABLE product_alias (
  name TEXT PRIMARY KEY,
  product_id INTEGER NOT NULL REFERENCES product(id) ON DELETE CASCADE
) STRICT, WITHOUT ROWID;

CREATE INDEX product_alias_by_product ON product_alias(product_id);

CREATE TRIGGER product_alias_insert_raises AFTER INSERT ON product_alias
BEGIN
  INSERT INTO changed_topic VALUES ('CATALOGUE', 0) ON CONFLICT DO NOTHING;
END;

CREATE TRIGGER product_alias_update_raises AFTER UPDATE ON product_alias
BEGIN
  INSERT INTO changed_topic VALUES ('CATALOGUE', 0) ON CONFLICT DO NOTHING;
END;

CREATE TRIGGER product_alias_delete_raises AFTER DELETE ON product_alias
BEGIN
  INSERT INTO changed_topic VALUES ('CATALOGUE', 0) ON CONFLICT DO NOTHING;
END;

-- What the owner showed of the shop's pages, as a part of the draft (version 0) and of each version.
CREATE TABLE layout_pages (
  version INTEGER PRIMARY KEY,
  settings TEXT NOT NULL
) STRICT;

CREATE TRIGGER layout_pages_insert_raises AFTER INSERT ON layout_pages
WHEN NEW.version <> 0
BEGIN
  INSERT INTO changed_topic VALUES ('PUBLISHED_LAYOUT', 0) ON CONFLICT DO NOTHING;
END;

CREATE TRIGGER layout_pages_update_raises AFTER UPDATE ON layout_pages
WHEN NEW.version <> 0 OR OLD.version <> 0
BEGIN
  INSERT INTO changed_topic VALUES ('PUBLISHED_LAYOUT', 0) ON CONFLICT DO NOTHING;
END;

CREATE TRIGGER layout_pages_delete_raises AFTER DELETE ON layout_pages
WHEN OLD.version <> 0
BEGIN
  INSERT INTO changed_topic VALUES ('PUBLISHED_LAYOUT', 0) ON CONFLICT DO NOTHING;
END;

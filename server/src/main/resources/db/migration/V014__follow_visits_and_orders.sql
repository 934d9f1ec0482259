-- who looked at a product in the last days, as the core's Tally writes it: random numbers of visits, no person
CREATE TABLE presence_tally (
  product_id INTEGER PRIMARY KEY REFERENCES product(id) ON DELETE CASCADE,
  saved_at INTEGER NOT NULL,
  content BLOB NOT NULL
) STRICT;

-- which numbers shoppers were shown: by hour, product, time looked back on and number; counted: the least that was
-- counted when it was shown, so that no shown number can be found greater than what it rests on
CREATE TABLE presence_shown (
  hour INTEGER NOT NULL,
  product_id INTEGER NOT NULL REFERENCES product(id) ON DELETE CASCADE,
  looked_back TEXT NOT NULL,
  number INTEGER NOT NULL,
  times INTEGER NOT NULL,
  counted INTEGER NOT NULL,
  PRIMARY KEY (hour, product_id, looked_back, number)
) STRICT, WITHOUT ROWID;

-- pieces that there were when the stock last rose
ALTER TABLE variant ADD COLUMN delivered_count INTEGER;

-- where an order goes, and the first name of whoever ordered where that person lets the shop tell it
ALTER TABLE shop_order ADD COLUMN town TEXT;
ALTER TABLE shop_order ADD COLUMN first_name TEXT;
CREATE INDEX order_by_town ON shop_order(town, country, placed_at) WHERE town IS NOT NULL;

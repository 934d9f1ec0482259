-- when orders leave and arrive, of the draft (0) and of each version
CREATE TABLE arranged_delivery (
  version INTEGER PRIMARY KEY,
  settings TEXT NOT NULL
) STRICT;

-- what became of an order, and what was promised of it: days as ISO 8601 has them; promised_late: whether the promise
-- was reckoned when the order was brought in long after it was placed, and so with other timings perhaps
ALTER TABLE shop_order ADD COLUMN shipped_on TEXT;
ALTER TABLE shop_order ADD COLUMN arrived_on TEXT;
ALTER TABLE shop_order ADD COLUMN promised_leaves_first TEXT;
ALTER TABLE shop_order ADD COLUMN promised_leaves_last TEXT;
ALTER TABLE shop_order ADD COLUMN promised_first TEXT;
ALTER TABLE shop_order ADD COLUMN promised_last TEXT;
ALTER TABLE shop_order ADD COLUMN is_promised_late INTEGER NOT NULL DEFAULT 0 CHECK (is_promised_late IN (0, 1));
-- an order that nothing could be promised of when it was looked at stays without a promise
ALTER TABLE shop_order ADD COLUMN is_promise_settled INTEGER NOT NULL DEFAULT 0 CHECK (is_promise_settled IN (0, 1));
CREATE INDEX order_unsettled ON shop_order(placed_at) WHERE is_promise_settled = 0;
CREATE INDEX order_by_arrival ON shop_order(arrived_on, country) WHERE arrived_on IS NOT NULL;

-- which country shoppers are in: by whom it is told
ALTER TABLE shop ADD COLUMN country_header TEXT NOT NULL DEFAULT '';

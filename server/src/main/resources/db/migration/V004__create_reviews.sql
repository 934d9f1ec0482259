-- a file (or another source) that reviews came from
CREATE TABLE batch (
  id INTEGER PRIMARY KEY,
  file_name TEXT NOT NULL,
  file_size INTEGER NOT NULL,
  state TEXT NOT NULL CHECK (state IN ('LOOKED', 'READING', 'READ', 'FAILED')),
  look TEXT NOT NULL CHECK (json_valid(look)),
  choices TEXT CHECK (choices IS NULL OR json_valid(choices)),
  rows_seen INTEGER NOT NULL DEFAULT 0,
  taken INTEGER NOT NULL DEFAULT 0,
  bad INTEGER NOT NULL DEFAULT 0,
  here_already INTEGER NOT NULL DEFAULT 0,
  left_out_before INTEGER NOT NULL DEFAULT 0,
  failure TEXT,
  brought_by TEXT NOT NULL,
  created_at INTEGER NOT NULL,
  finished_at INTEGER
) STRICT;

CREATE TABLE batch_problem (
  id INTEGER PRIMARY KEY,
  batch_id INTEGER NOT NULL REFERENCES batch(id) ON DELETE CASCADE,
  line INTEGER NOT NULL,
  column_name TEXT,
  value TEXT NOT NULL,
  reason TEXT NOT NULL
) STRICT;
CREATE INDEX batch_problem_by_batch ON batch_problem(batch_id, line);

-- rating_parts: see the core's Rating. order_number: set where the purchase is verified.
CREATE TABLE review (
  id INTEGER PRIMARY KEY,
  product_id INTEGER NOT NULL REFERENCES product(id),
  variant TEXT,
  rating_parts INTEGER NOT NULL,
  given_rating TEXT NOT NULL,
  title TEXT,
  words TEXT,
  reviewer TEXT,
  country TEXT,
  language TEXT,
  written_on TEXT,
  state TEXT NOT NULL CHECK (state IN ('WAITING', 'PUBLISHED', 'HELD', 'LEFT_OUT')),
  left_out_because TEXT,
  origin TEXT NOT NULL CHECK (origin IN ('VERIFIED', 'UNVERIFIED', 'BROUGHT_IN')),
  order_number TEXT,
  source TEXT,
  source_id TEXT,
  source_line INTEGER,
  batch_id INTEGER REFERENCES batch(id),
  incentive TEXT,
  fingerprint INTEGER NOT NULL,
  arrived_at INTEGER NOT NULL,
  CHECK ((state = 'LEFT_OUT') = (left_out_because IS NOT NULL)),
  CHECK ((origin = 'VERIFIED') = (order_number IS NOT NULL))
) STRICT;
-- of product, words and reviewer: tells copies apart
CREATE UNIQUE INDEX review_once ON review(fingerprint);
-- what shop pages ask: the summary and the newest of some products, from the index alone
CREATE INDEX review_published ON review(product_id, written_on DESC, id DESC, rating_parts, origin)
  WHERE state = 'PUBLISHED';
-- what the desk asks: what waits, newest first
CREATE INDEX review_by_state ON review(state, id DESC);
CREATE INDEX review_by_product ON review(product_id, state, id DESC);
CREATE INDEX review_by_batch ON review(batch_id);

-- what was done with reviews, so that it can be taken back
CREATE TABLE review_move (
  id INTEGER PRIMARY KEY,
  to_state TEXT NOT NULL,
  reason TEXT,
  moved_by TEXT NOT NULL,
  moved_at INTEGER NOT NULL,
  is_undone INTEGER NOT NULL DEFAULT 0 CHECK (is_undone IN (0, 1))
) STRICT;

CREATE TABLE review_move_item (
  move_id INTEGER NOT NULL REFERENCES review_move(id) ON DELETE CASCADE,
  review_id INTEGER NOT NULL REFERENCES review(id) ON DELETE CASCADE,
  from_state TEXT NOT NULL,
  from_reason TEXT,
  PRIMARY KEY (move_id, review_id)
) STRICT, WITHOUT ROWID;
CREATE INDEX review_move_item_by_review ON review_move_item(review_id);

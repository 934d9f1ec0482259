-- a file (or another source) that reviews came from
CREATE TABLE batch (
  id INTEGER PRIMARY KEY,
  file_name TEXT NOT NULL,
  file_size INTEGER NOT NULL,
  state TEXT NOT NULL
    CHECK (state IN ('LOOKED', 'READING', 'READ', 'FAILED', 'CANCELLED', 'TAKEN_BACK')),
  source TEXT,
  look TEXT NOT NULL CHECK (json_valid(look)),
  choices TEXT CHECK (choices IS NULL OR json_valid(choices)),
  rows_seen INTEGER NOT NULL DEFAULT 0,
  taken INTEGER NOT NULL DEFAULT 0,
  bad INTEGER NOT NULL DEFAULT 0,
  here_already INTEGER NOT NULL DEFAULT 0,
  left_out_before INTEGER NOT NULL DEFAULT 0,
  not_chosen INTEGER NOT NULL DEFAULT 0,
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

-- the owner's word that reviews from a place may be published: who said it, and when
CREATE TABLE permission (
  source TEXT PRIMARY KEY,
  said_by TEXT NOT NULL,
  said_at INTEGER NOT NULL
) STRICT;

-- how files of these headings were read the last time
CREATE TABLE column_memory (
  headings TEXT PRIMARY KEY,
  choices TEXT NOT NULL CHECK (json_valid(choices)),
  used_at INTEGER NOT NULL
) STRICT;

-- rating_parts: see the core's Rating. order_number: set where the purchase is verified.
-- reviewer, variant: as shown; the given ones as they stand where the review is from.
-- evidence: the file of a picture of the original, for the owner alone.
-- flags: a bit each, see the core's Flag. sorted: what was decided on the sorting table, until all
-- of a batch is published or left out at once. woken_from: why it was left out before its batch brought
-- it back, so that taking the batch back leaves it out again.
CREATE TABLE review (
  id INTEGER PRIMARY KEY,
  product_id INTEGER NOT NULL REFERENCES product(id),
  variant TEXT,
  variant_given TEXT,
  rating_parts INTEGER NOT NULL,
  given_rating TEXT NOT NULL,
  title TEXT,
  words TEXT,
  reviewer TEXT,
  reviewer_given TEXT,
  country TEXT,
  language TEXT,
  written_on TEXT,
  state TEXT NOT NULL CHECK (state IN ('WAITING', 'PUBLISHED', 'HELD', 'LEFT_OUT', 'SPAM')),
  left_out_because TEXT,
  origin TEXT NOT NULL CHECK (origin IN ('VERIFIED', 'UNVERIFIED', 'BROUGHT_IN')),
  order_number TEXT,
  source TEXT,
  source_id TEXT,
  source_line INTEGER,
  batch_id INTEGER REFERENCES batch(id),
  incentive TEXT,
  fingerprint INTEGER NOT NULL,
  flags INTEGER NOT NULL DEFAULT 0,
  copy_of INTEGER,
  is_contact_hidden INTEGER NOT NULL DEFAULT 0 CHECK (is_contact_hidden IN (0, 1)),
  is_featured INTEGER NOT NULL DEFAULT 0 CHECK (is_featured IN (0, 1)),
  picture_count INTEGER NOT NULL DEFAULT 0,
  evidence TEXT,
  reply TEXT,
  replied_by TEXT,
  replied_at INTEGER,
  sorted TEXT CHECK (sorted IN ('KEPT', 'LEFT_OUT')),
  sorted_because TEXT,
  woken_from TEXT,
  arrived_at INTEGER NOT NULL,
  CHECK ((state = 'LEFT_OUT') = (left_out_because IS NOT NULL)),
  CHECK ((origin = 'VERIFIED') = (order_number IS NOT NULL))
) STRICT;
-- of product, words and reviewer: tells copies apart
CREATE UNIQUE INDEX review_once ON review(fingerprint);
-- what shop pages ask: the summary and the newest of some products, from the index alone
CREATE INDEX review_published ON review(product_id, written_on DESC, id DESC, rating_parts, origin)
  WHERE state = 'PUBLISHED';
-- what the desk asks: newest first, by any of its filters, from the index alone
CREATE INDEX review_by_state ON review(
  state, id DESC, rating_parts, language, country, origin, flags, picture_count, written_on
);
CREATE INDEX review_by_product ON review(product_id, state, id DESC);
CREATE INDEX review_by_batch ON review(batch_id, state, id);

-- words, titles and names in full text; the text is parted into words before it comes here
CREATE VIRTUAL TABLE review_fts USING fts5(
  text, content='', contentless_delete=1, tokenize='unicode61 remove_diacritics 2'
);

CREATE TABLE review_picture (
  review_id INTEGER NOT NULL REFERENCES review(id) ON DELETE CASCADE,
  position INTEGER NOT NULL,
  address TEXT NOT NULL,
  file TEXT,
  PRIMARY KEY (review_id, position)
) STRICT, WITHOUT ROWID;

CREATE INDEX review_picture_to_have ON review_picture(review_id, position) WHERE file IS NULL;

-- what was done to a review besides moving it
CREATE TABLE review_change (
  id INTEGER PRIMARY KEY,
  review_id INTEGER NOT NULL REFERENCES review(id) ON DELETE CASCADE,
  what TEXT NOT NULL,
  detail TEXT,
  done_by TEXT NOT NULL,
  done_at INTEGER NOT NULL
) STRICT;
CREATE INDEX review_change_by_review ON review_change(review_id, id);

-- what publishing a batch did to what shoppers see: ratings kept beside all that was usable, as five
-- counts from 1 star on
CREATE TABLE sorting_record (
  id INTEGER PRIMARY KEY,
  batch_id INTEGER NOT NULL REFERENCES batch(id),
  kept TEXT NOT NULL CHECK (json_valid(kept)),
  usable TEXT NOT NULL CHECK (json_valid(usable)),
  is_one_sided INTEGER NOT NULL CHECK (is_one_sided IN (0, 1)),
  published_by TEXT NOT NULL,
  published_at INTEGER NOT NULL
) STRICT;
CREATE INDEX sorting_record_by_batch ON sorting_record(batch_id, id);

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

-- a review in another language, as a service translated it
CREATE TABLE review_translation (
  review_id INTEGER NOT NULL REFERENCES review(id) ON DELETE CASCADE,
  language TEXT NOT NULL,
  title TEXT,
  words TEXT,
  made_at INTEGER NOT NULL,
  PRIMARY KEY (review_id, language)
) STRICT, WITHOUT ROWID;

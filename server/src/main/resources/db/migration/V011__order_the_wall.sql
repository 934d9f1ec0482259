-- what shoppers said of a review; helpfulness: see the core's Votes
ALTER TABLE review ADD COLUMN helpful INTEGER NOT NULL DEFAULT 0;
ALTER TABLE review ADD COLUMN not_helpful INTEGER NOT NULL DEFAULT 0;
ALTER TABLE review ADD COLUMN helpfulness REAL NOT NULL DEFAULT 0;

-- one vote to a shopper; voter: a hash of a random name and the review, so that no two votes of one shopper can be told
CREATE TABLE review_vote (
  review_id INTEGER NOT NULL REFERENCES review(id) ON DELETE CASCADE,
  voter TEXT NOT NULL,
  is_helpful INTEGER NOT NULL CHECK (is_helpful IN (0, 1)),
  voted_at INTEGER NOT NULL,
  PRIMARY KEY (review_id, voter)
) STRICT, WITHOUT ROWID;

-- what shop pages ask: the summary, and the first of any order and filter, from one of these alone; the state stands in
-- them so that they are taken before the one by product and state; bringing in does not touch them
DROP INDEX review_published;
CREATE INDEX review_published ON review(
  product_id, state, written_on DESC, id DESC, rating_parts, origin, helpfulness, picture_count, language, variant
) WHERE state = 'PUBLISHED';
CREATE INDEX review_highest ON review(
  product_id, state, rating_parts DESC, written_on DESC, id DESC, origin, picture_count, language, variant
) WHERE state = 'PUBLISHED';
CREATE INDEX review_lowest ON review(
  product_id, state, rating_parts, written_on DESC, id DESC, origin, picture_count, language, variant
) WHERE state = 'PUBLISHED';
CREATE INDEX review_helpful ON review(
  product_id, state, helpfulness DESC, written_on DESC, id DESC, rating_parts, origin, picture_count, language, variant
) WHERE state = 'PUBLISHED';

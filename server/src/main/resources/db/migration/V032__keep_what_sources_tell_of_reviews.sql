-- what a review is said to be where it comes from: called a verified purchase there, which proves nothing here, and
-- votes of the shoppers there, which are counted beside those given here
ALTER TABLE review ADD COLUMN is_verified_at_source INTEGER NOT NULL DEFAULT 0
  CHECK (is_verified_at_source IN (0, 1));
ALTER TABLE review ADD COLUMN source_helpful INTEGER NOT NULL DEFAULT 0;
ALTER TABLE review ADD COLUMN source_not_helpful INTEGER NOT NULL DEFAULT 0;

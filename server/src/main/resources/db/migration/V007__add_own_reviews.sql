-- moves that were one act, such as publishing a batch: taken back together
ALTER TABLE review_move ADD COLUMN with_move INTEGER REFERENCES review_move(id) ON DELETE CASCADE;
CREATE INDEX review_move_with ON review_move(with_move) WHERE with_move IS NOT NULL;

-- what becomes of reviews that shoppers write in the shop, and who is told of them
-- told_to: the last review that a notice told of
CREATE TABLE own_review_rule (
  id INTEGER PRIMARY KEY CHECK (id = 1),
  admission TEXT NOT NULL CHECK (admission IN ('AT_ONCE', 'UNLESS_CONTACT', 'AFTER_A_LOOK')),
  notice TEXT NOT NULL CHECK (notice IN ('NEVER', 'SOON', 'DAILY')),
  notice_to TEXT NOT NULL,
  told_to INTEGER NOT NULL,
  told_at INTEGER,
  failed_at INTEGER,
  failure TEXT,
  CHECK (notice = 'NEVER' OR notice_to <> ''),
  CHECK ((failure IS NULL) = (failed_at IS NULL))
) STRICT;

-- what was written in the shop, for notices
CREATE INDEX review_own ON review(id) WHERE origin <> 'BROUGHT_IN' AND batch_id IS NULL;

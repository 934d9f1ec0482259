-- A translation is of a text as it was shown: of another one, such as after a telephone number was hidden, it is made
-- anew. Those from before do not say what they are of.
DROP TABLE review_translation;
CREATE TABLE review_translation (
  review_id INTEGER NOT NULL REFERENCES review(id) ON DELETE CASCADE,
  language TEXT NOT NULL,
  source_hash TEXT NOT NULL,
  title TEXT,
  text TEXT,
  made_at INTEGER NOT NULL,
  PRIMARY KEY (review_id, language)
) STRICT, WITHOUT ROWID;

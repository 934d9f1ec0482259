-- each kind of nod has options of its own
UPDATE arranged_nod SET settings = json_set(settings, '$.options', json('{}'));
UPDATE draft_step SET before = json_set(
  before, '$.nods',
  (SELECT json_group_array(json_set(nod.value, '$.options', json('{}'))) FROM json_each(draft_step.before, '$.nods') nod)
);

-- what a review says beside its words: a line to each point
ALTER TABLE review ADD COLUMN pros TEXT;
ALTER TABLE review ADD COLUMN cons TEXT;

-- single things that reviews can rate; names: by language. One that is asked no more keeps what was rated.
CREATE TABLE criterion (
  id INTEGER PRIMARY KEY,
  names TEXT NOT NULL CHECK (json_valid(names)),
  category TEXT,
  position INTEGER NOT NULL,
  is_asked INTEGER NOT NULL DEFAULT 1 CHECK (is_asked IN (0, 1))
) STRICT;

CREATE TABLE review_criterion (
  review_id INTEGER NOT NULL REFERENCES review(id) ON DELETE CASCADE,
  criterion_id INTEGER NOT NULL REFERENCES criterion(id),
  stars INTEGER NOT NULL CHECK (stars BETWEEN 1 AND 5),
  PRIMARY KEY (review_id, criterion_id)
) STRICT, WITHOUT ROWID;

-- what the form asks; fields: by the core's FormField
CREATE TABLE review_form (
  id INTEGER PRIMARY KEY CHECK (id = 1),
  fields TEXT NOT NULL CHECK (json_valid(fields)),
  most_pictures INTEGER NOT NULL,
  largest_picture INTEGER NOT NULL
) STRICT;

-- forms that were taken, so that one that is sent again is the same review; kept for two days
CREATE TABLE sent_form (
  nonce TEXT PRIMARY KEY,
  review_id INTEGER NOT NULL REFERENCES review(id) ON DELETE CASCADE,
  sent_at INTEGER NOT NULL
) STRICT, WITHOUT ROWID;
CREATE INDEX sent_form_by_time ON sent_form(sent_at);

-- pictures that shoppers sent ahead of their form; those that no review names go after a day
CREATE TABLE sent_picture (
  file TEXT PRIMARY KEY,
  sent_at INTEGER NOT NULL
) STRICT, WITHOUT ROWID;
CREATE INDEX sent_picture_by_time ON sent_picture(sent_at);
CREATE INDEX review_picture_by_file ON review_picture(file) WHERE file IS NOT NULL;

-- letters to writers that are still to go out; the address goes with its letter
CREATE TABLE writer_letter (
  review_id INTEGER PRIMARY KEY REFERENCES review(id) ON DELETE CASCADE,
  address TEXT NOT NULL,
  language TEXT NOT NULL,
  link TEXT NOT NULL,
  failures INTEGER NOT NULL DEFAULT 0,
  created_at INTEGER NOT NULL
) STRICT;

-- products that are the same thing and share their reviews: those of one number
CREATE TABLE product_kin (
  product_id INTEGER PRIMARY KEY REFERENCES product(id) ON DELETE CASCADE,
  kin INTEGER NOT NULL
) STRICT;
CREATE INDEX product_kin_by_kin ON product_kin(kin);

-- whether reviews from elsewhere count in structured data
CREATE TABLE markup_rule (
  id INTEGER PRIMARY KEY CHECK (id = 1),
  has_brought_in INTEGER NOT NULL CHECK (has_brought_in IN (0, 1))
) STRICT;

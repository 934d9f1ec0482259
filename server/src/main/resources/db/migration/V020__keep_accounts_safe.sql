-- what each person may do, and their second step (RFC 6238); a code counts once, so the last is kept
ALTER TABLE person ADD COLUMN role TEXT NOT NULL DEFAULT 'OWNER'
  CHECK (role IN ('READER', 'DESK', 'EDITOR', 'OWNER'));
ALTER TABLE person ADD COLUMN second_step_secret TEXT;
ALTER TABLE person ADD COLUMN second_step_last INTEGER NOT NULL DEFAULT 0;

CREATE TABLE recovery_code (
  person_id INTEGER NOT NULL REFERENCES person ON DELETE CASCADE,
  code_hash TEXT NOT NULL,
  PRIMARY KEY (person_id, code_hash)
) STRICT, WITHOUT ROWID;

-- where a person is signed in; of its token only a hash is kept
CREATE TABLE sign_in (
  id INTEGER PRIMARY KEY,
  token_hash TEXT NOT NULL UNIQUE,
  person_id INTEGER NOT NULL REFERENCES person ON DELETE CASCADE,
  device TEXT NOT NULL,
  since_at INTEGER NOT NULL,
  seen_at INTEGER NOT NULL
) STRICT;
CREATE INDEX sign_in_of_person ON sign_in (person_id, seen_at);

CREATE TABLE invitation (
  id INTEGER PRIMARY KEY,
  email TEXT NOT NULL UNIQUE CHECK (email = lower(email)),
  role TEXT NOT NULL CHECK (role IN ('READER', 'DESK', 'EDITOR', 'OWNER')),
  token_hash TEXT NOT NULL UNIQUE,
  made_at INTEGER NOT NULL,
  ends_at INTEGER NOT NULL
) STRICT;

CREATE TABLE sign_in_rule (
  id INTEGER PRIMARY KEY CHECK (id = 1),
  second_step TEXT NOT NULL CHECK (second_step IN ('WHO_WISHES', 'WHO_CHANGES', 'EVERYONE')),
  days INTEGER NOT NULL CHECK (days BETWEEN 1 AND 60),
  is_told INTEGER NOT NULL
) STRICT;

-- keys made before might do all that an editor may, and go on doing so
ALTER TABLE api_key ADD COLUMN scopes TEXT NOT NULL DEFAULT 'ALL';
ALTER TABLE api_key ADD COLUMN ends_at INTEGER;
ALTER TABLE api_key ADD COLUMN used_at INTEGER;

-- what was done by whom: lines are added, never changed, and go after 13 months
CREATE TABLE trail (
  id INTEGER PRIMARY KEY,
  done_at INTEGER NOT NULL,
  who TEXT NOT NULL,
  place TEXT NOT NULL,
  did TEXT NOT NULL,
  link TEXT
) STRICT;
CREATE INDEX trail_by_person ON trail (who, id);
CREATE INDEX trail_by_place ON trail (place, id);
CREATE TRIGGER trail_is_not_changed BEFORE UPDATE ON trail
BEGIN
  SELECT RAISE(ABORT, 'the trail is not changed');
END;
CREATE TRIGGER trail_is_kept BEFORE DELETE ON trail
WHEN OLD.done_at > (SELECT done_at FROM trail ORDER BY id DESC LIMIT 1) - 390 * 86400000
BEGIN
  SELECT RAISE(ABORT, 'the trail is kept for 13 months');
END;

-- one vote to a visit and to a network, which is kept as its signature under the secret of this installation
ALTER TABLE review_vote ADD COLUMN network TEXT;
CREATE UNIQUE INDEX review_vote_of_network ON review_vote (review_id, network) WHERE network IS NOT NULL;

-- written to see whether writing works
CREATE TABLE heartbeat (
  id INTEGER PRIMARY KEY CHECK (id = 1),
  beaten_at INTEGER NOT NULL
) STRICT;
INSERT INTO heartbeat (id, beaten_at) VALUES (1, 0);

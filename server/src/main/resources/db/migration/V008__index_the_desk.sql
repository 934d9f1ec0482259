-- the language without region or script: 'pt' of 'pt-BR'
ALTER TABLE review ADD COLUMN spoken TEXT
  GENERATED ALWAYS AS (
    CASE WHEN instr(language, '-') > 0 THEN substr(language, 1, instr(language, '-') - 1)
    ELSE language END
  ) VIRTUAL;

-- each leads a filter of the desk, in the order of arrival, walked from its end; the few that are marked, pictured or
-- written in the shop have small indexes of their own
CREATE INDEX review_by_spoken ON review(spoken, id, state);
CREATE INDEX review_by_country ON review(country, id, state);
CREATE INDEX review_by_day ON review(written_on, id, state);
CREATE INDEX review_flagged ON review(id, state, flags) WHERE flags <> 0;
CREATE INDEX review_pictured ON review(id, state) WHERE picture_count > 0;
CREATE INDEX review_by_origin ON review(origin, id, state) WHERE origin <> 'BROUGHT_IN';

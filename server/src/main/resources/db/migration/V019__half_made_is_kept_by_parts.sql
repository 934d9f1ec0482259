-- Each part is kept by itself, whatever happens to the others: no revision that it was typed for.
-- What was kept for one revision may be of a nod that has gone on since.
DELETE FROM half_made_nod;

ALTER TABLE half_made_nod DROP COLUMN revision;

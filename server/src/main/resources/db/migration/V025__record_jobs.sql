-- Times at which work in the background did something or failed; the last few of each kind.
CREATE TABLE job_run (
  id INTEGER PRIMARY KEY,
  job TEXT NOT NULL,
  started_at INTEGER NOT NULL,
  took_millis INTEGER NOT NULL,
  done INTEGER NOT NULL,
  failure TEXT
) STRICT;

CREATE INDEX job_run_by_job ON job_run(job, id);

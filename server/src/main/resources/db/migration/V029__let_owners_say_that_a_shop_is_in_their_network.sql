-- The shop's host with its port, where it is on this machine or in the owner's own network and the owner said that it
-- may be opened from here. One at most.
CREATE TABLE local_shop (
  authority TEXT PRIMARY KEY
) STRICT, WITHOUT ROWID;

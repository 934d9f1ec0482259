-- What was done is a message with its values, told in the language of whoever reads it: did is its key then. Lines of
-- before have no values and are told as they were written.
ALTER TABLE trail ADD COLUMN details TEXT CHECK (details IS NULL OR json_valid(details));

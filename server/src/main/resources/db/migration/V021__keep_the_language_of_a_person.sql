-- in which language someone reads the back office and gets e-mails; null until it is chosen
ALTER TABLE person ADD COLUMN language TEXT;

-- one shop to an installation; the CHECK keeps it one row
CREATE TABLE shop (
  id INTEGER PRIMARY KEY CHECK (id = 1),
  name TEXT NOT NULL,
  public_key TEXT NOT NULL,
  currency TEXT NOT NULL CHECK (length(currency) = 3),
  zone TEXT NOT NULL,
  address TEXT NOT NULL DEFAULT '',
  product_path TEXT NOT NULL DEFAULT '/products/{product}',
  listing_path TEXT NOT NULL DEFAULT '/categories/{category}',
  basket_path TEXT NOT NULL DEFAULT '/basket'
) STRICT;

CREATE TABLE person (
  id INTEGER PRIMARY KEY,
  email TEXT NOT NULL UNIQUE CHECK (email = lower(email)),
  name TEXT NOT NULL,
  password_hash TEXT NOT NULL,
  created_at INTEGER NOT NULL
) STRICT;

CREATE TABLE api_key (
  id INTEGER PRIMARY KEY,
  name TEXT NOT NULL,
  key_hash TEXT NOT NULL UNIQUE,
  created_at INTEGER NOT NULL
) STRICT;

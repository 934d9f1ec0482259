-- what a page's data for search engines may name a product by
ALTER TABLE variant ADD COLUMN gtin TEXT;
CREATE INDEX variant_by_gtin ON variant(gtin) WHERE gtin IS NOT NULL;

-- What changed in a transaction: a row to a topic and what of it (0 where a topic has no parts). Triggers raise it
-- in the transaction that writes, whatever writes; the program takes the rows away before it commits, and makes anew
-- what was made of them (Topic, Revisions). 'ON CONFLICT DO NOTHING' and not 'INSERT OR IGNORE': in a trigger the
-- statement's own way with conflicts goes before the latter.
CREATE TABLE changed_topic (
  topic TEXT NOT NULL,
  item INTEGER NOT NULL,
  PRIMARY KEY (topic, item)
) STRICT, WITHOUT ROWID;

CREATE TRIGGER shop_insert_raises AFTER INSERT ON shop
BEGIN
  INSERT INTO changed_topic VALUES ('SHOP', 0) ON CONFLICT DO NOTHING;
END;

CREATE TRIGGER shop_update_raises AFTER UPDATE ON shop
BEGIN
  INSERT INTO changed_topic VALUES ('SHOP', 0) ON CONFLICT DO NOTHING;
END;

CREATE TRIGGER shop_delete_raises AFTER DELETE ON shop
BEGIN
  INSERT INTO changed_topic VALUES ('SHOP', 0) ON CONFLICT DO NOTHING;
END;

CREATE TRIGGER category_insert_raises AFTER INSERT ON category
BEGIN
  INSERT INTO changed_topic VALUES ('CATALOGUE', 0) ON CONFLICT DO NOTHING;
END;

CREATE TRIGGER category_update_raises AFTER UPDATE ON category
BEGIN
  INSERT INTO changed_topic VALUES ('CATALOGUE', 0) ON CONFLICT DO NOTHING;
END;

CREATE TRIGGER category_delete_raises AFTER DELETE ON category
BEGIN
  INSERT INTO changed_topic VALUES ('CATALOGUE', 0) ON CONFLICT DO NOTHING;
END;

CREATE TRIGGER product_insert_raises AFTER INSERT ON product
BEGIN
  INSERT INTO changed_topic VALUES ('CATALOGUE', 0) ON CONFLICT DO NOTHING;
END;

CREATE TRIGGER product_update_raises AFTER UPDATE ON product
BEGIN
  INSERT INTO changed_topic VALUES ('CATALOGUE', 0) ON CONFLICT DO NOTHING;
END;

CREATE TRIGGER product_delete_raises AFTER DELETE ON product
BEGIN
  INSERT INTO changed_topic VALUES ('CATALOGUE', 0) ON CONFLICT DO NOTHING;
END;

CREATE TRIGGER product_category_insert_raises AFTER INSERT ON product_category
BEGIN
  INSERT INTO changed_topic VALUES ('CATALOGUE', 0) ON CONFLICT DO NOTHING;
END;

CREATE TRIGGER product_category_update_raises AFTER UPDATE ON product_category
BEGIN
  INSERT INTO changed_topic VALUES ('CATALOGUE', 0) ON CONFLICT DO NOTHING;
END;

CREATE TRIGGER product_category_delete_raises AFTER DELETE ON product_category
BEGIN
  INSERT INTO changed_topic VALUES ('CATALOGUE', 0) ON CONFLICT DO NOTHING;
END;

CREATE TRIGGER product_tag_insert_raises AFTER INSERT ON product_tag
BEGIN
  INSERT INTO changed_topic VALUES ('CATALOGUE', 0) ON CONFLICT DO NOTHING;
END;

CREATE TRIGGER product_tag_update_raises AFTER UPDATE ON product_tag
BEGIN
  INSERT INTO changed_topic VALUES ('CATALOGUE', 0) ON CONFLICT DO NOTHING;
END;

CREATE TRIGGER product_tag_delete_raises AFTER DELETE ON product_tag
BEGIN
  INSERT INTO changed_topic VALUES ('CATALOGUE', 0) ON CONFLICT DO NOTHING;
END;

CREATE TRIGGER variant_insert_raises AFTER INSERT ON variant
BEGIN
  INSERT INTO changed_topic VALUES ('CATALOGUE', 0) ON CONFLICT DO NOTHING;
END;

CREATE TRIGGER variant_update_raises AFTER UPDATE ON variant
BEGIN
  INSERT INTO changed_topic VALUES ('CATALOGUE', 0) ON CONFLICT DO NOTHING;
END;

CREATE TRIGGER variant_delete_raises AFTER DELETE ON variant
BEGIN
  INSERT INTO changed_topic VALUES ('CATALOGUE', 0) ON CONFLICT DO NOTHING;
END;

CREATE TRIGGER price_change_insert_raises AFTER INSERT ON price_change
BEGIN
  INSERT INTO changed_topic VALUES ('CATALOGUE', 0) ON CONFLICT DO NOTHING;
END;

CREATE TRIGGER price_change_update_raises AFTER UPDATE ON price_change
BEGIN
  INSERT INTO changed_topic VALUES ('CATALOGUE', 0) ON CONFLICT DO NOTHING;
END;

CREATE TRIGGER price_change_delete_raises AFTER DELETE ON price_change
BEGIN
  INSERT INTO changed_topic VALUES ('CATALOGUE', 0) ON CONFLICT DO NOTHING;
END;

CREATE TRIGGER review_aspect_insert_raises AFTER INSERT ON review_aspect
BEGIN
  INSERT INTO changed_topic VALUES ('REVIEW_ASPECTS', 0) ON CONFLICT DO NOTHING;
END;

CREATE TRIGGER review_aspect_update_raises AFTER UPDATE ON review_aspect
BEGIN
  INSERT INTO changed_topic VALUES ('REVIEW_ASPECTS', 0) ON CONFLICT DO NOTHING;
END;

CREATE TRIGGER review_aspect_delete_raises AFTER DELETE ON review_aspect
BEGIN
  INSERT INTO changed_topic VALUES ('REVIEW_ASPECTS', 0) ON CONFLICT DO NOTHING;
END;

CREATE TRIGGER review_group_member_insert_raises AFTER INSERT ON review_group_member
BEGIN
  INSERT INTO changed_topic VALUES ('REVIEW_GROUPS', 0) ON CONFLICT DO NOTHING;
END;

CREATE TRIGGER review_group_member_update_raises AFTER UPDATE ON review_group_member
BEGIN
  INSERT INTO changed_topic VALUES ('REVIEW_GROUPS', 0) ON CONFLICT DO NOTHING;
END;

CREATE TRIGGER review_group_member_delete_raises AFTER DELETE ON review_group_member
BEGIN
  INSERT INTO changed_topic VALUES ('REVIEW_GROUPS', 0) ON CONFLICT DO NOTHING;
END;

CREATE TRIGGER structured_data_policy_insert_raises AFTER INSERT ON structured_data_policy
BEGIN
  INSERT INTO changed_topic VALUES ('STRUCTURED_DATA_POLICY', 0) ON CONFLICT DO NOTHING;
END;

CREATE TRIGGER structured_data_policy_update_raises AFTER UPDATE ON structured_data_policy
BEGIN
  INSERT INTO changed_topic VALUES ('STRUCTURED_DATA_POLICY', 0) ON CONFLICT DO NOTHING;
END;

CREATE TRIGGER structured_data_policy_delete_raises AFTER DELETE ON structured_data_policy
BEGIN
  INSERT INTO changed_topic VALUES ('STRUCTURED_DATA_POLICY', 0) ON CONFLICT DO NOTHING;
END;

CREATE TRIGGER business_profile_insert_raises AFTER INSERT ON business_profile
BEGIN
  INSERT INTO changed_topic VALUES ('BUSINESS_PROFILE', 0) ON CONFLICT DO NOTHING;
END;

CREATE TRIGGER business_profile_update_raises AFTER UPDATE ON business_profile
BEGIN
  INSERT INTO changed_topic VALUES ('BUSINESS_PROFILE', 0) ON CONFLICT DO NOTHING;
END;

CREATE TRIGGER business_profile_delete_raises AFTER DELETE ON business_profile
BEGIN
  INSERT INTO changed_topic VALUES ('BUSINESS_PROFILE', 0) ON CONFLICT DO NOTHING;
END;

CREATE TRIGGER business_profile_review_insert_raises AFTER INSERT ON business_profile_review
BEGIN
  INSERT INTO changed_topic VALUES ('BUSINESS_PROFILE', 0) ON CONFLICT DO NOTHING;
END;

CREATE TRIGGER business_profile_review_update_raises AFTER UPDATE ON business_profile_review
BEGIN
  INSERT INTO changed_topic VALUES ('BUSINESS_PROFILE', 0) ON CONFLICT DO NOTHING;
END;

CREATE TRIGGER business_profile_review_delete_raises AFTER DELETE ON business_profile_review
BEGIN
  INSERT INTO changed_topic VALUES ('BUSINESS_PROFILE', 0) ON CONFLICT DO NOTHING;
END;

-- Version 0 is the draft, of which nothing is kept.
CREATE TRIGGER layout_version_insert_raises AFTER INSERT ON layout_version
BEGIN
  INSERT INTO changed_topic VALUES ('PUBLISHED_LAYOUT', 0) ON CONFLICT DO NOTHING;
END;

CREATE TRIGGER layout_version_update_raises AFTER UPDATE ON layout_version
BEGIN
  INSERT INTO changed_topic VALUES ('PUBLISHED_LAYOUT', 0) ON CONFLICT DO NOTHING;
END;

CREATE TRIGGER layout_version_delete_raises AFTER DELETE ON layout_version
BEGIN
  INSERT INTO changed_topic VALUES ('PUBLISHED_LAYOUT', 0) ON CONFLICT DO NOTHING;
END;

CREATE TRIGGER layout_nod_insert_raises AFTER INSERT ON layout_nod
WHEN NEW.version <> 0
BEGIN
  INSERT INTO changed_topic VALUES ('PUBLISHED_LAYOUT', 0) ON CONFLICT DO NOTHING;
END;

CREATE TRIGGER layout_nod_update_raises AFTER UPDATE ON layout_nod
WHEN NEW.version <> 0 OR OLD.version <> 0
BEGIN
  INSERT INTO changed_topic VALUES ('PUBLISHED_LAYOUT', 0) ON CONFLICT DO NOTHING;
END;

CREATE TRIGGER layout_nod_delete_raises AFTER DELETE ON layout_nod
WHEN OLD.version <> 0
BEGIN
  INSERT INTO changed_topic VALUES ('PUBLISHED_LAYOUT', 0) ON CONFLICT DO NOTHING;
END;

CREATE TRIGGER layout_delivery_insert_raises AFTER INSERT ON layout_delivery
WHEN NEW.version <> 0
BEGIN
  INSERT INTO changed_topic VALUES ('PUBLISHED_LAYOUT', 0) ON CONFLICT DO NOTHING;
END;

CREATE TRIGGER layout_delivery_update_raises AFTER UPDATE ON layout_delivery
WHEN NEW.version <> 0 OR OLD.version <> 0
BEGIN
  INSERT INTO changed_topic VALUES ('PUBLISHED_LAYOUT', 0) ON CONFLICT DO NOTHING;
END;

CREATE TRIGGER layout_delivery_delete_raises AFTER DELETE ON layout_delivery
WHEN OLD.version <> 0
BEGIN
  INSERT INTO changed_topic VALUES ('PUBLISHED_LAYOUT', 0) ON CONFLICT DO NOTHING;
END;

CREATE TRIGGER layout_brand_kit_insert_raises AFTER INSERT ON layout_brand_kit
WHEN NEW.version <> 0
BEGIN
  INSERT INTO changed_topic VALUES ('PUBLISHED_LAYOUT', 0) ON CONFLICT DO NOTHING;
END;

CREATE TRIGGER layout_brand_kit_update_raises AFTER UPDATE ON layout_brand_kit
WHEN NEW.version <> 0 OR OLD.version <> 0
BEGIN
  INSERT INTO changed_topic VALUES ('PUBLISHED_LAYOUT', 0) ON CONFLICT DO NOTHING;
END;

CREATE TRIGGER layout_brand_kit_delete_raises AFTER DELETE ON layout_brand_kit
WHEN OLD.version <> 0
BEGIN
  INSERT INTO changed_topic VALUES ('PUBLISHED_LAYOUT', 0) ON CONFLICT DO NOTHING;
END;

CREATE TRIGGER custom_spot_insert_raises AFTER INSERT ON custom_spot
WHEN NEW.version <> 0
BEGIN
  INSERT INTO changed_topic VALUES ('PUBLISHED_LAYOUT', 0) ON CONFLICT DO NOTHING;
END;

CREATE TRIGGER custom_spot_update_raises AFTER UPDATE ON custom_spot
WHEN NEW.version <> 0 OR OLD.version <> 0
BEGIN
  INSERT INTO changed_topic VALUES ('PUBLISHED_LAYOUT', 0) ON CONFLICT DO NOTHING;
END;

CREATE TRIGGER custom_spot_delete_raises AFTER DELETE ON custom_spot
WHEN OLD.version <> 0
BEGIN
  INSERT INTO changed_topic VALUES ('PUBLISHED_LAYOUT', 0) ON CONFLICT DO NOTHING;
END;

-- An order changes what was sold of the products on its lines. What was promised of its delivery is no part of that.
CREATE TRIGGER order_line_insert_raises AFTER INSERT ON order_line
BEGIN
  INSERT INTO changed_topic SELECT 'ORDERS', product_id FROM variant WHERE id = NEW.variant_id ON CONFLICT DO NOTHING;
END;

CREATE TRIGGER order_line_update_raises AFTER UPDATE ON order_line
BEGIN
  INSERT INTO changed_topic SELECT 'ORDERS', product_id FROM variant WHERE id = OLD.variant_id ON CONFLICT DO NOTHING;
  INSERT INTO changed_topic SELECT 'ORDERS', product_id FROM variant WHERE id = NEW.variant_id ON CONFLICT DO NOTHING;
END;

CREATE TRIGGER order_line_delete_raises AFTER DELETE ON order_line
BEGIN
  INSERT INTO changed_topic SELECT 'ORDERS', product_id FROM variant WHERE id = OLD.variant_id ON CONFLICT DO NOTHING;
END;

CREATE TRIGGER shop_order_update_raises AFTER UPDATE OF id, number, placed_at, country, town, first_name, is_cancelled ON shop_order
BEGIN
  INSERT INTO changed_topic
    SELECT 'ORDERS', product_id FROM order_line JOIN variant ON variant.id = variant_id WHERE order_id = NEW.id ON CONFLICT DO NOTHING;
END;

CREATE TRIGGER variant_move_raises AFTER UPDATE OF product_id ON variant
BEGIN
  INSERT INTO changed_topic VALUES ('ORDERS', OLD.product_id), ('ORDERS', NEW.product_id) ON CONFLICT DO NOTHING;
END;

-- What shoppers can see of a product's reviews, by the product.
CREATE TRIGGER review_insert_raises AFTER INSERT ON review
WHEN NEW.status = 'PUBLISHED'
BEGIN
  INSERT INTO changed_topic VALUES ('REVIEWS', NEW.product_id) ON CONFLICT DO NOTHING;
END;

CREATE TRIGGER review_update_raises AFTER UPDATE OF
  id, product_id, variant, raw_variant, rating_parts, raw_rating, title, text, reviewer,
  raw_reviewer, country, language, reviewed_on, status, left_out_reason, origin, order_number,
  source, source_id, source_line, import_id, incentive, fingerprint, flags, duplicate_of,
  is_contact_hidden, is_featured, picture_count, original_file, reply, replied_by, replied_at,
  import_decision, import_decision_reason, restored_from, received_at, pros, cons
ON review
WHEN OLD.status = 'PUBLISHED' OR NEW.status = 'PUBLISHED'
BEGIN
  INSERT INTO changed_topic VALUES ('REVIEWS', OLD.product_id) ON CONFLICT DO NOTHING;
  INSERT INTO changed_topic VALUES ('REVIEWS', NEW.product_id) ON CONFLICT DO NOTHING;
END;

CREATE TRIGGER review_delete_raises AFTER DELETE ON review
WHEN OLD.status = 'PUBLISHED'
BEGIN
  INSERT INTO changed_topic VALUES ('REVIEWS', OLD.product_id) ON CONFLICT DO NOTHING;
END;

CREATE TRIGGER review_vote_raises AFTER UPDATE OF helpful, not_helpful, helpfulness ON review
WHEN NEW.status = 'PUBLISHED'
BEGIN
  INSERT INTO changed_topic VALUES ('VOTES', NEW.product_id) ON CONFLICT DO NOTHING;
END;

CREATE TRIGGER review_picture_insert_raises AFTER INSERT ON review_picture
BEGIN
  INSERT INTO changed_topic
    SELECT 'REVIEWS', product_id FROM review WHERE id = NEW.review_id AND status = 'PUBLISHED'
    ON CONFLICT DO NOTHING;
END;

CREATE TRIGGER review_picture_update_raises AFTER UPDATE ON review_picture
BEGIN
  INSERT INTO changed_topic
    SELECT 'REVIEWS', product_id FROM review WHERE id = OLD.review_id AND status = 'PUBLISHED'
    ON CONFLICT DO NOTHING;
  INSERT INTO changed_topic
    SELECT 'REVIEWS', product_id FROM review WHERE id = NEW.review_id AND status = 'PUBLISHED'
    ON CONFLICT DO NOTHING;
END;

CREATE TRIGGER review_picture_delete_raises AFTER DELETE ON review_picture
BEGIN
  INSERT INTO changed_topic
    SELECT 'REVIEWS', product_id FROM review WHERE id = OLD.review_id AND status = 'PUBLISHED'
    ON CONFLICT DO NOTHING;
END;

CREATE TRIGGER review_aspect_rating_insert_raises AFTER INSERT ON review_aspect_rating
BEGIN
  INSERT INTO changed_topic
    SELECT 'REVIEWS', product_id FROM review WHERE id = NEW.review_id AND status = 'PUBLISHED'
    ON CONFLICT DO NOTHING;
END;

CREATE TRIGGER review_aspect_rating_update_raises AFTER UPDATE ON review_aspect_rating
BEGIN
  INSERT INTO changed_topic
    SELECT 'REVIEWS', product_id FROM review WHERE id = OLD.review_id AND status = 'PUBLISHED'
    ON CONFLICT DO NOTHING;
  INSERT INTO changed_topic
    SELECT 'REVIEWS', product_id FROM review WHERE id = NEW.review_id AND status = 'PUBLISHED'
    ON CONFLICT DO NOTHING;
END;

CREATE TRIGGER review_aspect_rating_delete_raises AFTER DELETE ON review_aspect_rating
BEGIN
  INSERT INTO changed_topic
    SELECT 'REVIEWS', product_id FROM review WHERE id = OLD.review_id AND status = 'PUBLISHED'
    ON CONFLICT DO NOTHING;
END;

-- The languages and countries of all reviews, published or not.
CREATE TRIGGER review_origin_insert_raises AFTER INSERT ON review
BEGIN
  INSERT INTO changed_topic VALUES ('REVIEW_ORIGINS', 0) ON CONFLICT DO NOTHING;
END;

CREATE TRIGGER review_origin_update_raises AFTER UPDATE OF language, country ON review
BEGIN
  INSERT INTO changed_topic VALUES ('REVIEW_ORIGINS', 0) ON CONFLICT DO NOTHING;
END;

CREATE TRIGGER review_origin_delete_raises AFTER DELETE ON review
BEGIN
  INSERT INTO changed_topic VALUES ('REVIEW_ORIGINS', 0) ON CONFLICT DO NOTHING;
END;

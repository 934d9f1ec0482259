-- Tables and columns get the names that their field uses; docs/glossary.md tells the words.

-- imports of reviews
ALTER TABLE batch RENAME TO review_import;
-- the words of its state are listed in a CHECK, so the table is made anew
CREATE TABLE review_import_renamed (
  id INTEGER PRIMARY KEY,
  file_name TEXT NOT NULL,
  file_size INTEGER NOT NULL,
  state TEXT NOT NULL
    CHECK (state IN ('INSPECTED', 'RUNNING', 'DONE', 'FAILED', 'CANCELLED', 'UNDONE')),
  source TEXT,
  inspection TEXT NOT NULL CHECK (json_valid(inspection)),
  options TEXT CHECK (options IS NULL OR json_valid(options)),
  rows_seen INTEGER NOT NULL DEFAULT 0,
  imported INTEGER NOT NULL DEFAULT 0,
  unreadable INTEGER NOT NULL DEFAULT 0,
  duplicates INTEGER NOT NULL DEFAULT 0,
  left_out_before INTEGER NOT NULL DEFAULT 0,
  not_selected INTEGER NOT NULL DEFAULT 0,
  failure TEXT,
  imported_by TEXT NOT NULL,
  created_at INTEGER NOT NULL,
  finished_at INTEGER
) STRICT;
INSERT INTO review_import_renamed
SELECT
  id, file_name, file_size,
  CASE state
    WHEN 'LOOKED' THEN 'INSPECTED' WHEN 'READING' THEN 'RUNNING' WHEN 'READ' THEN 'DONE' WHEN 'TAKEN_BACK' THEN 'UNDONE'
    ELSE state END,
  source, look, choices, rows_seen, taken, bad, here_already, left_out_before, not_chosen, failure, brought_by, created_at,
  finished_at
FROM review_import ORDER BY id;
DROP TABLE review_import;
ALTER TABLE review_import_renamed RENAME TO review_import;

ALTER TABLE batch_problem RENAME TO import_error;
ALTER TABLE import_error RENAME COLUMN batch_id TO import_id;
DROP INDEX batch_problem_by_batch;
CREATE INDEX import_error_by_import ON import_error(import_id, line);

ALTER TABLE permission RENAME TO publishing_permission;
ALTER TABLE publishing_permission RENAME COLUMN said_by TO granted_by;
ALTER TABLE publishing_permission RENAME COLUMN said_at TO granted_at;

ALTER TABLE column_memory RENAME TO column_mapping;
ALTER TABLE column_mapping RENAME COLUMN choices TO options;

-- what publishing an import did to what shoppers see: ratings accepted beside all that were imported, as five
-- counts from 1 star on
ALTER TABLE sorting_record RENAME TO publication_record;
ALTER TABLE publication_record RENAME COLUMN batch_id TO import_id;
ALTER TABLE publication_record RENAME COLUMN kept TO accepted;
ALTER TABLE publication_record RENAME COLUMN usable TO imported;
ALTER TABLE publication_record RENAME COLUMN is_one_sided TO is_biased;
DROP INDEX sorting_record_by_batch;
CREATE INDEX publication_record_by_import ON publication_record(import_id, id);

-- Reviews: words of a status are listed in a CHECK, so the table is made anew. Foreign keys are not enforced while
-- migrations run, so that dropping the old table takes nothing along.
--
-- rating_parts: see the core's Rating. order_number: set where the purchase is verified.
-- reviewer, variant: as shown; the raw ones as they stand where the review is from.
-- original_file: a picture of the original, for the owner alone.
-- flags: a bit each, see the core's ReviewFlag. import_decision: what was decided when the import was checked, until all
-- of it is published or left out at once. restored_from: why it was left out before an import brought it back, so that
-- undoing the import leaves it out again.
CREATE TABLE review_renamed (
  id INTEGER PRIMARY KEY,
  product_id INTEGER NOT NULL REFERENCES product(id),
  variant TEXT,
  raw_variant TEXT,
  rating_parts INTEGER NOT NULL,
  raw_rating TEXT NOT NULL,
  title TEXT,
  text TEXT,
  reviewer TEXT,
  raw_reviewer TEXT,
  country TEXT,
  language TEXT,
  reviewed_on TEXT,
  status TEXT NOT NULL CHECK (status IN ('PENDING', 'PUBLISHED', 'ON_HOLD', 'LEFT_OUT', 'SPAM')),
  left_out_reason TEXT,
  origin TEXT NOT NULL CHECK (origin IN ('VERIFIED', 'UNVERIFIED', 'IMPORTED')),
  order_number TEXT,
  source TEXT,
  source_id TEXT,
  source_line INTEGER,
  import_id INTEGER REFERENCES review_import(id),
  incentive TEXT,
  fingerprint INTEGER NOT NULL,
  flags INTEGER NOT NULL DEFAULT 0,
  duplicate_of INTEGER,
  is_contact_hidden INTEGER NOT NULL DEFAULT 0 CHECK (is_contact_hidden IN (0, 1)),
  is_featured INTEGER NOT NULL DEFAULT 0 CHECK (is_featured IN (0, 1)),
  picture_count INTEGER NOT NULL DEFAULT 0,
  original_file TEXT,
  reply TEXT,
  replied_by TEXT,
  replied_at INTEGER,
  import_decision TEXT CHECK (import_decision IN ('ACCEPTED', 'LEFT_OUT')),
  import_decision_reason TEXT,
  restored_from TEXT,
  received_at INTEGER NOT NULL,
  helpful INTEGER NOT NULL DEFAULT 0,
  not_helpful INTEGER NOT NULL DEFAULT 0,
  helpfulness REAL NOT NULL DEFAULT 0,
  pros TEXT,
  cons TEXT,
  -- the language without region or script: 'pt' of 'pt-BR'
  primary_language TEXT GENERATED ALWAYS AS (
    CASE WHEN instr(language, '-') > 0 THEN substr(language, 1, instr(language, '-') - 1)
    ELSE language END
  ) VIRTUAL,
  CHECK ((status = 'LEFT_OUT') = (left_out_reason IS NOT NULL)),
  CHECK ((origin = 'VERIFIED') = (order_number IS NOT NULL))
) STRICT;

INSERT INTO review_renamed (
  id, product_id, variant, raw_variant, rating_parts, raw_rating, title, text, reviewer, raw_reviewer, country, language,
  reviewed_on, status, left_out_reason, origin, order_number, source, source_id, source_line, import_id, incentive,
  fingerprint, flags, duplicate_of, is_contact_hidden, is_featured, picture_count, original_file, reply, replied_by,
  replied_at, import_decision, import_decision_reason, restored_from, received_at, helpful, not_helpful, helpfulness,
  pros, cons
)
SELECT
  id, product_id, variant, variant_given, rating_parts, given_rating, title, words, reviewer, reviewer_given, country,
  language, written_on, CASE state WHEN 'WAITING' THEN 'PENDING' WHEN 'HELD' THEN 'ON_HOLD' ELSE state END,
  left_out_because, CASE origin WHEN 'BROUGHT_IN' THEN 'IMPORTED' ELSE origin END, order_number, source, source_id,
  source_line, batch_id, incentive, fingerprint, flags, copy_of, is_contact_hidden, is_featured, picture_count, evidence,
  reply, replied_by, replied_at, CASE sorted WHEN 'KEPT' THEN 'ACCEPTED' ELSE sorted END, sorted_because, woken_from,
  arrived_at, helpful, not_helpful, helpfulness, pros, cons
FROM review ORDER BY id;

DROP TABLE review;
ALTER TABLE review_renamed RENAME TO review;

-- of product, text and reviewer: tells duplicates apart
CREATE UNIQUE INDEX review_once ON review(fingerprint);
-- what shop pages ask: the summary, and the first of any order and filter, from one of these alone; the status stands in
-- them so that they are taken before the one by product and status; imports do not touch them
CREATE INDEX review_published ON review(
  product_id, status, reviewed_on DESC, id DESC, rating_parts, origin, helpfulness, picture_count, language, variant
) WHERE status = 'PUBLISHED';
CREATE INDEX review_highest ON review(
  product_id, status, rating_parts DESC, reviewed_on DESC, id DESC, origin, picture_count, language, variant
) WHERE status = 'PUBLISHED';
CREATE INDEX review_lowest ON review(
  product_id, status, rating_parts, reviewed_on DESC, id DESC, origin, picture_count, language, variant
) WHERE status = 'PUBLISHED';
CREATE INDEX review_helpful ON review(
  product_id, status, helpfulness DESC, reviewed_on DESC, id DESC, rating_parts, origin, picture_count, language, variant
) WHERE status = 'PUBLISHED';
-- what the back office asks: newest first, by any of its filters, from the index alone
CREATE INDEX review_by_status ON review(
  status, id DESC, rating_parts, language, country, origin, flags, picture_count, reviewed_on
);
CREATE INDEX review_by_product ON review(product_id, status, id DESC);
CREATE INDEX review_by_import ON review(import_id, status, id);
-- each leads a filter of the back office, in the order of arrival, walked from its end; the few that are flagged,
-- pictured or written in the shop have small indexes of their own
CREATE INDEX review_by_language ON review(primary_language, id, status);
CREATE INDEX review_by_country ON review(country, id, status);
CREATE INDEX review_by_day ON review(reviewed_on, id, status);
CREATE INDEX review_flagged ON review(id, status, flags) WHERE flags <> 0;
CREATE INDEX review_pictured ON review(id, status) WHERE picture_count > 0;
CREATE INDEX review_by_origin ON review(origin, id, status) WHERE origin <> 'IMPORTED';
-- what was written in the shop, for notifications
CREATE INDEX review_submitted ON review(id) WHERE origin <> 'IMPORTED' AND import_id IS NULL;

ALTER TABLE review_translation RENAME COLUMN words TO text;

ALTER TABLE review_change RENAME TO review_event;
ALTER TABLE review_event RENAME COLUMN what TO type;
DROP INDEX review_change_by_review;
CREATE INDEX review_event_by_review ON review_event(review_id, id);
UPDATE review_event SET type = 'PENDING' WHERE type = 'WAITING';
UPDATE review_event SET type = 'ON_HOLD' WHERE type = 'HELD';

-- what was done with reviews, so that it can be undone; actions of one act have the same parent
ALTER TABLE review_move RENAME TO moderation_action;
ALTER TABLE moderation_action RENAME COLUMN to_state TO to_status;
ALTER TABLE moderation_action RENAME COLUMN moved_by TO done_by;
ALTER TABLE moderation_action RENAME COLUMN moved_at TO done_at;
ALTER TABLE moderation_action RENAME COLUMN with_move TO parent_action;
DROP INDEX review_move_with;
CREATE INDEX moderation_action_of_parent ON moderation_action(parent_action) WHERE parent_action IS NOT NULL;
UPDATE moderation_action SET to_status = 'PENDING' WHERE to_status = 'WAITING';
UPDATE moderation_action SET to_status = 'ON_HOLD' WHERE to_status = 'HELD';

ALTER TABLE review_move_item RENAME TO moderation_item;
ALTER TABLE moderation_item RENAME COLUMN move_id TO action_id;
ALTER TABLE moderation_item RENAME COLUMN from_state TO from_status;
DROP INDEX review_move_item_by_review;
CREATE INDEX moderation_item_by_review ON moderation_item(review_id);
UPDATE moderation_item SET from_status = 'PENDING' WHERE from_status = 'WAITING';
UPDATE moderation_item SET from_status = 'ON_HOLD' WHERE from_status = 'HELD';

ALTER TABLE criterion RENAME TO review_aspect;
ALTER TABLE review_aspect RENAME COLUMN is_asked TO is_active;
ALTER TABLE review_criterion RENAME TO review_aspect_rating;
ALTER TABLE review_aspect_rating RENAME COLUMN criterion_id TO aspect_id;

-- products that share their reviews: those of one group
ALTER TABLE product_kin RENAME TO review_group_member;
ALTER TABLE review_group_member RENAME COLUMN kin TO group_id;
DROP INDEX product_kin_by_kin;
CREATE INDEX review_group_member_by_group ON review_group_member(group_id);

-- whether imported reviews count in structured data
ALTER TABLE markup_rule RENAME TO structured_data_policy;
ALTER TABLE structured_data_policy RENAME COLUMN has_brought_in TO has_imported;

-- reviews that shoppers submit: what becomes of them, and who is notified; notified_until: the last review told of
ALTER TABLE own_review_rule RENAME TO submission_policy_before;
CREATE TABLE submission_policy (
  id INTEGER PRIMARY KEY CHECK (id = 1),
  publication TEXT NOT NULL CHECK (publication IN ('IMMEDIATE', 'UNLESS_CONTACT_DETAILS', 'MANUAL')),
  notification TEXT NOT NULL CHECK (notification IN ('NEVER', 'SOON', 'DAILY')),
  notify_email TEXT NOT NULL,
  notified_until INTEGER NOT NULL,
  notified_at INTEGER,
  failed_at INTEGER,
  failure TEXT,
  CHECK (notification = 'NEVER' OR notify_email <> ''),
  CHECK ((failure IS NULL) = (failed_at IS NULL))
) STRICT;
INSERT INTO submission_policy
SELECT
  id, CASE admission WHEN 'AT_ONCE' THEN 'IMMEDIATE' WHEN 'UNLESS_CONTACT' THEN 'UNLESS_CONTACT_DETAILS' ELSE 'MANUAL' END,
  notice, notice_to, told_to, told_at, failed_at, failure
FROM submission_policy_before;
DROP TABLE submission_policy_before;

ALTER TABLE review_form RENAME COLUMN most_pictures TO max_pictures;
ALTER TABLE review_form RENAME COLUMN largest_picture TO max_picture_bytes;

ALTER TABLE sent_form RENAME TO form_submission;
DROP INDEX sent_form_by_time;
CREATE INDEX form_submission_by_time ON form_submission(sent_at);
ALTER TABLE sent_picture RENAME TO picture_upload;
DROP INDEX sent_picture_by_time;
CREATE INDEX picture_upload_by_time ON picture_upload(sent_at);

ALTER TABLE writer_letter RENAME TO reviewer_mail;
ALTER TABLE reviewer_mail RENAME COLUMN address TO email;

-- nods, their draft and their versions
ALTER TABLE arrangement_version RENAME TO layout_version;
ALTER TABLE arranged_nod RENAME TO layout_nod;
ALTER TABLE arranged_kit RENAME TO layout_brand_kit;
ALTER TABLE arranged_delivery RENAME TO layout_delivery;
ALTER TABLE draft_step RENAME TO draft_change;
-- a message is in each language that it will be read in; what was written before is English
ALTER TABLE draft_change RENAME COLUMN words TO messages;
UPDATE draft_change SET messages = json_object('en', messages);
ALTER TABLE draft_change RENAME COLUMN before TO previous_state;
ALTER TABLE undone_step RENAME TO undone_change;
ALTER TABLE undone_change RENAME COLUMN words TO messages;
UPDATE undone_change SET messages = json_object('en', messages);
ALTER TABLE undone_change RENAME COLUMN after TO next_state;
ALTER TABLE kept_draft RENAME TO replaced_draft;
ALTER TABLE replaced_draft RENAME COLUMN words TO messages;
UPDATE replaced_draft SET messages = json_object('en', messages);
ALTER TABLE replaced_draft RENAME COLUMN kept_by TO replaced_by;
ALTER TABLE replaced_draft RENAME COLUMN kept_at TO replaced_at;
ALTER TABLE half_made_nod RENAME TO incomplete_nod;
ALTER TABLE pointed_spot RENAME TO custom_spot;
ALTER TABLE script_sighting RENAME TO script_detection;
ALTER TABLE material RENAME TO asset;

-- the shop's own profile in a business directory
ALTER TABLE listing RENAME TO business_profile;
ALTER TABLE business_profile RENAME COLUMN service TO service_url;
ALTER TABLE business_profile RENAME COLUMN place TO profile_id;
ALTER TABLE business_profile RENAME COLUMN least_stars TO min_stars;
ALTER TABLE business_profile RENAME COLUMN asked_at TO requested_at;
ALTER TABLE business_profile RENAME COLUMN answered_at TO updated_at;
ALTER TABLE listing_review RENAME TO business_profile_review;
ALTER TABLE business_profile_review RENAME COLUMN words TO text;
ALTER TABLE business_profile_review RENAME COLUMN written_on TO reviewed_on;

-- products and feeds
ALTER TABLE product RENAME COLUMN is_gone TO is_discontinued;
ALTER TABLE variant RENAME COLUMN is_gone TO is_discontinued;
ALTER TABLE variant RENAME COLUMN back_on TO available_from;
ALTER TABLE variant RENAME COLUMN reference_minor TO reference_price_minor;
ALTER TABLE product_tag RENAME COLUMN is_own TO is_manual;
ALTER TABLE feed RENAME COLUMN asked_at TO requested_at;
CREATE TABLE feed_run_renamed (
  id INTEGER PRIMARY KEY,
  kind TEXT NOT NULL CHECK (kind IN ('PRODUCTS', 'ORDERS')),
  source TEXT NOT NULL,
  ran_at INTEGER NOT NULL,
  state TEXT NOT NULL CHECK (state IN ('DONE', 'NEEDS_APPROVAL', 'DISCARDED', 'FAILED')),
  imported INTEGER NOT NULL,
  errors INTEGER NOT NULL,
  removed INTEGER NOT NULL,
  failure TEXT,
  pending_file TEXT
) STRICT;
INSERT INTO feed_run_renamed
SELECT
  id, kind, source, ran_at, CASE state WHEN 'HELD' THEN 'NEEDS_APPROVAL' WHEN 'DROPPED' THEN 'DISCARDED' ELSE state END,
  taken, wrong, gone, failure, held_file
FROM feed_run ORDER BY id;
DROP TABLE feed_run;
ALTER TABLE feed_run_renamed RENAME TO feed_run;
CREATE INDEX feed_run_by_time ON feed_run(ran_at DESC, id DESC);
ALTER TABLE feed_problem RENAME TO feed_error;

-- visitors: random numbers of visits, no person
ALTER TABLE presence_tally RENAME TO visitor_counter;
ALTER TABLE presence_shown RENAME TO visitor_count_shown;
ALTER TABLE visitor_count_shown RENAME COLUMN looked_back TO time_window;

-- people who work here
ALTER TABLE person RENAME TO account;
ALTER TABLE recovery_code RENAME COLUMN person_id TO account_id;
ALTER TABLE sign_in RENAME COLUMN person_id TO account_id;
DROP INDEX sign_in_of_person;
CREATE INDEX sign_in_of_account ON sign_in(account_id, seen_at);

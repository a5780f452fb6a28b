-- A changed address of a post beyond the class waits for a teacher; who brought a label into the class's set.

ALTER TABLE posts
  ADD COLUMN asked_address VARCHAR(80) NULL COMMENT 'The address that its writer would like, while it waits for a teacher' AFTER address;

ALTER TABLE class_labels
  ADD COLUMN brought_by VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NULL COMMENT 'The writer whose hand-in brought it; null for a teacher''s',
  ADD CONSTRAINT class_labels_brought_by FOREIGN KEY (brought_by) REFERENCES people (id) ON DELETE SET NULL;

ALTER TABLE audit_log ADD KEY audit_log_subject (subject_id, use_case);

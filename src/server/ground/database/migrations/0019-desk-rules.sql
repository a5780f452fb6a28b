-- How a class works at the desk, the life of its labels, and the addresses that posts had before.

ALTER TABLE classes ADD COLUMN desk JSON NOT NULL DEFAULT '{}' COMMENT 'DeskRules; what is not named is as at first';

CREATE TABLE label_changes (
  class_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  label VARCHAR(60) NOT NULL,
  becomes VARCHAR(60) NULL COMMENT 'Null for one that was taken away',
  changed_at DATETIME(3) NOT NULL,
  PRIMARY KEY (class_id, label),
  FOREIGN KEY (class_id) REFERENCES classes (id) ON DELETE CASCADE
) COMMENT 'What a label that is in snapshots is called now; the snapshots keep the old one';

CREATE TABLE label_proposals (
  class_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  label VARCHAR(60) NOT NULL,
  post_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  proposed_at DATETIME(3) NOT NULL,
  PRIMARY KEY (class_id, label),
  FOREIGN KEY (class_id) REFERENCES classes (id) ON DELETE CASCADE,
  FOREIGN KEY (post_id) REFERENCES posts (id) ON DELETE CASCADE
) COMMENT 'A label that a writer used and that waits for a teacher';

CREATE TABLE post_addresses (
  class_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  address VARCHAR(80) NOT NULL,
  post_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  PRIMARY KEY (class_id, address),
  FOREIGN KEY (class_id) REFERENCES classes (id) ON DELETE CASCADE,
  FOREIGN KEY (post_id) REFERENCES posts (id) ON DELETE CASCADE
) COMMENT 'An address that a post had before; it leads on to the present one';

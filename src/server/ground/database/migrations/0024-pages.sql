-- Pages of a class blog: what does not belong to a day, such as how the class comments.

CREATE TABLE pages (
  id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL PRIMARY KEY,
  class_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  address VARCHAR(80) NOT NULL COMMENT 'Made from the title until readers have seen it',
  title VARCHAR(300) NOT NULL,
  body MEDIUMTEXT NOT NULL COMMENT 'A document as JSON text: what is written now, which readers may not see yet',
  place INT NOT NULL COMMENT 'Its place among the pages of the class',
  version INT NOT NULL DEFAULT 1 COMMENT 'Counts each save, so that a save from an older base is noticed',
  audience VARCHAR(20) CHARACTER SET ascii COLLATE ascii_bin NULL COMMENT 'Who reads the latest shown revision; null for nobody',
  asked_audience VARCHAR(20) CHARACTER SET ascii COLLATE ascii_bin NULL
    COMMENT 'Before whom a student editor would like it, which takes a teacher',
  asked_by VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NULL,
  changed_at DATETIME(3) NOT NULL,
  changed_by VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NULL,
  UNIQUE KEY pages_address (class_id, address),
  FOREIGN KEY (class_id) REFERENCES classes (id) ON DELETE CASCADE,
  FOREIGN KEY (asked_by) REFERENCES people (id) ON DELETE SET NULL,
  FOREIGN KEY (changed_by) REFERENCES people (id) ON DELETE SET NULL
) COMMENT 'A page of a class blog, which its teachers and student editors tend together';

CREATE TABLE page_revisions (
  id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL PRIMARY KEY,
  page_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  title VARCHAR(300) NOT NULL,
  body MEDIUMTEXT NOT NULL COMMENT 'A document as JSON text',
  written_by VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NULL COMMENT 'Who changed it last',
  written_at DATETIME(3) NOT NULL,
  shown_at DATETIME(3) NULL COMMENT 'When it was put before readers; null for what was only kept before somebody else wrote on',
  KEY page_revisions_page (page_id, written_at),
  FOREIGN KEY (page_id) REFERENCES pages (id) ON DELETE CASCADE,
  FOREIGN KEY (written_by) REFERENCES people (id) ON DELETE SET NULL
) COMMENT 'A page as it was once; readers see the one that was shown last';

CREATE TABLE page_pictures (
  page_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  picture_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  shown BOOLEAN NOT NULL DEFAULT FALSE COMMENT 'Whether it stands in what readers see',
  PRIMARY KEY (page_id, picture_id),
  FOREIGN KEY (page_id) REFERENCES pages (id) ON DELETE CASCADE,
  FOREIGN KEY (picture_id) REFERENCES pictures (id) ON DELETE CASCADE
) COMMENT 'That a page shows a picture';

CREATE TABLE page_handouts (
  page_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  handout_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  shown BOOLEAN NOT NULL DEFAULT FALSE COMMENT 'Whether it stands in what readers see',
  PRIMARY KEY (page_id, handout_id),
  FOREIGN KEY (page_id) REFERENCES pages (id) ON DELETE CASCADE,
  FOREIGN KEY (handout_id) REFERENCES handouts (id) ON DELETE CASCADE
) COMMENT 'That a page has a file with it';

-- Whoever reads can tell a teacher that something is wrong.

CREATE TABLE concerns (
  id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL PRIMARY KEY,
  class_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  post_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  told_by VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NULL COMMENT 'Null for a reader who is not signed in',
  words TEXT NOT NULL,
  told_at DATETIME(3) NOT NULL,
  seen_by VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NULL,
  seen_at DATETIME(3) NULL,
  KEY concerns_class (class_id, seen_at),
  FOREIGN KEY (class_id) REFERENCES classes (id),
  FOREIGN KEY (post_id) REFERENCES posts (id) ON DELETE CASCADE,
  FOREIGN KEY (told_by) REFERENCES people (id) ON DELETE SET NULL,
  FOREIGN KEY (seen_by) REFERENCES people (id) ON DELETE SET NULL
) COMMENT 'That a reader told the teachers of a class about a post';

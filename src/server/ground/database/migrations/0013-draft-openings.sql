-- A draft may be opened for a safety concern, by a teacher and an administrator together.

CREATE TABLE draft_openings (
  id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL PRIMARY KEY,
  class_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  post_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  asked_by VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  asked_at DATETIME(3) NOT NULL,
  reason TEXT NOT NULL COMMENT 'What the teacher fears',
  harm VARCHAR(300) NOT NULL COMMENT 'Why telling the writer would do harm; empty where the writer is told',
  decided_by VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NULL,
  decided_at DATETIME(3) NULL,
  agreed BOOLEAN NOT NULL DEFAULT FALSE,
  ends_at DATETIME(3) NULL COMMENT 'Until when both may read the draft',
  KEY draft_openings_class (class_id, asked_at),
  KEY draft_openings_post (post_id),
  FOREIGN KEY (class_id) REFERENCES classes (id),
  FOREIGN KEY (post_id) REFERENCES posts (id) ON DELETE CASCADE,
  FOREIGN KEY (asked_by) REFERENCES people (id),
  FOREIGN KEY (decided_by) REFERENCES people (id)
) COMMENT 'That a teacher asked to open a draft for a safety concern, and what an administrator said';

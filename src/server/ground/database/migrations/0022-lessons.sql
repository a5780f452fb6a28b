-- Instructions are documents, with files; an assignment may show a model post, be given to several classes and be
-- repeated.

-- Lines become paragraphs. JSON_QUOTE turns what would break a string, line ends among it, into signs of its own.
UPDATE assignments SET instructions = CASE WHEN TRIM(instructions) = ''
  THEN '{"type":"doc","content":[{"type":"paragraph"}]}'
  ELSE CONCAT('{"type":"doc","content":[{"type":"paragraph","content":[{"type":"text","text":',
    REPLACE(JSON_QUOTE(REGEXP_REPLACE(REGEXP_REPLACE(REPLACE(instructions, '\r', ''), '^\\s+|\\s+$', ''), '\\s*\n\\s*', '\n')),
      '\\n', '"}]},{"type":"paragraph","content":[{"type":"text","text":"'),
    '}]}]}') END;

ALTER TABLE assignments
  MODIFY instructions MEDIUMTEXT NOT NULL COMMENT 'A document as JSON text',
  ADD COLUMN model JSON NULL COMMENT 'A post to look at, title and body; null where there is none' AFTER growing,
  ADD COLUMN shared_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NULL
    COMMENT 'The same for one assignment in several classes' AFTER model,
  ADD COLUMN series JSON NULL COMMENT 'How it is repeated; students never see it itself' AFTER shared_id,
  ADD COLUMN series_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NULL
    COMMENT 'The assignment that it is one of the repetitions of' AFTER series,
  ADD COLUMN lesson_date DATE NULL COMMENT 'The day that it is for; fills {date}' AFTER series_id,
  ADD COLUMN week INT NULL COMMENT 'Fills {week}' AFTER lesson_date,
  ADD COLUMN opens_at DATETIME(3) NULL COMMENT 'When it is set by itself; null where a teacher sets it' AFTER week,
  ADD KEY assignments_shared (shared_id),
  ADD CONSTRAINT assignments_series FOREIGN KEY (series_id) REFERENCES assignments (id) ON DELETE SET NULL;

CREATE TABLE handouts (
  id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL PRIMARY KEY,
  class_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NULL COMMENT 'Where it was given out first; null once that class is gone',
  uploaded_by VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NULL,
  name VARCHAR(200) NOT NULL,
  size INT NOT NULL COMMENT 'Bytes',
  content_hash CHAR(64) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  created_at DATETIME(3) NOT NULL,
  KEY handouts_content (content_hash),
  FOREIGN KEY (class_id) REFERENCES classes (id) ON DELETE SET NULL,
  FOREIGN KEY (uploaded_by) REFERENCES people (id) ON DELETE SET NULL
) COMMENT 'A file that a teacher gives out; it lies in the storage under content_hash';

CREATE TABLE assignment_handouts (
  assignment_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  handout_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  PRIMARY KEY (assignment_id, handout_id),
  FOREIGN KEY (assignment_id) REFERENCES assignments (id) ON DELETE CASCADE,
  FOREIGN KEY (handout_id) REFERENCES handouts (id) ON DELETE CASCADE
) COMMENT 'That an assignment has a file with it: whoever may read the assignment may fetch the file';

CREATE TABLE assignment_pictures (
  assignment_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  picture_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  PRIMARY KEY (assignment_id, picture_id),
  FOREIGN KEY (assignment_id) REFERENCES assignments (id) ON DELETE CASCADE,
  FOREIGN KEY (picture_id) REFERENCES pictures (id) ON DELETE CASCADE
) COMMENT 'That an assignment shows a picture: whoever may read the assignment may see the picture';

-- What narrows or widens who reads, and what may be there once at most, comes one after the other.

CREATE TABLE class_gates (
  class_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL PRIMARY KEY,
  turns BIGINT NOT NULL DEFAULT 0,
  FOREIGN KEY (class_id) REFERENCES classes (id) ON DELETE CASCADE
) COMMENT 'Written to by each deed that must not run beside another of the same class';

INSERT INTO class_gates (class_id) SELECT id FROM classes;

CREATE TABLE install_gates (
  name VARCHAR(20) CHARACTER SET ascii COLLATE ascii_bin NOT NULL PRIMARY KEY,
  turns BIGINT NOT NULL DEFAULT 0
) COMMENT 'The same for what belongs to no class';

-- Work that is put on the list once, and who has taken a work.

ALTER TABLE jobs
  ADD COLUMN once VARCHAR(60) CHARACTER SET ascii COLLATE ascii_bin NULL COMMENT 'What is there once at most, such as a kind of work and its day',
  ADD COLUMN taken_by CHAR(16) CHARACTER SET ascii COLLATE ascii_bin NULL COMMENT 'The process that has it',
  ADD UNIQUE KEY jobs_once (once);

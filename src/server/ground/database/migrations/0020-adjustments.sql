-- What an assignment asks of one student otherwise than of the others.

CREATE TABLE adjustments (
  assignment_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  person_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  due_at DATETIME(3) NULL COMMENT 'Null where the assignment''s own holds',
  left_out JSON NOT NULL COMMENT 'Ids of requirements',
  limits JSON NOT NULL COMMENT 'Other limits by the id of the requirement',
  made_by VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NULL,
  made_at DATETIME(3) NOT NULL,
  PRIMARY KEY (assignment_id, person_id),
  FOREIGN KEY (assignment_id) REFERENCES assignments (id) ON DELETE CASCADE,
  FOREIGN KEY (person_id) REFERENCES people (id) ON DELETE CASCADE,
  FOREIGN KEY (made_by) REFERENCES people (id) ON DELETE SET NULL
) COMMENT 'What an assignment asks of one student otherwise; only they and the teachers know';

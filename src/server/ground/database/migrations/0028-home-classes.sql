-- A student has one class whose teachers speak for them; other classes ask before they take them in.

ALTER TABLE people
  ADD COLUMN home_class_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NULL
    COMMENT 'The class whose teachers give out passcodes and change what is known of a student; null for grown-ups, and once that class is gone',
  ADD CONSTRAINT people_home_class FOREIGN KEY (home_class_id) REFERENCES classes (id) ON DELETE SET NULL;

UPDATE people SET home_class_id = (
    SELECT class_id FROM memberships WHERE person_id = people.id AND role IN ('student', 'studentEditor')
    ORDER BY joined_at, class_id LIMIT 1)
  WHERE account IS NULL;

CREATE TABLE join_requests (
  class_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL COMMENT 'The class that asks',
  person_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  group_name VARCHAR(60) NULL COMMENT 'The group there',
  asked_by VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NULL,
  asked_at DATETIME(3) NOT NULL,
  declined_at DATETIME(3) NULL COMMENT 'When the home class or an administrator said no; null while it waits',
  PRIMARY KEY (class_id, person_id),
  KEY join_requests_person (person_id),
  FOREIGN KEY (class_id) REFERENCES classes (id) ON DELETE CASCADE,
  FOREIGN KEY (person_id) REFERENCES people (id) ON DELETE CASCADE,
  FOREIGN KEY (asked_by) REFERENCES people (id) ON DELETE SET NULL
) COMMENT 'That a class would like to take in a student of another';

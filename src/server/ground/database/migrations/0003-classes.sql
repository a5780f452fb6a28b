-- Teachers make classes, settle them step by step, and put them to rest.

ALTER TABLE people
  ADD COLUMN account VARCHAR(16) NULL COMMENT 'teacher or administrator of the install; null for everybody else';

UPDATE people SET account = 'teacher'
  WHERE id IN (SELECT person_id FROM memberships WHERE role IN ('teacher', 'coTeacher'));

ALTER TABLE classes
  ADD COLUMN terms JSON NOT NULL DEFAULT '[]' COMMENT 'Terms with their first and last day',
  ADD COLUMN holidays JSON NOT NULL DEFAULT '[]' COMMENT 'Days without school, each with its first and last day',
  ADD COLUMN school_days JSON NOT NULL DEFAULT '[1,2,3,4,5]' COMMENT 'Days of the week with school, 1 for Monday',
  ADD COLUMN editors_read BOOLEAN NOT NULL DEFAULT FALSE COMMENT 'Whether student editors read what was handed in',
  ADD COLUMN search_engines BOOLEAN NOT NULL DEFAULT FALSE COMMENT 'Whether public posts may be found by search engines',
  ADD COLUMN settled_at DATETIME(3) NULL COMMENT 'When its teacher had gone through all steps of the set-up',
  ADD COLUMN rested_at DATETIME(3) NULL COMMENT 'Since when the class is read only',
  ADD COLUMN copied_from VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NULL,
  ADD CONSTRAINT classes_copied_from FOREIGN KEY (copied_from) REFERENCES classes (id);

UPDATE classes SET settled_at = created_at;

CREATE TABLE class_addresses (
  address VARCHAR(60) NOT NULL PRIMARY KEY,
  class_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  since DATETIME(3) NOT NULL,
  KEY class_addresses_class (class_id),
  FOREIGN KEY (class_id) REFERENCES classes (id)
) COMMENT 'An address that a class has or had: old ones lead on to the present one, and nobody else gets them';

INSERT INTO class_addresses (address, class_id, since) SELECT address, id, created_at FROM classes;

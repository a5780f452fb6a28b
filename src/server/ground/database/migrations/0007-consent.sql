-- What a child's writing may be shown for, outside the class, is a matter of consent.

CREATE TABLE consents (
  id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL PRIMARY KEY,
  person_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  given_by VARCHAR(200) NOT NULL COMMENT 'The name of who gave it',
  relation VARCHAR(20) NOT NULL COMMENT 'mother, father, guardian or self',
  purposes JSON NOT NULL COMMENT 'penName, firstName, pictures, voice',
  given_on DATE NOT NULL,
  until_day DATE NULL COMMENT 'The last day on which it holds',
  recorded_by VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  recorded_at DATETIME(3) NOT NULL,
  withdrawn_at DATETIME(3) NULL,
  withdrawn_by VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NULL,
  KEY consents_person (person_id),
  FOREIGN KEY (person_id) REFERENCES people (id),
  FOREIGN KEY (recorded_by) REFERENCES people (id),
  FOREIGN KEY (withdrawn_by) REFERENCES people (id)
) COMMENT 'A consent: who gave it, in what relation, when, for what, until when; withdrawn ones stay as a record';

ALTER TABLE classes
  ADD COLUMN consent_needed BOOLEAN NOT NULL DEFAULT TRUE
    COMMENT 'Whether writing goes beyond the class only with consent; a school of adults may do without';

-- Signing in again leads to the class that was looked at last.

ALTER TABLE people
  ADD COLUMN last_class_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NULL,
  ADD CONSTRAINT people_last_class FOREIGN KEY (last_class_id) REFERENCES classes (id) ON DELETE SET NULL;

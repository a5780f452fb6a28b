-- Requirements that a teacher keeps to use again.

CREATE TABLE requirement_sets (
  id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL PRIMARY KEY,
  owner_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  title VARCHAR(120) NOT NULL,
  requirements JSON NOT NULL,
  shared BOOLEAN NOT NULL COMMENT 'Whether the other teachers of the install may use it',
  kept_at DATETIME(3) NOT NULL,
  KEY requirement_sets_owner (owner_id),
  FOREIGN KEY (owner_id) REFERENCES people (id) ON DELETE CASCADE
) COMMENT 'Requirements that a teacher keeps to use again';

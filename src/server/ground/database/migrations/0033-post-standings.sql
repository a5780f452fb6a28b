-- How a post stands, kept beside it: a list of posts measures none of them that has not changed.

CREATE TABLE post_standings (
  post_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL PRIMARY KEY,
  version INT NOT NULL COMMENT 'The version of the draft that was measured',
  measured_by CHAR(32) CHARACTER SET ascii COLLATE ascii_bin NOT NULL COMMENT 'A hash of all that it was measured by',
  measured_at DATETIME(3) NOT NULL,
  slats TEXT NOT NULL COMMENT 'A picket for each requirement, as JSON text',
  FOREIGN KEY (post_id) REFERENCES posts (id) ON DELETE CASCADE
) COMMENT 'How the draft of a post stood when it was measured last';

-- What stands beside a post's body, what an assignment offers to begin with, and what a teacher looks for by eye.

ALTER TABLE posts ADD COLUMN beside JSON NOT NULL DEFAULT '{}'
  COMMENT 'Subtitle, teaser, cover picture, what the writer confirmed';
ALTER TABLE revisions ADD COLUMN beside JSON NOT NULL DEFAULT '{}' COMMENT 'As in posts';

ALTER TABLE assignments
  ADD COLUMN starters JSON NOT NULL DEFAULT '[]' COMMENT 'Sentence starters in groups',
  ADD COLUMN outline JSON NOT NULL DEFAULT '[]' COMMENT 'Headings that a new post begins with';

ALTER TABLE classes
  ADD COLUMN words JSON NOT NULL DEFAULT '[]' COMMENT 'Spellings that the class allows beside the dictionary';

CREATE TABLE requirement_judgements (
  post_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  requirement_id VARCHAR(60) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  judgement VARCHAR(8) NOT NULL COMMENT 'yes, partly or no',
  judged_by VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  judged_at DATETIME(3) NOT NULL,
  PRIMARY KEY (post_id, requirement_id),
  FOREIGN KEY (post_id) REFERENCES posts (id),
  FOREIGN KEY (judged_by) REFERENCES people (id)
) COMMENT 'What a teacher said to a requirement that is looked for by eye';

-- What a class says under its published posts.

CREATE TABLE comments (
  id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL PRIMARY KEY,
  post_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  author_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  text TEXT NOT NULL,
  words INT NOT NULL,
  written_at DATETIME(3) NOT NULL,
  hidden_at DATETIME(3) NULL,
  hidden_by VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NULL,
  KEY comments_post (post_id, written_at),
  KEY comments_author (author_id),
  FOREIGN KEY (post_id) REFERENCES posts (id) ON DELETE CASCADE,
  FOREIGN KEY (author_id) REFERENCES people (id) ON DELETE CASCADE,
  FOREIGN KEY (hidden_by) REFERENCES people (id) ON DELETE SET NULL
) COMMENT 'What somebody of the class wrote under a published post; a hidden one only its author and those who tend comments see';

ALTER TABLE concerns
  ADD COLUMN comment_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NULL COMMENT 'Where it is about a comment' AFTER post_id,
  ADD CONSTRAINT concerns_comment FOREIGN KEY (comment_id) REFERENCES comments (id) ON DELETE CASCADE;

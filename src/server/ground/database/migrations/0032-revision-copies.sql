-- What is needed of a revision that was handed in, kept beside it when it is made: lists and readers' pages never open a body.

CREATE TABLE revision_copies (
  revision_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL PRIMARY KEY,
  renderer INT NOT NULL COMMENT 'The number of what made it; older ones are made again before the house opens',
  plain_text MEDIUMTEXT NOT NULL,
  html MEDIUMTEXT NOT NULL COMMENT 'As readers are given it',
  teaser TEXT NOT NULL COMMENT 'What stands for it in lists',
  words INT NOT NULL,
  cover TEXT NULL COMMENT 'The picture that stands for it, as JSON text; null where there is none',
  headings MEDIUMTEXT NOT NULL COMMENT 'Its headings with the names of their places, as JSON text',
  FOREIGN KEY (revision_id) REFERENCES revisions (id) ON DELETE CASCADE
) COMMENT 'What is read often of a revision that was handed in; made of the revision alone';

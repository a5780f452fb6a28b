-- How long a school keeps what is not needed any more, and when it was last backed up.

CREATE TABLE retention (
  what VARCHAR(20) CHARACTER SET ascii COLLATE ascii_bin NOT NULL PRIMARY KEY
    COMMENT 'revisions, readings, logs or leftPosts',
  months INT NOT NULL COMMENT 'How long it is kept'
) COMMENT 'What is deleted by itself after a time; what has no row here is kept';

CREATE TABLE backups (
  id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL PRIMARY KEY,
  made_at DATETIME(3) NOT NULL,
  bytes BIGINT NOT NULL
) COMMENT 'That a backup of the whole install was made';

-- Posts can be for people who know a passphrase: of the class, or of one post.

ALTER TABLE classes ADD COLUMN passphrase_hash VARCHAR(200) NULL, ADD COLUMN passphrase_since DATETIME(3) NULL;
ALTER TABLE posts ADD COLUMN passphrase_hash VARCHAR(200) NULL, ADD COLUMN passphrase_since DATETIME(3) NULL;

CREATE TABLE passphrases_shown (
  device_hash BINARY(32) NOT NULL,
  class_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  post_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL DEFAULT ''
    COMMENT 'Empty for the passphrase of the whole class',
  at DATETIME(3) NOT NULL,
  PRIMARY KEY (device_hash, class_id, post_id),
  KEY passphrases_shown_class (class_id, post_id),
  FOREIGN KEY (class_id) REFERENCES classes (id)
) COMMENT 'That a device has shown a passphrase; forgotten when that is changed. Only the hash of the device''s token is kept';

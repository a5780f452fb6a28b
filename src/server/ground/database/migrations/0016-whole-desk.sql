-- Whether addresses open for a stranger, shared documents as they were handed in, stills of videos, pages at work.

CREATE TABLE looked_links (
  address_hash CHAR(64) CHARACTER SET ascii COLLATE ascii_bin NOT NULL PRIMARY KEY COMMENT 'SHA-256 of the address',
  address TEXT NOT NULL COMMENT 'As the WHATWG URL parser writes it',
  result ENUM('opens', 'private', 'missing', 'unreachable') NOT NULL,
  looked_at DATETIME(3) NOT NULL,
  asked_by VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NULL COMMENT 'Null for the install itself',
  KEY looked_links_asked (asked_by, looked_at),
  FOREIGN KEY (asked_by) REFERENCES people (id) ON DELETE SET NULL
) COMMENT 'How a stranger fared at an address when it was last looked at';

CREATE TABLE document_copies (
  revision_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  address_hash CHAR(64) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  address TEXT NOT NULL,
  text MEDIUMTEXT NOT NULL,
  copied_at DATETIME(3) NOT NULL,
  PRIMARY KEY (revision_id, address_hash),
  FOREIGN KEY (revision_id) REFERENCES revisions (id) ON DELETE CASCADE
) COMMENT 'What a shared document said when the post that names it was handed in';

ALTER TABLE pictures ADD COLUMN purpose ENUM('picture', 'still') NOT NULL DEFAULT 'picture'
  COMMENT 'Added by a person, or the still of a video';

CREATE TABLE post_visits (
  post_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  page CHAR(36) CHARACTER SET ascii COLLATE ascii_bin NOT NULL COMMENT 'Drawn by lot by the page itself',
  seen_at DATETIME(3) NOT NULL,
  PRIMARY KEY (post_id, page),
  FOREIGN KEY (post_id) REFERENCES posts (id) ON DELETE CASCADE
) COMMENT 'A page that has a post open to write, and its last sign of life';

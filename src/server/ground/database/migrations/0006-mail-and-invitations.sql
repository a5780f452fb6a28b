-- Work that is done beside the requests, mail among it; invitations; forgotten passwords; sessions that can be told apart.

CREATE TABLE jobs (
  id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL PRIMARY KEY,
  kind VARCHAR(30) NOT NULL,
  payload JSON NULL COMMENT 'What the work needs; forgotten once it is done',
  run_at DATETIME(3) NOT NULL,
  tries INT NOT NULL DEFAULT 0,
  taken_until DATETIME(3) NULL COMMENT 'Until when a process has it; after that it is free again',
  done_at DATETIME(3) NULL,
  failed_at DATETIME(3) NULL COMMENT 'When it was given up',
  problem VARCHAR(300) NULL,
  made_at DATETIME(3) NOT NULL,
  KEY jobs_waiting (done_at, failed_at, run_at)
) COMMENT 'Work to be done beside the requests, tried again with growing pauses';

CREATE TABLE invitations (
  id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL PRIMARY KEY,
  class_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  role VARCHAR(20) NOT NULL,
  email VARCHAR(254) NOT NULL,
  person_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NULL COMMENT 'The student of the roster that it is for',
  token_hash BINARY(32) NOT NULL,
  invited_by VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  sent_at DATETIME(3) NOT NULL,
  expires_at DATETIME(3) NOT NULL,
  accepted_at DATETIME(3) NULL,
  accepted_by VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NULL,
  withdrawn_at DATETIME(3) NULL,
  UNIQUE KEY invitations_token (token_hash),
  KEY invitations_class (class_id, sent_at),
  FOREIGN KEY (class_id) REFERENCES classes (id),
  FOREIGN KEY (person_id) REFERENCES people (id),
  FOREIGN KEY (invited_by) REFERENCES people (id),
  FOREIGN KEY (accepted_by) REFERENCES people (id)
) COMMENT 'That somebody was asked by mail into a class; only the hash of the link''s token is kept';

CREATE TABLE password_resets (
  token_hash BINARY(32) NOT NULL PRIMARY KEY,
  person_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  expires_at DATETIME(3) NOT NULL,
  used_at DATETIME(3) NULL,
  KEY password_resets_person (person_id),
  FOREIGN KEY (person_id) REFERENCES people (id)
) COMMENT 'A link for choosing a new password; only the hash of its token is kept';

ALTER TABLE sessions
  ADD COLUMN id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL DEFAULT '' COMMENT 'By which a session is named to its own person',
  ADD COLUMN device VARCHAR(120) NOT NULL DEFAULT '' COMMENT 'Kind of browser and system, as the browser says it',
  ADD COLUMN idle_ms INT NOT NULL DEFAULT 43200000 COMMENT 'How long it lives without use, in milliseconds';

-- A try is taken before it is made and given back when it was right; each limit has a name of its own.

DROP TABLE sign_in_attempts;

CREATE TABLE limits (
  name VARCHAR(24) CHARACTER SET ascii COLLATE ascii_bin NOT NULL COMMENT 'Which limit, see LIMITS',
  subject VARCHAR(300) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL
    COMMENT 'Whose or what tries are counted: a person, an e-mail address, a network address, a class',
  taken INT NOT NULL COMMENT 'Tries since begun_at that were not given back',
  refused BOOLEAN NOT NULL DEFAULT FALSE COMMENT 'Whether the last one was refused',
  begun_at DATETIME(3) NOT NULL,
  held_until DATETIME(3) NULL COMMENT 'Until when further tries are refused, or when the next is let through',
  PRIMARY KEY (name, subject),
  KEY limits_begun (begun_at)
) COMMENT 'How many tries were taken of what is limited';

CREATE TABLE known_devices (
  person_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  device_hash BINARY(32) NOT NULL,
  at DATETIME(3) NOT NULL,
  PRIMARY KEY (person_id, device_hash),
  FOREIGN KEY (person_id) REFERENCES people (id) ON DELETE CASCADE
) COMMENT 'That somebody signed in on a device before: what others try elsewhere does not lock them out there';

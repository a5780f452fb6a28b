-- A class, its people, their posts. Who may read a post, who has read it and its grade are three tables, so that no
-- state ever mixes them.

CREATE TABLE people (
  id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL PRIMARY KEY,
  given_name VARCHAR(80) NOT NULL,
  family_name VARCHAR(80) NOT NULL,
  pen_name VARCHAR(80) NULL,
  email VARCHAR(254) NULL,
  password_hash VARCHAR(200) NULL,
  passcode_hash VARCHAR(200) NULL,
  created_at DATETIME(3) NOT NULL,
  UNIQUE KEY people_email (email)
) COMMENT 'A person, once for the whole install; adults sign in with e-mail and password, children with a passcode';

CREATE TABLE classes (
  id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL PRIMARY KEY,
  address VARCHAR(60) NOT NULL,
  title VARCHAR(120) NOT NULL,
  group_name VARCHAR(40) NOT NULL,
  subtitle VARCHAR(200) NOT NULL,
  school_name VARCHAR(120) NOT NULL,
  code VARCHAR(20) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  time_zone VARCHAR(60) NOT NULL,
  language VARCHAR(20) NOT NULL,
  ceiling VARCHAR(20) NOT NULL,
  naming_rule VARCHAR(24) NOT NULL,
  created_at DATETIME(3) NOT NULL,
  UNIQUE KEY classes_address (address),
  UNIQUE KEY classes_code (code)
) COMMENT 'A class blog with its privacy settings';

CREATE TABLE class_labels (
  class_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  label VARCHAR(60) NOT NULL,
  PRIMARY KEY (class_id, label),
  FOREIGN KEY (class_id) REFERENCES classes (id)
) COMMENT 'A label of the class''s own set';

CREATE TABLE memberships (
  class_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  person_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  role VARCHAR(20) NOT NULL,
  joined_at DATETIME(3) NOT NULL,
  PRIMARY KEY (class_id, person_id),
  KEY memberships_person (person_id),
  FOREIGN KEY (class_id) REFERENCES classes (id),
  FOREIGN KEY (person_id) REFERENCES people (id)
) COMMENT 'That a person belongs to a class, and as what';

CREATE TABLE sessions (
  token_hash BINARY(32) NOT NULL PRIMARY KEY,
  person_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  class_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NULL,
  created_at DATETIME(3) NOT NULL,
  used_at DATETIME(3) NOT NULL,
  expires_at DATETIME(3) NOT NULL,
  KEY sessions_person (person_id),
  FOREIGN KEY (person_id) REFERENCES people (id),
  FOREIGN KEY (class_id) REFERENCES classes (id)
) COMMENT 'A signed-in browser; only the hash of its token is kept. class_id is the class it looks at';

CREATE TABLE sign_in_attempts (
  id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL PRIMARY KEY,
  account VARCHAR(254) NOT NULL,
  address VARCHAR(45) NOT NULL,
  at DATETIME(3) NOT NULL,
  KEY sign_in_attempts_account (account, at),
  KEY sign_in_attempts_address (address, at)
) COMMENT 'A sign-in that failed, for limiting further attempts per account and per address';

CREATE TABLE assignments (
  id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL PRIMARY KEY,
  class_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  number INT NOT NULL,
  title VARCHAR(200) NOT NULL,
  instructions TEXT NOT NULL,
  due_at DATETIME(3) NULL,
  requirements JSON NOT NULL,
  rubric JSON NOT NULL,
  late_rule JSON NOT NULL,
  audience VARCHAR(20) NOT NULL,
  release_rule VARCHAR(20) NOT NULL,
  missing_rule VARCHAR(10) NOT NULL,
  drafts_open BOOLEAN NOT NULL,
  set_at DATETIME(3) NULL,
  opened_at DATETIME(3) NULL,
  version INT NOT NULL,
  created_by VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  created_at DATETIME(3) NOT NULL,
  KEY assignments_class (class_id, due_at),
  FOREIGN KEY (class_id) REFERENCES classes (id),
  FOREIGN KEY (created_by) REFERENCES people (id)
) COMMENT 'An assignment; students see it from set_at on. opened_at: when the teacher opened the whole set to readers';

CREATE TABLE pictures (
  id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL PRIMARY KEY,
  class_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  uploaded_by VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  content_hash CHAR(64) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  perceptual_hash CHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  width INT NOT NULL,
  height INT NOT NULL,
  created_at DATETIME(3) NOT NULL,
  KEY pictures_class (class_id),
  FOREIGN KEY (class_id) REFERENCES classes (id),
  FOREIGN KEY (uploaded_by) REFERENCES people (id)
) COMMENT 'An uploaded picture; its files lie in the storage under content_hash';

CREATE TABLE posts (
  id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL PRIMARY KEY,
  class_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  assignment_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  writer_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  stage VARCHAR(12) NOT NULL,
  title VARCHAR(300) NOT NULL,
  labels JSON NOT NULL,
  body JSON NOT NULL,
  audience VARCHAR(20) NULL,
  address VARCHAR(80) NULL,
  version INT NOT NULL,
  begun_at DATETIME(3) NOT NULL,
  saved_at DATETIME(3) NOT NULL,
  UNIQUE KEY posts_one_each (assignment_id, writer_id),
  UNIQUE KEY posts_address (class_id, address),
  KEY posts_writer (writer_id),
  FOREIGN KEY (class_id) REFERENCES classes (id),
  FOREIGN KEY (assignment_id) REFERENCES assignments (id),
  FOREIGN KEY (writer_id) REFERENCES people (id)
) COMMENT 'A post and its draft, which only its writer reads. audience: the narrower one that its writer asked for';

CREATE TABLE revisions (
  id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL PRIMARY KEY,
  post_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  kind VARCHAR(12) NOT NULL,
  title VARCHAR(300) NOT NULL,
  labels JSON NOT NULL,
  body JSON NOT NULL,
  created_at DATETIME(3) NOT NULL,
  KEY revisions_post (post_id, created_at),
  FOREIGN KEY (post_id) REFERENCES posts (id)
) COMMENT 'A post as it stood at one moment; never changed. kind: saved, branch (a save from an older base) or handIn';

CREATE TABLE revision_pictures (
  revision_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  picture_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  PRIMARY KEY (revision_id, picture_id),
  KEY revision_pictures_picture (picture_id),
  FOREIGN KEY (revision_id) REFERENCES revisions (id),
  FOREIGN KEY (picture_id) REFERENCES pictures (id)
) COMMENT 'That a revision shows a picture: whoever may read the revision may see it';

CREATE TABLE hand_ins (
  id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL PRIMARY KEY,
  post_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  revision_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  ordinal INT NOT NULL,
  receipt INT NOT NULL,
  evidence JSON NOT NULL,
  words INT NOT NULL,
  handed_in_at DATETIME(3) NOT NULL,
  taken_back_at DATETIME(3) NULL,
  UNIQUE KEY hand_ins_ordinal (post_id, ordinal),
  UNIQUE KEY hand_ins_receipt (receipt),
  KEY hand_ins_time (handed_in_at),
  FOREIGN KEY (post_id) REFERENCES posts (id),
  FOREIGN KEY (revision_id) REFERENCES revisions (id)
) COMMENT 'A hand-in: which revision, when, and the evidence as the server computed it then';

CREATE TABLE readings (
  hand_in_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  teacher_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  first_read_at DATETIME(3) NOT NULL,
  PRIMARY KEY (hand_in_id, teacher_id),
  FOREIGN KEY (hand_in_id) REFERENCES hand_ins (id),
  FOREIGN KEY (teacher_id) REFERENCES people (id)
) COMMENT 'Who has read it: that a teacher opened a hand-in, and when first';

CREATE TABLE decisions (
  id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL PRIMARY KEY,
  hand_in_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  teacher_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  decision VARCHAR(12) NOT NULL,
  at DATETIME(3) NOT NULL,
  KEY decisions_hand_in (hand_in_id, at),
  FOREIGN KEY (hand_in_id) REFERENCES hand_ins (id),
  FOREIGN KEY (teacher_id) REFERENCES people (id)
) COMMENT 'That a teacher sent a hand-in back or accepted it';

CREATE TABLE publications (
  id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL PRIMARY KEY,
  post_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  revision_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  audience VARCHAR(20) NOT NULL,
  since DATETIME(3) NOT NULL,
  until DATETIME(3) NULL,
  published_by VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  KEY publications_post (post_id, until),
  KEY publications_since (since),
  FOREIGN KEY (post_id) REFERENCES posts (id),
  FOREIGN KEY (revision_id) REFERENCES revisions (id),
  FOREIGN KEY (published_by) REFERENCES people (id)
) COMMENT 'Who may read it: a revision before an audience, since when; until is set when another took its place or it was taken down';

CREATE TABLE judgements (
  post_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  criterion_id VARCHAR(60) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  level INT NOT NULL,
  judged_by VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  judged_at DATETIME(3) NOT NULL,
  PRIMARY KEY (post_id, criterion_id),
  FOREIGN KEY (post_id) REFERENCES posts (id),
  FOREIGN KEY (judged_by) REFERENCES people (id)
) COMMENT 'The level that a teacher chose for a criterion';

CREATE TABLE grades (
  post_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL PRIMARY KEY,
  override_grade DECIMAL(10, 4) NULL,
  override_reason VARCHAR(300) NULL,
  given_back_at DATETIME(3) NULL,
  given_back JSON NULL,
  set_by VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  set_at DATETIME(3) NOT NULL,
  FOREIGN KEY (post_id) REFERENCES posts (id),
  FOREIGN KEY (set_by) REFERENCES people (id)
) COMMENT 'The grade: a teacher''s own figure, and the grade as it was given back with the lines that made it';

CREATE TABLE notes (
  id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL PRIMARY KEY,
  post_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  hand_in_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  author_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  text TEXT NOT NULL,
  created_at DATETIME(3) NOT NULL,
  KEY notes_post (post_id, created_at),
  FOREIGN KEY (post_id) REFERENCES posts (id),
  FOREIGN KEY (hand_in_id) REFERENCES hand_ins (id),
  FOREIGN KEY (author_id) REFERENCES people (id)
) COMMENT 'What a teacher wrote to the writer about a hand-in';

CREATE TABLE audit_log (
  id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL PRIMARY KEY,
  class_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NULL,
  actor_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NULL,
  use_case VARCHAR(40) NOT NULL,
  subject_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NULL,
  at DATETIME(3) NOT NULL,
  KEY audit_log_class (class_id, at)
) COMMENT 'Who did what to what, without any of its text';

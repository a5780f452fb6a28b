-- The whole house. What a row means for others when it goes stands at each reference: a post takes all that is of it along;
-- a class and a person hold on to their posts, so that these are erased one by one before. Who taught stays while there is
-- anything that they decided.

-- Classes and their people.

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
  passcode_kind VARCHAR(10) NOT NULL DEFAULT 'pictures' COMMENT 'What new sign-in cards carry',
  names_typed BOOLEAN NOT NULL DEFAULT FALSE COMMENT 'Names are typed at the sign-in instead of chosen from a list',
  terms JSON NOT NULL DEFAULT '[]' COMMENT 'Terms with their first and last day',
  holidays JSON NOT NULL DEFAULT '[]' COMMENT 'Days without school, each with its first and last day',
  school_days JSON NOT NULL DEFAULT '[1,2,3,4,5]' COMMENT 'Days of the week with school, 1 for Monday',
  editors_read BOOLEAN NOT NULL DEFAULT FALSE COMMENT 'Whether student editors read what was handed in',
  search_engines BOOLEAN NOT NULL DEFAULT FALSE COMMENT 'Whether public posts may be found by search engines',
  settled_at DATETIME(3) NULL COMMENT 'When its teacher had gone through all steps of the set-up',
  rested_at DATETIME(3) NULL COMMENT 'Since when the class is read only',
  copied_from VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NULL,
  passphrase_hash VARCHAR(200) NULL,
  passphrase_since DATETIME(3) NULL,
  origin_since DATETIME(3) NULL COMMENT 'Teachers may open where a text came from that was begun since then; null for none',
  consent_needed BOOLEAN NOT NULL DEFAULT TRUE
    COMMENT 'Whether writing goes beyond the class only with consent; a school of adults may do without',
  look VARCHAR(16) NOT NULL DEFAULT 'gate',
  banner VARCHAR(16) NOT NULL DEFAULT 'fence',
  lettering VARCHAR(16) NOT NULL DEFAULT 'book',
  archived_at DATETIME(3) NULL COMMENT 'When its archive was last taken',
  deleted_at DATETIME(3) NULL COMMENT 'Since when the class is to be deleted',
  erase_at DATETIME(3) NULL COMMENT 'When everything of the class goes for good',
  words JSON NOT NULL DEFAULT '[]' COMMENT 'Spellings that the class allows beside the dictionary',
  desk JSON NOT NULL DEFAULT '{}' COMMENT 'DeskRules; what is not named is as at first',
  away JSON NOT NULL DEFAULT '{}' COMMENT 'AwayRule; what is not named is as at first',
  comment_rules JSON NOT NULL DEFAULT '{}' COMMENT 'CommentRules; what is not named is as at first',
  shown_version VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL DEFAULT ''
    COMMENT 'Another one after each change of shown_posts and shown_labels, never the same again',
  number INT UNSIGNED NOT NULL AUTO_INCREMENT COMMENT 'Stands before each of its words in the search',
  UNIQUE KEY classes_number (number),
  UNIQUE KEY classes_address (address),
  UNIQUE KEY classes_code (code),
  FOREIGN KEY (copied_from) REFERENCES classes (id) ON DELETE SET NULL
) COMMENT 'A class blog with its privacy settings';

CREATE TABLE class_addresses (
  address VARCHAR(60) NOT NULL PRIMARY KEY,
  class_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  since DATETIME(3) NOT NULL,
  KEY class_addresses_class (class_id),
  FOREIGN KEY (class_id) REFERENCES classes (id) ON DELETE CASCADE
) COMMENT 'An address that a class has or had: old ones lead on to the present one, and nobody else gets them';

CREATE TABLE class_gates (
  class_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL PRIMARY KEY,
  turns BIGINT NOT NULL DEFAULT 0,
  FOREIGN KEY (class_id) REFERENCES classes (id) ON DELETE CASCADE
) COMMENT 'Written to by each deed that must not run beside another of the same class';

CREATE TABLE install_gates (
  name VARCHAR(20) CHARACTER SET ascii COLLATE ascii_bin NOT NULL PRIMARY KEY,
  turns BIGINT NOT NULL DEFAULT 0
) COMMENT 'The same for what belongs to no class';

CREATE TABLE people (
  id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL PRIMARY KEY,
  given_name VARCHAR(400) NOT NULL,
  family_name VARCHAR(400) NOT NULL,
  pen_name VARCHAR(80) NULL,
  school_id VARCHAR(100) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NULL
    COMMENT 'The school''s own identifier, as imports carry it',
  email VARCHAR(254) NULL,
  language VARCHAR(8) CHARACTER SET ascii COLLATE ascii_bin NULL
    COMMENT 'The language that they chose to be spoken to; null for the one of their class',
  mail_choice VARCHAR(10) CHARACTER SET ascii COLLATE ascii_bin NOT NULL DEFAULT 'daily'
    COMMENT 'How soon they are written to about what waits for them: atOnce, daily or never',
  password_hash VARCHAR(200) NULL,
  passcode_hash VARCHAR(200) NULL,
  passcode_kind VARCHAR(10) NULL COMMENT 'pictures or digits',
  passcode_made_at DATETIME(3) NULL,
  created_at DATETIME(3) NOT NULL,
  last_seen_at DATETIME(3) NULL,
  account VARCHAR(16) NULL COMMENT 'teacher or administrator of the install; null for everybody else',
  last_class_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NULL,
  deleted_at DATETIME(3) NULL COMMENT 'Since when the person is to be deleted',
  erase_at DATETIME(3) NULL COMMENT 'When everything of the person goes for good',
  seal_key BINARY(32) NOT NULL DEFAULT (RANDOM_BYTES(32))
    COMMENT 'Seals what of theirs is not saved yet and waits on a device; told to nobody but them',
  school_subject VARCHAR(255) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NULL
    COMMENT 'Who somebody is at the school''s own sign-in (the OpenID Connect claim sub)',
  home_class_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NULL
    COMMENT 'The class whose teachers give out passcodes and change what is known of a student; null for grown-ups, and once that class is gone',
  UNIQUE KEY people_email (email),
  UNIQUE KEY people_school_id (school_id),
  UNIQUE KEY people_school_subject (school_subject),
  KEY people_erase (erase_at),
  KEY people_deleted (deleted_at),
  KEY people_given (given_name),
  FOREIGN KEY (home_class_id) REFERENCES classes (id) ON DELETE SET NULL,
  FOREIGN KEY (last_class_id) REFERENCES classes (id) ON DELETE SET NULL
) COMMENT 'A person, once for the whole install; adults sign in with e-mail and password, children with a passcode';

CREATE TABLE memberships (
  class_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  person_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  role VARCHAR(20) NOT NULL,
  joined_at DATETIME(3) NOT NULL,
  group_in_class VARCHAR(60) NULL COMMENT 'A group within the class',
  left_at DATETIME(3) NULL COMMENT 'Since when the person is no longer in the class; what they wrote stays',
  until DATETIME(3) NULL COMMENT 'When the last day of somebody who is let in for a while is over; null for everybody else',
  PRIMARY KEY (class_id, person_id),
  KEY memberships_person (person_id),
  FOREIGN KEY (class_id) REFERENCES classes (id) ON DELETE CASCADE,
  FOREIGN KEY (person_id) REFERENCES people (id) ON DELETE CASCADE
) COMMENT 'That a person belongs to a class, and as what';

CREATE TABLE absences (
  id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL PRIMARY KEY,
  person_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  from_day DATE NOT NULL,
  to_day DATE NOT NULL COMMENT 'The last day; included',
  made_by VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NULL,
  made_at DATETIME(3) NOT NULL,
  UNIQUE KEY absences_days (person_id, from_day, to_day),
  FOREIGN KEY (person_id) REFERENCES people (id) ON DELETE CASCADE,
  FOREIGN KEY (made_by) REFERENCES people (id) ON DELETE SET NULL
) COMMENT 'From when to when somebody is not there, once for all of their classes; never why';

CREATE TABLE left_lines (
  class_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  person_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  words TEXT NOT NULL,
  version INT NOT NULL,
  at DATETIME(3) NOT NULL,
  PRIMARY KEY (class_id, person_id),
  FOREIGN KEY (class_id) REFERENCES classes (id) ON DELETE CASCADE,
  FOREIGN KEY (person_id) REFERENCES people (id) ON DELETE CASCADE
) COMMENT 'What a teacher of a class leaves to the others who take it over: one line each';

CREATE TABLE family_ties (
  reader_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  child_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  class_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  granted_by VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NULL,
  granted_at DATETIME(3) NOT NULL,
  ended_at DATETIME(3) NULL,
  PRIMARY KEY (reader_id, child_id, class_id),
  FOREIGN KEY (reader_id) REFERENCES people (id) ON DELETE CASCADE,
  FOREIGN KEY (child_id) REFERENCES people (id) ON DELETE CASCADE,
  FOREIGN KEY (class_id) REFERENCES classes (id) ON DELETE CASCADE,
  FOREIGN KEY (granted_by) REFERENCES people (id) ON DELETE SET NULL
) COMMENT 'That a reader is family of a child in a class';

CREATE TABLE duties (
  person_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  duty VARCHAR(12) CHARACTER SET ascii COLLATE ascii_bin NOT NULL COMMENT 'safety, deputy or head',
  since DATETIME(3) NOT NULL,
  until DATE NULL COMMENT 'The last day; null for one without an end',
  PRIMARY KEY (person_id, duty),
  FOREIGN KEY (person_id) REFERENCES people (id) ON DELETE CASCADE
) COMMENT 'What a person looks after in the whole school, beside their classes';

CREATE TABLE join_requests (
  class_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL COMMENT 'The class that asks',
  person_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  group_name VARCHAR(60) NULL COMMENT 'The group there',
  asked_by VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NULL,
  asked_at DATETIME(3) NOT NULL,
  declined_at DATETIME(3) NULL COMMENT 'When the home class or an administrator said no; null while it waits',
  PRIMARY KEY (class_id, person_id),
  KEY join_requests_person (person_id),
  FOREIGN KEY (class_id) REFERENCES classes (id) ON DELETE CASCADE,
  FOREIGN KEY (person_id) REFERENCES people (id) ON DELETE CASCADE,
  FOREIGN KEY (asked_by) REFERENCES people (id) ON DELETE SET NULL
) COMMENT 'That a class would like to take in a student of another';

CREATE TABLE invitations (
  id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL PRIMARY KEY,
  class_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  role VARCHAR(20) NOT NULL,
  email VARCHAR(254) NOT NULL,
  person_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NULL COMMENT 'The student of the roster that it is for',
  until DATETIME(3) NULL COMMENT 'When the last day of who is let in for a while is over; null for everybody else',
  token_hash BINARY(32) NOT NULL,
  invited_by VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  sent_at DATETIME(3) NOT NULL,
  expires_at DATETIME(3) NOT NULL,
  accepted_at DATETIME(3) NULL,
  accepted_by VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NULL,
  withdrawn_at DATETIME(3) NULL,
  UNIQUE KEY invitations_token (token_hash),
  KEY invitations_class (class_id, sent_at),
  FOREIGN KEY (class_id) REFERENCES classes (id) ON DELETE CASCADE,
  FOREIGN KEY (person_id) REFERENCES people (id) ON DELETE SET NULL,
  FOREIGN KEY (invited_by) REFERENCES people (id),
  FOREIGN KEY (accepted_by) REFERENCES people (id) ON DELETE CASCADE
) COMMENT 'That somebody was asked by mail into a class; only the hash of the link''s token is kept';

CREATE TABLE consents (
  id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL PRIMARY KEY,
  person_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  given_by VARCHAR(200) NOT NULL COMMENT 'The name of who gave it',
  relation VARCHAR(20) NOT NULL COMMENT 'mother, father, guardian or self',
  purposes JSON NOT NULL COMMENT 'penName, firstName, pictures, voice',
  given_on DATE NOT NULL,
  until_day DATE NULL COMMENT 'The last day on which it holds',
  recorded_by VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  recorded_at DATETIME(3) NOT NULL,
  withdrawn_at DATETIME(3) NULL,
  withdrawn_by VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NULL,
  KEY consents_person (person_id),
  FOREIGN KEY (person_id) REFERENCES people (id) ON DELETE CASCADE,
  FOREIGN KEY (recorded_by) REFERENCES people (id),
  FOREIGN KEY (withdrawn_by) REFERENCES people (id)
) COMMENT 'A consent: who gave it, in what relation, when, for what, until when; withdrawn ones stay as a record';

-- Signing in.

CREATE TABLE sessions (
  token_hash BINARY(32) NOT NULL PRIMARY KEY,
  person_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  class_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NULL,
  created_at DATETIME(3) NOT NULL,
  used_at DATETIME(3) NOT NULL,
  expires_at DATETIME(3) NOT NULL,
  id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL DEFAULT ''
    COMMENT 'By which a session is named to its own person',
  device VARCHAR(120) NOT NULL DEFAULT '' COMMENT 'Kind of browser and system, as the browser says it',
  idle_ms INT NOT NULL DEFAULT 43200000 COMMENT 'How long it lives without use, in milliseconds',
  KEY sessions_person (person_id),
  FOREIGN KEY (person_id) REFERENCES people (id) ON DELETE CASCADE,
  FOREIGN KEY (class_id) REFERENCES classes (id) ON DELETE SET NULL
) COMMENT 'A signed-in browser; only the hash of its token is kept. class_id is the class it looks at';

CREATE TABLE known_devices (
  person_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  device_hash BINARY(32) NOT NULL,
  at DATETIME(3) NOT NULL,
  PRIMARY KEY (person_id, device_hash),
  FOREIGN KEY (person_id) REFERENCES people (id) ON DELETE CASCADE
) COMMENT 'That somebody signed in on a device before: what others try elsewhere does not lock them out there';

CREATE TABLE password_resets (
  token_hash BINARY(32) NOT NULL PRIMARY KEY,
  person_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  expires_at DATETIME(3) NOT NULL,
  used_at DATETIME(3) NULL,
  KEY password_resets_person (person_id),
  FOREIGN KEY (person_id) REFERENCES people (id) ON DELETE CASCADE
) COMMENT 'A link for choosing a new password; only the hash of its token is kept';

CREATE TABLE passphrases_shown (
  device_hash BINARY(32) NOT NULL,
  class_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  at DATETIME(3) NOT NULL,
  PRIMARY KEY (device_hash, class_id),
  FOREIGN KEY (class_id) REFERENCES classes (id) ON DELETE CASCADE
) COMMENT 'That a device has shown the passphrase of a class; forgotten when that is changed. Only the hash of the device''s token is kept';

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

-- Labels of a class.

CREATE TABLE labels (
  id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL PRIMARY KEY,
  class_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  name VARCHAR(60) NOT NULL,
  meaning VARCHAR(120) NOT NULL DEFAULT ''
    COMMENT 'What it is given to, for whoever chooses it; empty where its name says it',
  drawing VARCHAR(30) NULL COMMENT 'One of those that the application has; none where the words are enough',
  brought_by VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NULL
    COMMENT 'The writer whose hand-in brought it; null for a teacher''s',
  UNIQUE KEY labels_name (class_id, name),
  FOREIGN KEY (class_id) REFERENCES classes (id) ON DELETE CASCADE,
  FOREIGN KEY (brought_by) REFERENCES people (id) ON DELETE SET NULL
) COMMENT 'A label of a class''s own set';

CREATE TABLE label_changes (
  class_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  label VARCHAR(60) NOT NULL,
  becomes VARCHAR(60) NULL COMMENT 'Null for one that was taken away',
  changed_at DATETIME(3) NOT NULL,
  PRIMARY KEY (class_id, label),
  FOREIGN KEY (class_id) REFERENCES classes (id) ON DELETE CASCADE
) COMMENT 'What a label that is in snapshots is called now; the snapshots keep the old one';

-- Pictures and files.

CREATE TABLE pictures (
  id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL PRIMARY KEY,
  class_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  uploaded_by VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  content_hash CHAR(64) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  perceptual_hash CHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  width INT NOT NULL,
  height INT NOT NULL,
  created_at DATETIME(3) NOT NULL,
  purpose ENUM('picture','still') NOT NULL DEFAULT 'picture' COMMENT 'Added by a person, or the still of a video',
  taken_out_at DATETIME(3) NULL COMMENT 'When a teacher took it out of the class pictures',
  taken_out_by VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NULL,
  told_at DATETIME(3) NULL COMMENT 'When somebody said who is in it; null where nobody has',
  told_by VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NULL,
  others ENUM('none','there','agreed') NOT NULL DEFAULT 'none' COMMENT 'Whether others than the class are in it, and have agreed',
  KEY pictures_class (class_id),
  FOREIGN KEY (class_id) REFERENCES classes (id) ON DELETE CASCADE,
  FOREIGN KEY (uploaded_by) REFERENCES people (id) ON DELETE CASCADE,
  FOREIGN KEY (taken_out_by) REFERENCES people (id) ON DELETE SET NULL,
  FOREIGN KEY (told_by) REFERENCES people (id) ON DELETE SET NULL
) COMMENT 'An uploaded picture; its files lie in the storage under content_hash';

CREATE TABLE picture_people (
  picture_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  person_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  PRIMARY KEY (picture_id, person_id),
  KEY picture_people_person (person_id),
  FOREIGN KEY (picture_id) REFERENCES pictures (id) ON DELETE CASCADE,
  FOREIGN KEY (person_id) REFERENCES people (id) ON DELETE CASCADE
) COMMENT 'Which people of the class are in a picture: their consent to be in pictures decides who may see it';

CREATE TABLE handouts (
  id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL PRIMARY KEY,
  class_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NULL
    COMMENT 'Where it was given out first; null once that class is gone',
  uploaded_by VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NULL,
  name VARCHAR(200) NOT NULL,
  size INT NOT NULL COMMENT 'Bytes',
  content_hash CHAR(64) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  created_at DATETIME(3) NOT NULL,
  KEY handouts_content (content_hash),
  FOREIGN KEY (class_id) REFERENCES classes (id) ON DELETE SET NULL,
  FOREIGN KEY (uploaded_by) REFERENCES people (id) ON DELETE CASCADE
) COMMENT 'A file that a teacher gives out; it lies in the storage under content_hash';

-- Assignments.

CREATE TABLE gradebooks (
  class_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL PRIMARY KEY,
  counting VARCHAR(8) NOT NULL COMMENT 'points or equal',
  missing VARCHAR(8) NOT NULL COMMENT 'zero or leftOut',
  cap DECIMAL(7,3) NULL COMMENT 'No total goes beyond so many per cent',
  rounding DECIMAL(7,3) NOT NULL,
  bands JSON NOT NULL,
  version INT NOT NULL,
  FOREIGN KEY (class_id) REFERENCES classes (id) ON DELETE CASCADE
) COMMENT 'By which rules a class makes its figures; none where nobody has said otherwise than at first';

CREATE TABLE grade_categories (
  id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL PRIMARY KEY,
  class_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  place INT NOT NULL,
  title VARCHAR(60) NOT NULL,
  weight DECIMAL(10,3) NOT NULL,
  drop_lowest INT NOT NULL COMMENT 'So many of its lowest cells are left out',
  FOREIGN KEY (class_id) REFERENCES gradebooks (class_id) ON DELETE CASCADE
) COMMENT 'Columns of a gradebook that count together';

CREATE TABLE assignments (
  id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL PRIMARY KEY,
  class_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  number INT NOT NULL,
  title VARCHAR(200) NOT NULL,
  instructions MEDIUMTEXT NOT NULL COMMENT 'A document as JSON text',
  due_at DATETIME(3) NULL,
  requirements JSON NOT NULL,
  rubric JSON NOT NULL,
  late_rule JSON NOT NULL,
  audience VARCHAR(20) NOT NULL,
  release_rule VARCHAR(20) NOT NULL,
  missing_rule VARCHAR(10) NOT NULL,
  drafts_open BOOLEAN NOT NULL,
  hides_names BOOLEAN NOT NULL DEFAULT FALSE COMMENT 'Whether teachers judge it without seeing whose it is, until grades are given back',
  set_at DATETIME(3) NULL,
  opened_at DATETIME(3) NULL,
  version INT NOT NULL,
  created_by VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  created_at DATETIME(3) NOT NULL,
  starters JSON NOT NULL DEFAULT '[]' COMMENT 'Sentence starters in groups',
  outline JSON NOT NULL DEFAULT '[]' COMMENT 'Headings that a new post begins with',
  picture_width INT NOT NULL DEFAULT 100 COMMENT 'How wide new pictures begin, in per cent of the text',
  growing JSON NULL COMMENT 'Growing; null for posts that are written once',
  model LONGTEXT CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NULL
    COMMENT 'A post to look at, title and body, as JSON text; null where there is none',
  shared_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NULL
    COMMENT 'The same for one assignment in several classes',
  series JSON NULL COMMENT 'How it is repeated; students never see it itself',
  series_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NULL
    COMMENT 'The assignment that it is one of the repetitions of',
  lesson_date DATE NULL COMMENT 'The day that it is for; fills {date}',
  week INT NULL COMMENT 'Fills {week}',
  opens_at DATETIME(3) NULL COMMENT 'When it is set by itself; null where a teacher sets it',
  put_away_at DATETIME(3) NULL COMMENT 'Since when it is out of the way: nobody begins it any more, and what was begun stays',
  category_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NULL COMMENT 'In which its column of the gradebook counts',
  deleted_at DATETIME(3) NULL COMMENT 'Since when it is to be deleted, with its posts',
  erase_at DATETIME(3) NULL COMMENT 'When it goes for good',
  KEY assignments_class (class_id, due_at),
  KEY assignments_shared (shared_id),
  KEY assignments_deleted (deleted_at),
  FOREIGN KEY (class_id) REFERENCES classes (id) ON DELETE CASCADE,
  FOREIGN KEY (created_by) REFERENCES people (id),
  FOREIGN KEY (series_id) REFERENCES assignments (id) ON DELETE SET NULL,
  FOREIGN KEY (category_id) REFERENCES grade_categories (id) ON DELETE SET NULL
) COMMENT 'An assignment; students see it from set_at on. opened_at: when the teacher opened the whole set to readers';

CREATE TABLE own_columns (
  id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL PRIMARY KEY,
  class_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  category_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NULL COMMENT 'In which it counts',
  title VARCHAR(80) NOT NULL,
  possible DECIMAL(10,3) NOT NULL,
  day DATE NULL COMMENT 'When it was',
  made_by VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  made_at DATETIME(3) NOT NULL,
  KEY own_columns_class (class_id),
  FOREIGN KEY (class_id) REFERENCES classes (id) ON DELETE CASCADE,
  FOREIGN KEY (category_id) REFERENCES grade_categories (id) ON DELETE SET NULL,
  FOREIGN KEY (made_by) REFERENCES people (id)
) COMMENT 'A column of a gradebook that no post stands behind: an oral, a test';

CREATE TABLE own_figures (
  column_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  person_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  figure DECIMAL(10,3) NULL COMMENT 'Null where it was taken away again',
  back DECIMAL(10,3) NULL COMMENT 'As the student was told it last; null where they were not',
  back_at DATETIME(3) NULL,
  back_before DECIMAL(10,3) NULL COMMENT 'What they had been told before that, where it was something else',
  back_reason VARCHAR(300) NULL COMMENT 'Why it became something else',
  typed_by VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  typed_at DATETIME(3) NOT NULL,
  PRIMARY KEY (column_id, person_id),
  KEY own_figures_person (person_id),
  FOREIGN KEY (column_id) REFERENCES own_columns (id) ON DELETE CASCADE,
  FOREIGN KEY (person_id) REFERENCES people (id) ON DELETE CASCADE,
  FOREIGN KEY (typed_by) REFERENCES people (id)
) COMMENT 'What a teacher typed into such a column for a student';

CREATE TABLE term_weights (
  class_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  term DATE NOT NULL COMMENT 'Its first day',
  weight DECIMAL(10,3) NOT NULL,
  PRIMARY KEY (class_id, term),
  FOREIGN KEY (class_id) REFERENCES classes (id) ON DELETE CASCADE
) COMMENT 'How much a term counts in its year; 1 where nobody has said otherwise';

CREATE TABLE final_marks (
  class_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  term VARCHAR(10) CHARACTER SET ascii COLLATE ascii_bin NOT NULL COMMENT 'Its first day, or year',
  person_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  mark VARCHAR(40) NOT NULL,
  reason VARCHAR(300) NOT NULL,
  set_by VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  set_at DATETIME(3) NOT NULL,
  PRIMARY KEY (class_id, term, person_id),
  KEY final_marks_person (person_id),
  FOREIGN KEY (class_id) REFERENCES classes (id) ON DELETE CASCADE,
  FOREIGN KEY (person_id) REFERENCES people (id) ON DELETE CASCADE,
  FOREIGN KEY (set_by) REFERENCES people (id)
) COMMENT 'A mark that a teacher gave in place of the computed one';

CREATE TABLE closed_terms (
  class_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  term DATE NOT NULL COMMENT 'Its first day',
  last_day DATE NOT NULL,
  rules JSON NOT NULL COMMENT 'By which its figures were made',
  titles JSON NOT NULL COMMENT 'Of its columns, by id',
  unread INT NOT NULL COMMENT 'Posts that were not read',
  not_back INT NOT NULL COMMENT 'Figures that were not given back',
  reason VARCHAR(300) NULL COMMENT 'Why it was closed all the same',
  closed_by VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  closed_at DATETIME(3) NOT NULL,
  PRIMARY KEY (class_id, term),
  FOREIGN KEY (class_id) REFERENCES classes (id) ON DELETE CASCADE,
  FOREIGN KEY (closed_by) REFERENCES people (id)
) COMMENT 'A term whose marks stand still';

CREATE TABLE closed_marks (
  class_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  term DATE NOT NULL,
  person_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  overall DECIMAL(16,6) NULL COMMENT 'Per cent',
  letter VARCHAR(40) NULL,
  unread INT NOT NULL COMMENT 'Of this student',
  not_back INT NOT NULL,
  cells MEDIUMTEXT CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL COMMENT 'What it was made of, as JSON text',
  PRIMARY KEY (class_id, term, person_id),
  KEY closed_marks_person (person_id),
  FOREIGN KEY (class_id, term) REFERENCES closed_terms (class_id, term) ON DELETE CASCADE,
  FOREIGN KEY (person_id) REFERENCES people (id) ON DELETE CASCADE
) COMMENT 'The total of a student in a closed term';

CREATE TABLE marks_setups (
  class_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL PRIMARY KEY,
  setup JSON NOT NULL,
  kept_by VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  kept_at DATETIME(3) NOT NULL,
  KEY marks_setups_by (kept_by, kept_at),
  FOREIGN KEY (class_id) REFERENCES classes (id) ON DELETE CASCADE,
  FOREIGN KEY (kept_by) REFERENCES people (id)
) COMMENT 'How the school''s system wants its file of marks';

CREATE TABLE marks_taken (
  class_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  term VARCHAR(10) CHARACTER SET ascii COLLATE ascii_bin NOT NULL COMMENT 'Its first day, or year',
  marks JSON NOT NULL COMMENT 'By student',
  taken_by VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  taken_at DATETIME(3) NOT NULL,
  PRIMARY KEY (class_id, term),
  FOREIGN KEY (class_id) REFERENCES classes (id) ON DELETE CASCADE,
  FOREIGN KEY (taken_by) REFERENCES people (id)
) COMMENT 'The marks of a term as a file took them along last';

CREATE TABLE own_lines (
  class_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  teacher_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  person_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  words VARCHAR(1000) NOT NULL,
  kept_at DATETIME(3) NOT NULL,
  PRIMARY KEY (class_id, teacher_id, person_id),
  KEY own_lines_person (person_id),
  KEY own_lines_time (kept_at),
  FOREIGN KEY (class_id) REFERENCES classes (id) ON DELETE CASCADE,
  FOREIGN KEY (teacher_id) REFERENCES people (id) ON DELETE CASCADE,
  FOREIGN KEY (person_id) REFERENCES people (id) ON DELETE CASCADE
) COMMENT 'A line of a teacher about a student, for nobody else; it goes along when the student''s data is asked for';

CREATE TABLE adjustments (
  assignment_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  person_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  due_at DATETIME(3) NULL COMMENT 'Null where the assignment''s own holds',
  left_out JSON NOT NULL COMMENT 'Ids of requirements',
  limits JSON NOT NULL COMMENT 'Other limits by the id of the requirement',
  excused_at DATETIME(3) NULL COMMENT 'Since when nothing is asked of them; null for most',
  asked_anyway BOOLEAN NOT NULL DEFAULT FALSE COMMENT 'Whether it is asked of them though the class excuses who is away',
  made_by VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NULL,
  made_at DATETIME(3) NOT NULL,
  PRIMARY KEY (assignment_id, person_id),
  FOREIGN KEY (assignment_id) REFERENCES assignments (id) ON DELETE CASCADE,
  FOREIGN KEY (person_id) REFERENCES people (id) ON DELETE CASCADE,
  FOREIGN KEY (made_by) REFERENCES people (id) ON DELETE SET NULL
) COMMENT 'What an assignment asks of one student otherwise; only they and the teachers know';

CREATE TABLE reminders (
  assignment_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  person_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  words VARCHAR(1000) NOT NULL,
  reminded_by VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NULL,
  at DATETIME(3) NOT NULL,
  PRIMARY KEY (assignment_id, person_id),
  FOREIGN KEY (assignment_id) REFERENCES assignments (id) ON DELETE CASCADE,
  FOREIGN KEY (person_id) REFERENCES people (id) ON DELETE CASCADE,
  FOREIGN KEY (reminded_by) REFERENCES people (id) ON DELETE SET NULL
) COMMENT 'What a teacher reminded a student of last; it stands on their Today until they hand in';

CREATE TABLE assignment_pictures (
  assignment_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  picture_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  PRIMARY KEY (assignment_id, picture_id),
  FOREIGN KEY (assignment_id) REFERENCES assignments (id) ON DELETE CASCADE,
  FOREIGN KEY (picture_id) REFERENCES pictures (id) ON DELETE CASCADE
) COMMENT 'That an assignment shows a picture: whoever may read the assignment may see the picture';

CREATE TABLE assignment_handouts (
  assignment_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  handout_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  PRIMARY KEY (assignment_id, handout_id),
  FOREIGN KEY (assignment_id) REFERENCES assignments (id) ON DELETE CASCADE,
  FOREIGN KEY (handout_id) REFERENCES handouts (id) ON DELETE CASCADE
) COMMENT 'That an assignment has a file with it: whoever may read the assignment may fetch the file';

CREATE TABLE given_sources (
  id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  assignment_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  name VARCHAR(2000) NOT NULL COMMENT 'The name of a file or text, or an address',
  words INT NOT NULL,
  body LONGTEXT CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL COMMENT 'A document as JSON text',
  comparable MEDIUMTEXT CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL COMMENT 'Its words as others are compared with them',
  added_at DATETIME(3) NOT NULL,
  PRIMARY KEY (assignment_id, id),
  FOREIGN KEY (assignment_id) REFERENCES assignments (id) ON DELETE CASCADE
) COMMENT 'Texts that own words are compared with; no student ever sees one. The same id in each class that has the assignment';

CREATE TABLE requirement_sets (
  id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL PRIMARY KEY,
  owner_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  title VARCHAR(120) NOT NULL,
  requirements JSON NOT NULL,
  shared BOOLEAN NOT NULL COMMENT 'Whether the other teachers of the install may use it',
  kept_at DATETIME(3) NOT NULL,
  KEY requirement_sets_owner (owner_id),
  FOREIGN KEY (owner_id) REFERENCES people (id) ON DELETE CASCADE
) COMMENT 'Requirements that a teacher keeps to use again';

-- Posts: what is written, kept and handed in.

CREATE TABLE posts (
  id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL PRIMARY KEY,
  class_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  assignment_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NULL COMMENT 'Null for a post that nobody asked for',
  kind VARCHAR(12) NOT NULL DEFAULT 'assigned' COMMENT 'assigned, own (without an assignment) or news (of a teacher)',
  writer_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  stage VARCHAR(12) NOT NULL,
  title VARCHAR(300) NOT NULL,
  labels JSON NOT NULL,
  body LONGTEXT CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL COMMENT 'A document as JSON text',
  audience VARCHAR(20) NULL,
  address VARCHAR(80) NULL,
  asked_address VARCHAR(80) NULL COMMENT 'The address that its writer would like, while it waits for a teacher',
  version INT NOT NULL,
  begun_at DATETIME(3) NOT NULL,
  saved_at DATETIME(3) NOT NULL,
  passphrase_hash VARCHAR(200) NULL,
  passphrase_since DATETIME(3) NULL,
  kept_at_top_since DATETIME(3) NULL COMMENT 'Since when it stands before the others; null for most',
  beside JSON NOT NULL DEFAULT '{}' COMMENT 'Subtitle, teaser, cover picture, what the writer confirmed',
  typed_in_by VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NULL COMMENT 'The teacher who typed in for its writer what was done on paper',
  types_in VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NULL COMMENT 'The same while they may still write in it',
  sitting INT NOT NULL DEFAULT 1 COMMENT 'The sitting that its words are counted to now',
  drawn_number INT NULL COMMENT 'Drawn by lot when it was begun; stands for its writer while names are hidden',
  UNIQUE KEY posts_one_each (assignment_id, writer_id),
  UNIQUE KEY posts_drawn (assignment_id, drawn_number),
  UNIQUE KEY posts_address (class_id, address),
  KEY posts_writer (writer_id),
  KEY posts_stage (class_id, stage, assignment_id, writer_id),
  FOREIGN KEY (class_id) REFERENCES classes (id),
  FOREIGN KEY (assignment_id) REFERENCES assignments (id),
  FOREIGN KEY (writer_id) REFERENCES people (id),
  FOREIGN KEY (typed_in_by) REFERENCES people (id) ON DELETE SET NULL,
  FOREIGN KEY (types_in) REFERENCES people (id) ON DELETE SET NULL
) COMMENT 'A post and its draft, which only its writer reads. audience: the narrower one that its writer asked for';

CREATE TABLE names_looked_at (
  post_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  person_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  at DATETIME(3) NOT NULL,
  PRIMARY KEY (post_id, person_id),
  FOREIGN KEY (post_id) REFERENCES posts (id) ON DELETE CASCADE,
  FOREIGN KEY (person_id) REFERENCES people (id) ON DELETE CASCADE
) COMMENT 'Teachers who looked whose a post is while names were hidden';

CREATE TABLE post_addresses (
  class_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  address VARCHAR(80) NOT NULL,
  post_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  PRIMARY KEY (class_id, address),
  FOREIGN KEY (class_id) REFERENCES classes (id) ON DELETE CASCADE,
  FOREIGN KEY (post_id) REFERENCES posts (id) ON DELETE CASCADE
) COMMENT 'An address that a post had before; it leads on to the present one';

CREATE TABLE post_visits (
  post_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  page CHAR(36) CHARACTER SET ascii COLLATE ascii_bin NOT NULL COMMENT 'Drawn by lot by the page itself',
  seen_at DATETIME(3) NOT NULL,
  PRIMARY KEY (post_id, page),
  FOREIGN KEY (post_id) REFERENCES posts (id) ON DELETE CASCADE
) COMMENT 'A page that has a post open to write, and its last sign of life';

CREATE TABLE label_proposals (
  class_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  label VARCHAR(60) NOT NULL,
  post_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  proposed_at DATETIME(3) NOT NULL,
  PRIMARY KEY (class_id, label),
  FOREIGN KEY (class_id) REFERENCES classes (id) ON DELETE CASCADE,
  FOREIGN KEY (post_id) REFERENCES posts (id) ON DELETE CASCADE
) COMMENT 'A label that a writer used and that waits for a teacher';

CREATE TABLE post_standings (
  post_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL PRIMARY KEY,
  version INT NOT NULL COMMENT 'The version of the draft that was measured',
  measured_by CHAR(32) CHARACTER SET ascii COLLATE ascii_bin NOT NULL COMMENT 'A hash of all that it was measured by',
  measured_at DATETIME(3) NOT NULL,
  slats TEXT NOT NULL COMMENT 'A picket for each requirement, as JSON text',
  FOREIGN KEY (post_id) REFERENCES posts (id) ON DELETE CASCADE
) COMMENT 'How the draft of a post stood when it was measured last';

CREATE TABLE revisions (
  id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL PRIMARY KEY,
  post_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  kind VARCHAR(12) NOT NULL,
  title VARCHAR(300) NOT NULL,
  labels JSON NOT NULL,
  body LONGTEXT CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL COMMENT 'A document as JSON text',
  created_at DATETIME(3) NOT NULL,
  beside JSON NOT NULL DEFAULT '{}' COMMENT 'As in posts',
  KEY revisions_post (post_id, created_at),
  FOREIGN KEY (post_id) REFERENCES posts (id) ON DELETE CASCADE
) COMMENT 'A post as it stood at one moment; never changed. kind: saved, branch (a save from an older base) or handIn';

CREATE TABLE revision_pictures (
  revision_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  picture_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  description VARCHAR(1000) NOT NULL DEFAULT '',
  caption VARCHAR(1000) NOT NULL DEFAULT '',
  credit VARCHAR(400) NOT NULL DEFAULT '',
  licence VARCHAR(40) NOT NULL DEFAULT '',
  PRIMARY KEY (revision_id, picture_id),
  KEY revision_pictures_picture (picture_id),
  FOREIGN KEY (revision_id) REFERENCES revisions (id) ON DELETE CASCADE,
  FOREIGN KEY (picture_id) REFERENCES pictures (id) ON DELETE CASCADE
) COMMENT 'That a revision shows a picture: whoever may read the revision may see it';

CREATE TABLE revision_copies (
  revision_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL PRIMARY KEY,
  renderer INT NOT NULL COMMENT 'The number of what made it; older ones are made again before the house opens',
  plain_text MEDIUMTEXT NOT NULL,
  html MEDIUMTEXT NOT NULL COMMENT 'As readers are given it',
  teaser TEXT NOT NULL COMMENT 'What stands for it in lists',
  words INT NOT NULL,
  cover TEXT NULL COMMENT 'The picture that stands for it, as JSON text; null where there is none',
  headings MEDIUMTEXT NOT NULL COMMENT 'Its headings with the names of their places, as JSON text',
  pictures INT NOT NULL,
  links INT NOT NULL COMMENT 'Web addresses that its links lead to, each counted once',
  documents MEDIUMTEXT NOT NULL COMMENT 'The shared documents that it names, as JSON text',
  comparable MEDIUMTEXT CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL COMMENT 'Its words as others are compared with them',
  fingerprints MEDIUMTEXT CHARACTER SET ascii COLLATE ascii_bin NOT NULL COMMENT 'Of its words, as JSON text',
  FOREIGN KEY (revision_id) REFERENCES revisions (id) ON DELETE CASCADE
) COMMENT 'What is read often of a revision that was handed in; made of the revision alone';

CREATE TABLE fingerprints (
  hash BIGINT UNSIGNED NOT NULL,
  class_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  post_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  PRIMARY KEY (hash, class_id, post_id),
  FOREIGN KEY (class_id) REFERENCES classes (id) ON DELETE CASCADE,
  FOREIGN KEY (post_id) REFERENCES posts (id) ON DELETE CASCADE
) COMMENT 'A few words in a row that the latest hand-in of a post has, as a number';

CREATE TABLE document_copies (
  revision_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  address_hash CHAR(64) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  address TEXT NOT NULL,
  text MEDIUMTEXT NOT NULL,
  copied_at DATETIME(3) NOT NULL,
  PRIMARY KEY (revision_id, address_hash),
  FOREIGN KEY (revision_id) REFERENCES revisions (id) ON DELETE CASCADE
) COMMENT 'What a shared document said when the post that names it was handed in';

CREATE TABLE hand_ins (
  id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL PRIMARY KEY,
  post_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  revision_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  ordinal INT NOT NULL,
  receipt INT NOT NULL,
  evidence JSON NOT NULL,
  counted TEXT AS (JSON_ARRAY(
    JSON_EXTRACT(evidence, '$.requirements[*].id'), JSON_EXTRACT(evidence, '$.requirements[*].kind'),
    JSON_EXTRACT(evidence, '$.requirements[*].state'), JSON_EXTRACT(evidence, '$.requirements[*].reason'),
    JSON_EXTRACT(evidence, '$.requirements[*].share'),
    JSON_EXTRACT(evidence, '$.requirements[*].earned'), JSON_EXTRACT(evidence, '$.requirements[*].possible')
  )) PERSISTENT COMMENT 'What of the evidence figures are made of: lists that stand side by side',
  words INT NOT NULL,
  pressed_at DATETIME(3) NULL COMMENT 'When its writer pressed, where that reached us later',
  received_at DATETIME(3) NULL COMMENT 'When it reached us, where that was later than it was pressed',
  handed_in_at DATETIME(3) NOT NULL COMMENT 'What counts: when it was pressed where that is allowed, else when it reached us',
  taken_back_at DATETIME(3) NULL,
  version INT NULL COMMENT 'The version of the draft that was handed in; null for those from before',
  sitting INT NOT NULL DEFAULT 0 COMMENT 'The last sitting of its writer before it',
  details JSON NOT NULL DEFAULT '[]' COMMENT 'Personal details in it by kind and key, as they were found then; never what they say',
  UNIQUE KEY hand_ins_ordinal (post_id, ordinal),
  UNIQUE KEY hand_ins_receipt (receipt),
  KEY hand_ins_time (handed_in_at),
  FOREIGN KEY (post_id) REFERENCES posts (id) ON DELETE CASCADE,
  FOREIGN KEY (revision_id) REFERENCES revisions (id) ON DELETE CASCADE
) COMMENT 'A hand-in: which revision, when, and the evidence as the server computed it then';

-- Who may read it, who has read it, and what was said to it.

CREATE TABLE sittings (
  post_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  number INT NOT NULL,
  day DATE NOT NULL COMMENT 'On which it began where the class is; no time is kept',
  written INT NOT NULL,
  pasted INT NOT NULL,
  back INT NOT NULL COMMENT 'Taken out before and come back',
  removed INT NOT NULL,
  PRIMARY KEY (post_id, number),
  FOREIGN KEY (post_id) REFERENCES posts (id) ON DELETE CASCADE
) COMMENT 'How many words each sitting brought to a post and took from it';

CREATE TABLE pieces_at_once (
  post_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  number INT NOT NULL,
  sitting INT NOT NULL,
  words MEDIUMBLOB NOT NULL COMMENT 'A number of 32 bits for each word, lowest byte first; never the words',
  PRIMARY KEY (post_id, number),
  FOREIGN KEY (post_id) REFERENCES posts (id) ON DELETE CASCADE
) COMMENT 'Pieces of many words that came to a post at once';

CREATE TABLE origin_openings (
  post_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  teacher_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  at DATETIME(3) NOT NULL,
  seen_at DATETIME(3) NULL COMMENT 'When its writer was at the page that tells of it',
  PRIMARY KEY (post_id, teacher_id, at),
  FOREIGN KEY (post_id) REFERENCES posts (id) ON DELETE CASCADE,
  FOREIGN KEY (teacher_id) REFERENCES people (id) ON DELETE CASCADE
) COMMENT 'That a teacher opened where a text came from';

CREATE TABLE alike_posts (
  hand_in_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  other_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  PRIMARY KEY (hand_in_id, other_id),
  FOREIGN KEY (hand_in_id) REFERENCES hand_ins (id) ON DELETE CASCADE,
  FOREIGN KEY (other_id) REFERENCES posts (id) ON DELETE CASCADE
) COMMENT 'That a passage of a hand-in stood in another post when it was handed in, where own words were asked for';

CREATE TABLE publications (
  id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL PRIMARY KEY,
  post_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  revision_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  audience VARCHAR(20) NOT NULL,
  since DATETIME(3) NOT NULL,
  until DATETIME(3) NULL,
  published_by VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  drawn_from VARCHAR(20) NULL COMMENT 'Where a lower ceiling or a consent that was taken back narrowed it: the audience before',
  KEY publications_post (post_id, until),
  KEY publications_since (since),
  FOREIGN KEY (post_id) REFERENCES posts (id) ON DELETE CASCADE,
  FOREIGN KEY (revision_id) REFERENCES revisions (id) ON DELETE CASCADE,
  FOREIGN KEY (published_by) REFERENCES people (id)
) COMMENT 'Who may read it: a revision before an audience, since when; until is set when another took its place or it was taken down';

CREATE TABLE planned_openings (
  post_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL PRIMARY KEY,
  audience VARCHAR(20) NOT NULL,
  details MEDIUMTEXT CHARACTER SET ascii COLLATE ascii_bin NOT NULL COMMENT 'The keys of the personal details that were seen, as JSON text',
  at DATETIME(3) NOT NULL,
  planned_by VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  planned_at DATETIME(3) NOT NULL,
  refused VARCHAR(60) NULL COMMENT 'Why it was not opened when its time came; null before that',
  FOREIGN KEY (post_id) REFERENCES posts (id) ON DELETE CASCADE,
  FOREIGN KEY (planned_by) REFERENCES people (id) ON DELETE CASCADE
) COMMENT 'To whom a post is to be opened at a time; until then nobody reads it because of it';

CREATE TABLE post_passphrases_shown (
  device_hash BINARY(32) NOT NULL,
  post_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  at DATETIME(3) NOT NULL,
  PRIMARY KEY (device_hash, post_id),
  FOREIGN KEY (post_id) REFERENCES posts (id) ON DELETE CASCADE
) COMMENT 'The same for a passphrase that a post has of its own';

CREATE TABLE readings (
  hand_in_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  teacher_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  first_read_at DATETIME(3) NOT NULL,
  PRIMARY KEY (hand_in_id, teacher_id),
  FOREIGN KEY (hand_in_id) REFERENCES hand_ins (id) ON DELETE CASCADE,
  FOREIGN KEY (teacher_id) REFERENCES people (id)
) COMMENT 'Who has read it: that a teacher opened a hand-in, and when first';

CREATE TABLE pile_orders (
  person_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL PRIMARY KEY,
  arranged VARCHAR(12) CHARACTER SET ascii COLLATE ascii_bin NOT NULL COMMENT 'assignment, oldest, class or second',
  class_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NULL COMMENT 'The one class whose posts lie on it; null for all of theirs',
  FOREIGN KEY (person_id) REFERENCES people (id) ON DELETE CASCADE,
  FOREIGN KEY (class_id) REFERENCES classes (id) ON DELETE SET NULL
) COMMENT 'How a teacher wants the reading pile to lie';

CREATE TABLE slip_readers (
  post_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  reader_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  seen_at DATETIME(3) NOT NULL COMMENT 'The last sign of life of the page on which they read it',
  open BOOLEAN NOT NULL COMMENT 'False once that page was left',
  taken BOOLEAN NOT NULL DEFAULT FALSE COMMENT 'Whether they said that they read this one',
  PRIMARY KEY (post_id, reader_id),
  FOREIGN KEY (post_id) REFERENCES posts (id) ON DELETE CASCADE,
  FOREIGN KEY (reader_id) REFERENCES people (id) ON DELETE CASCADE
) COMMENT 'Who of the teachers has a waiting post open, or has taken it; forgotten once it is answered';

CREATE TABLE decisions (
  id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL PRIMARY KEY,
  hand_in_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  teacher_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  decision VARCHAR(12) NOT NULL,
  at DATETIME(3) NOT NULL,
  until_at DATETIME(3) NULL COMMENT 'Until when it is asked for again; null where nobody said',
  first_words TEXT NULL COMMENT 'What its writer is to see to first',
  KEY decisions_hand_in (hand_in_id, at),
  FOREIGN KEY (hand_in_id) REFERENCES hand_ins (id) ON DELETE CASCADE,
  FOREIGN KEY (teacher_id) REFERENCES people (id)
) COMMENT 'That a teacher sent a hand-in back or accepted it';

CREATE TABLE judgements (
  post_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  criterion_id VARCHAR(60) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  reader_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  level INT NULL COMMENT 'Null where the reader took it back',
  ordinal INT NOT NULL COMMENT 'Counts what was said of the criterion; the last one holds',
  judged_at DATETIME(3) NOT NULL,
  PRIMARY KEY (post_id, criterion_id, reader_id),
  FOREIGN KEY (post_id) REFERENCES posts (id) ON DELETE CASCADE,
  FOREIGN KEY (reader_id) REFERENCES people (id)
) COMMENT 'The level that a reader of a post chose for a criterion; of the teachers who share a reading the last one counts';

CREATE TABLE requirement_judgements (
  post_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  requirement_id VARCHAR(60) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  reader_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  judgement VARCHAR(8) NULL COMMENT 'yes, partly or no; null where the reader took it back',
  reason VARCHAR(300) NULL COMMENT 'Why it counts otherwise than the machine found; null for what is looked for by eye',
  ordinal INT NOT NULL COMMENT 'Counts what was said of the requirement; the last one holds',
  judged_at DATETIME(3) NOT NULL,
  PRIMARY KEY (post_id, requirement_id, reader_id),
  FOREIGN KEY (post_id) REFERENCES posts (id) ON DELETE CASCADE,
  FOREIGN KEY (reader_id) REFERENCES people (id)
) COMMENT 'What a reader of a post said to a requirement that is looked for by eye; the last one counts';

CREATE TABLE second_readings (
  post_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL PRIMARY KEY,
  reader_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL COMMENT 'What they judge stands beside what the others do',
  asked_by VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NULL,
  asked_at DATETIME(3) NOT NULL,
  done_at DATETIME(3) NULL,
  first_levels JSON NULL COMMENT 'By criterion, as the first reader gave them; null while no figure was set',
  first_figure DECIMAL(10,4) NULL,
  second_figure DECIMAL(10,4) NULL,
  set_figure DECIMAL(10,4) NULL,
  reason VARCHAR(1000) NULL,
  set_by VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NULL,
  set_at DATETIME(3) NULL,
  KEY second_readings_reader (reader_id, done_at),
  FOREIGN KEY (post_id) REFERENCES posts (id) ON DELETE CASCADE,
  FOREIGN KEY (reader_id) REFERENCES people (id) ON DELETE CASCADE,
  FOREIGN KEY (asked_by) REFERENCES people (id) ON DELETE SET NULL,
  FOREIGN KEY (set_by) REFERENCES people (id) ON DELETE SET NULL
) COMMENT 'A post that another teacher judges too, without seeing what the first gave; and the figure that was set of both';

CREATE TABLE grade_figures (
  post_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  ordinal INT NOT NULL COMMENT 'Counts what was said about the grade of a post; the last one holds',
  reader_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  figure DECIMAL(10,4) NULL COMMENT 'The reader''s own; null for the computed one',
  reason VARCHAR(300) NULL,
  made_of JSON NULL COMMENT 'The grade with the lines that made it, as it was given back; null where it was not',
  at DATETIME(3) NOT NULL,
  given_back_at DATETIME(3) NULL,
  change_reason VARCHAR(300) NULL COMMENT 'Why it is another one than was given back before; null for the first',
  PRIMARY KEY (post_id, ordinal),
  FOREIGN KEY (post_id) REFERENCES posts (id) ON DELETE CASCADE,
  FOREIGN KEY (reader_id) REFERENCES people (id)
) COMMENT 'What a teacher said about the grade of a post, or gave back; rows are only added';

CREATE TABLE notes (
  id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL PRIMARY KEY,
  post_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  revision_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL COMMENT 'What its author read',
  author_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  target VARCHAR(12) NOT NULL DEFAULT 'post' COMMENT 'post, passage, picture, requirement or criterion',
  target_id VARCHAR(200) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NULL
    COMMENT 'Which picture, requirement or criterion; null for the others',
  anchor JSON NULL COMMENT 'Where the passage stands and what it says; null for the others',
  typed TEXT NOT NULL COMMENT 'As its author has it now',
  suggested TEXT NULL COMMENT 'Other words for the passage, as its author has them now',
  sent TEXT NULL COMMENT 'As its reader has it; null while it is only typed',
  sent_suggested TEXT NULL COMMENT 'Other words for the passage, as its reader has them',
  sent_at DATETIME(3) NULL,
  seen_at DATETIME(3) NULL COMMENT 'When its reader first had it before the eyes as it was sent last; null for what came since',
  settled_at DATETIME(3) NULL COMMENT 'Since when a teacher needs nothing more done about it',
  version INT NOT NULL DEFAULT 1 COMMENT 'Counts each save, so that a save from an older base is noticed',
  saved_by CHAR(32) CHARACTER SET ascii COLLATE ascii_bin NULL COMMENT 'The page that saved it last, by a name that it has drawn by lot',
  save_turn BIGINT NULL COMMENT 'Counts up with each save of that page',
  created_at DATETIME(3) NOT NULL,
  KEY notes_post (post_id, created_at),
  FOREIGN KEY (post_id) REFERENCES posts (id) ON DELETE CASCADE,
  FOREIGN KEY (revision_id) REFERENCES revisions (id) ON DELETE CASCADE,
  FOREIGN KEY (author_id) REFERENCES people (id)
) COMMENT 'What somebody who read a post wrote to its writer';

CREATE TABLE note_answers (
  id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL PRIMARY KEY,
  note_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  author_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  text TEXT NOT NULL COMMENT 'Empty where it only says that it is done',
  done BOOLEAN NOT NULL DEFAULT FALSE COMMENT 'Whether the writer says that they saw to it',
  at DATETIME(3) NOT NULL,
  KEY note_answers_note (note_id, at),
  FOREIGN KEY (note_id) REFERENCES notes (id) ON DELETE CASCADE,
  FOREIGN KEY (author_id) REFERENCES people (id) ON DELETE CASCADE
) COMMENT 'What was said to a note';

CREATE TABLE assignment_answers (
  id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL PRIMARY KEY,
  assignment_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  words VARCHAR(1000) NOT NULL COMMENT 'What was asked, in the words of the teacher',
  answer VARCHAR(2000) NOT NULL,
  answered_by VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  answered_at DATETIME(3) NOT NULL,
  KEY assignment_answers_assignment (assignment_id, answered_at),
  FOREIGN KEY (assignment_id) REFERENCES assignments (id) ON DELETE CASCADE,
  FOREIGN KEY (answered_by) REFERENCES people (id)
) COMMENT 'An answer to everybody who has an assignment; nobody is named who asked';

CREATE TABLE questions (
  id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL PRIMARY KEY,
  assignment_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  asker_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  post_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NULL COMMENT 'The own draft that a passage is from',
  passage VARCHAR(2000) NULL COMMENT 'What its writer showed of it; nothing else of the draft goes along',
  words VARCHAR(1000) NOT NULL,
  asked_at DATETIME(3) NOT NULL,
  answer VARCHAR(2000) NULL COMMENT 'To who asked alone',
  answer_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NULL COMMENT 'To everybody',
  aloud BOOLEAN NOT NULL DEFAULT FALSE COMMENT 'Whether it was answered in class',
  answered_by VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NULL,
  answered_at DATETIME(3) NULL,
  seen_at DATETIME(3) NULL COMMENT 'When who asked saw that it is answered',
  KEY questions_assignment (assignment_id, answered_at),
  KEY questions_asker (asker_id, answered_at),
  FOREIGN KEY (assignment_id) REFERENCES assignments (id) ON DELETE CASCADE,
  FOREIGN KEY (asker_id) REFERENCES people (id) ON DELETE CASCADE,
  FOREIGN KEY (post_id) REFERENCES posts (id) ON DELETE CASCADE,
  FOREIGN KEY (answer_id) REFERENCES assignment_answers (id) ON DELETE SET NULL,
  FOREIGN KEY (answered_by) REFERENCES people (id)
) COMMENT 'What a student asks privately about an assignment, or a passage of their own draft';

CREATE TABLE peer_rules (
  assignment_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL PRIMARY KEY,
  size TINYINT NOT NULL COMMENT 'How many read each other: 2 or 3',
  questions JSON NOT NULL COMMENT 'What every reader is asked',
  named BOOLEAN NOT NULL COMMENT 'Whether the writer reads who said it',
  takes_at DATETIME(3) NULL COMMENT 'When texts are taken; null where a teacher makes groups by hand',
  FOREIGN KEY (assignment_id) REFERENCES assignments (id) ON DELETE CASCADE
) COMMENT 'That writers read each other before they hand in';

CREATE TABLE peer_rounds (
  id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL PRIMARY KEY,
  assignment_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  questions JSON NOT NULL COMMENT 'What its readers are asked, whatever is asked of later ones',
  named BOOLEAN NOT NULL COMMENT 'Whether its writers read who said it, as its readers were told',
  drawn_at DATETIME(3) NOT NULL,
  takes_at DATETIME(3) NOT NULL COMMENT 'When the texts are taken as they stand',
  taken_at DATETIME(3) NULL,
  KEY peer_rounds_assignment (assignment_id, drawn_at),
  FOREIGN KEY (assignment_id) REFERENCES assignments (id) ON DELETE CASCADE
) COMMENT 'Groups of writers who read each other, drawn once; the latest of an assignment counts';

CREATE TABLE peer_members (
  round_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  person_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  group_number SMALLINT NULL COMMENT 'Null for who could be put with nobody from whom they are not kept apart',
  revision_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NULL COMMENT 'Their text as it was taken; null before that, and where there was none any more',
  PRIMARY KEY (round_id, person_id),
  KEY peer_members_revision (revision_id),
  FOREIGN KEY (round_id) REFERENCES peer_rounds (id) ON DELETE CASCADE,
  FOREIGN KEY (person_id) REFERENCES people (id) ON DELETE CASCADE,
  FOREIGN KEY (revision_id) REFERENCES revisions (id) ON DELETE SET NULL
) COMMENT 'Who reads with whom, and what of each';

CREATE TABLE peer_readings (
  id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL PRIMARY KEY,
  round_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  reader_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  writer_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  opened_at DATETIME(3) NULL,
  given_at DATETIME(3) NULL COMMENT 'Since when the writer reads what was said',
  useful BOOLEAN NOT NULL DEFAULT FALSE COMMENT 'Whether the writer says that it helped',
  UNIQUE KEY peer_readings_pair (round_id, reader_id, writer_id),
  KEY peer_readings_reader (reader_id),
  KEY peer_readings_writer (writer_id),
  FOREIGN KEY (round_id) REFERENCES peer_rounds (id) ON DELETE CASCADE,
  FOREIGN KEY (reader_id) REFERENCES people (id) ON DELETE CASCADE,
  FOREIGN KEY (writer_id) REFERENCES people (id) ON DELETE CASCADE
) COMMENT 'That a classmate reads a text as it was taken';

CREATE TABLE peer_words (
  reading_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  name VARCHAR(20) CHARACTER SET ascii COLLATE ascii_bin NOT NULL COMMENT 'Drawn by the page for a note; the question''s place for an answer',
  question TINYINT NULL COMMENT 'Which question it answers; null for a note',
  anchor JSON NULL COMMENT 'The passage that it points at; null for none',
  words VARCHAR(1000) NOT NULL,
  kept_at DATETIME(3) NOT NULL,
  taken_back_by VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NULL COMMENT 'The teacher who took it back from its writer''s eyes',
  PRIMARY KEY (reading_id, name),
  FOREIGN KEY (reading_id) REFERENCES peer_readings (id) ON DELETE CASCADE,
  FOREIGN KEY (taken_back_by) REFERENCES people (id)
) COMMENT 'What a reader notes and answers';

CREATE TABLE kept_apart (
  class_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  teacher_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  one_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  other_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL COMMENT 'The greater of both ids',
  PRIMARY KEY (class_id, teacher_id, one_id, other_id),
  FOREIGN KEY (class_id) REFERENCES classes (id) ON DELETE CASCADE,
  FOREIGN KEY (teacher_id) REFERENCES people (id) ON DELETE CASCADE,
  FOREIGN KEY (one_id) REFERENCES people (id) ON DELETE CASCADE,
  FOREIGN KEY (other_id) REFERENCES people (id) ON DELETE CASCADE
) COMMENT 'Two whom a teacher keeps apart; nobody else reads that';

CREATE TABLE bank_sentences (
  id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL PRIMARY KEY,
  owner_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  words VARCHAR(2000) NOT NULL COMMENT 'With {name} where the given name of a writer goes',
  group_name VARCHAR(60) NOT NULL DEFAULT '',
  shared BOOLEAN NOT NULL COMMENT 'Whether teachers who share a class with its owner see it',
  version INT NOT NULL DEFAULT 1 COMMENT 'Counts each change, so that a change from an older base is noticed',
  kept_at DATETIME(3) NOT NULL,
  KEY bank_sentences_owner (owner_id),
  FOREIGN KEY (owner_id) REFERENCES people (id) ON DELETE CASCADE
) COMMENT 'The note bank: what a teacher keeps for notes';

CREATE TABLE bank_uses (
  sentence_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  person_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  uses INT NOT NULL,
  used_at DATETIME(3) NOT NULL,
  PRIMARY KEY (sentence_id, person_id),
  FOREIGN KEY (sentence_id) REFERENCES bank_sentences (id) ON DELETE CASCADE,
  FOREIGN KEY (person_id) REFERENCES people (id) ON DELETE CASCADE
) COMMENT 'How often somebody put a sentence of the bank into a note';

CREATE TABLE comments (
  id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL PRIMARY KEY,
  post_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  parent_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NULL COMMENT 'The comment that it answers',
  author_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NULL COMMENT 'Null for a visitor',
  visitor_name VARCHAR(60) NULL COMMENT 'What a visitor calls themselves; null for who is signed in',
  text TEXT NOT NULL,
  words INT NOT NULL,
  written_at DATETIME(3) NOT NULL,
  state VARCHAR(10) NOT NULL DEFAULT 'shown' COMMENT 'shown, waits or keptBack',
  reasons JSON NOT NULL DEFAULT '[]' COMMENT 'Why it waited, with where in its text that is',
  kept_for VARCHAR(10) CHARACTER SET ascii COLLATE ascii_bin NULL COMMENT 'Why it was kept back, as who wrote it reads it',
  decided_by VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NULL,
  decided_at DATETIME(3) NULL,
  version INT NOT NULL DEFAULT 1 COMMENT 'Counts each decision, so that one from an older base is noticed',
  KEY comments_post (post_id, written_at),
  KEY comments_author (author_id, written_at),
  KEY comments_state (state, post_id),
  FOREIGN KEY (post_id) REFERENCES posts (id) ON DELETE CASCADE,
  FOREIGN KEY (parent_id) REFERENCES comments (id) ON DELETE CASCADE,
  FOREIGN KEY (author_id) REFERENCES people (id) ON DELETE CASCADE,
  FOREIGN KEY (decided_by) REFERENCES people (id) ON DELETE SET NULL
) COMMENT 'What somebody wrote under a published post; one that is not shown only its author and those who tend comments see';

CREATE TABLE shown_posts (
  post_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  reach VARCHAR(12) CHARACTER SET ascii COLLATE ascii_bin NOT NULL
    COMMENT 'A circle of readers: ourClass, and as far as it was published to them passphrase and everyone',
  class_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  writer_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  assignment_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NULL,
  revision_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  audience VARCHAR(20) CHARACTER SET ascii COLLATE ascii_bin NOT NULL COMMENT 'To whom it was published',
  shown_at DATETIME(3) NOT NULL COMMENT 'Since when readers see the post at all',
  beyond_from DATE NOT NULL COMMENT 'The first day, by the class, on which consent lets it go beyond the class; asked at each reading',
  beyond_until DATE NOT NULL COMMENT 'The last one; 9999-12-31 without an end, before the first where there is none',
  away BOOLEAN NOT NULL COMMENT 'Whether a worry keeps it from all but its writer and the teachers',
  PRIMARY KEY (post_id, reach),
  KEY shown_posts_class (class_id, reach, shown_at, post_id, beyond_from, beyond_until, away, writer_id, assignment_id),
  KEY shown_posts_writer (writer_id, class_id, reach, shown_at, post_id),
  KEY shown_posts_assignment (assignment_id, class_id, reach, shown_at, post_id),
  FOREIGN KEY (post_id) REFERENCES posts (id) ON DELETE CASCADE,
  FOREIGN KEY (class_id) REFERENCES classes (id) ON DELETE CASCADE,
  FOREIGN KEY (writer_id) REFERENCES people (id) ON DELETE CASCADE,
  FOREIGN KEY (assignment_id) REFERENCES assignments (id) ON DELETE CASCADE,
  FOREIGN KEY (revision_id) REFERENCES revisions (id) ON DELETE CASCADE
) COMMENT 'What a circle of readers sees of a post now, as publications, consents and worries make it';

CREATE TABLE shown_labels (
  post_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  label_key VARCHAR(60) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL COMMENT 'By which it is found',
  label VARCHAR(60) NOT NULL COMMENT 'As it is called now',
  place INT NOT NULL COMMENT 'Its place among the labels of the post',
  class_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  shown_at DATETIME(3) NOT NULL COMMENT 'As in shown_posts',
  PRIMARY KEY (post_id, label_key),
  KEY shown_labels_class (class_id, label_key, shown_at, post_id),
  FOREIGN KEY (post_id) REFERENCES posts (id) ON DELETE CASCADE,
  FOREIGN KEY (class_id) REFERENCES classes (id) ON DELETE CASCADE
) COMMENT 'A label that readers see at a post, whatever it was called when it was handed in';

CREATE TABLE writer_addresses (
  class_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  person_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  address VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  name_hash BINARY(32) NOT NULL COMMENT 'Of the name under which they are read outside; with another one comes another address',
  PRIMARY KEY (class_id, person_id),
  UNIQUE KEY writer_addresses_address (address),
  FOREIGN KEY (class_id) REFERENCES classes (id) ON DELETE CASCADE,
  FOREIGN KEY (person_id) REFERENCES people (id) ON DELETE CASCADE
) COMMENT 'Where the posts of a writer stand in a class blog, drawn by lot, so that nobody can join two names of theirs';

CREATE TABLE search_texts (
  post_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL PRIMARY KEY,
  class_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  revision_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  indexed INT NOT NULL COMMENT 'The number of what made it; older ones are made again',
  language VARCHAR(20) CHARACTER SET ascii COLLATE ascii_bin NOT NULL COMMENT 'By whose dictionary compounds were taken apart',
  terms MEDIUMTEXT CHARACTER SET ascii COLLATE ascii_bin NOT NULL
    COMMENT 'Its words in all forms and the ends of its compounds, each with the number of its class before it',
  parts MEDIUMTEXT NOT NULL COMMENT 'The ends of its compounds by compound, as JSON text',
  KEY search_texts_class (class_id),
  FULLTEXT KEY search_texts_terms (terms)
) COMMENT 'The words by which readers find a post, of the revision that they see. No foreign keys: of rows that go with others the words stay in the index for good';

-- Pages of a class blog.

CREATE TABLE pages (
  id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL PRIMARY KEY,
  class_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  address VARCHAR(80) NOT NULL COMMENT 'Made from the title until readers have seen it',
  title VARCHAR(300) NOT NULL,
  body MEDIUMTEXT NOT NULL COMMENT 'A document as JSON text: what is written now, which readers may not see yet',
  place INT NOT NULL COMMENT 'Its place among the pages of the class',
  version INT NOT NULL DEFAULT 1 COMMENT 'Counts each save, so that a save from an older base is noticed',
  audience VARCHAR(20) CHARACTER SET ascii COLLATE ascii_bin NULL
    COMMENT 'Who reads the latest shown revision; null for nobody',
  asked_audience VARCHAR(20) CHARACTER SET ascii COLLATE ascii_bin NULL
    COMMENT 'Before whom a student editor would like it, which takes a teacher',
  asked_by VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NULL,
  changed_at DATETIME(3) NOT NULL,
  changed_by VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NULL,
  UNIQUE KEY pages_address (class_id, address),
  FOREIGN KEY (class_id) REFERENCES classes (id) ON DELETE CASCADE,
  FOREIGN KEY (asked_by) REFERENCES people (id) ON DELETE SET NULL,
  FOREIGN KEY (changed_by) REFERENCES people (id) ON DELETE SET NULL
) COMMENT 'A page of a class blog, which its teachers and student editors tend together';

CREATE TABLE page_revisions (
  id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL PRIMARY KEY,
  page_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  title VARCHAR(300) NOT NULL,
  body MEDIUMTEXT NOT NULL COMMENT 'A document as JSON text',
  written_by VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NULL COMMENT 'Who changed it last',
  written_at DATETIME(3) NOT NULL,
  shown_at DATETIME(3) NULL
    COMMENT 'When it was put before readers; null for what was only kept before somebody else wrote on',
  KEY page_revisions_page (page_id, written_at),
  FOREIGN KEY (page_id) REFERENCES pages (id) ON DELETE CASCADE,
  FOREIGN KEY (written_by) REFERENCES people (id) ON DELETE SET NULL
) COMMENT 'A page as it was once; readers see the one that was shown last';

CREATE TABLE page_pictures (
  page_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  picture_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  shown BOOLEAN NOT NULL DEFAULT FALSE COMMENT 'Whether it stands in what readers see',
  PRIMARY KEY (page_id, picture_id),
  FOREIGN KEY (page_id) REFERENCES pages (id) ON DELETE CASCADE,
  FOREIGN KEY (picture_id) REFERENCES pictures (id) ON DELETE CASCADE
) COMMENT 'That a page shows a picture';

CREATE TABLE page_handouts (
  page_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  handout_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  shown BOOLEAN NOT NULL DEFAULT FALSE COMMENT 'Whether it stands in what readers see',
  PRIMARY KEY (page_id, handout_id),
  FOREIGN KEY (page_id) REFERENCES pages (id) ON DELETE CASCADE,
  FOREIGN KEY (handout_id) REFERENCES handouts (id) ON DELETE CASCADE
) COMMENT 'That a page has a file with it';

-- Safety.

CREATE TABLE mail_notices (
  id BIGINT NOT NULL AUTO_INCREMENT PRIMARY KEY,
  person_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  kind VARCHAR(20) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  path VARCHAR(200) CHARACTER SET ascii COLLATE ascii_bin NOT NULL COMMENT 'Where it leads',
  at DATETIME(3) NOT NULL,
  UNIQUE KEY mail_notices_once (person_id, kind, path),
  FOREIGN KEY (person_id) REFERENCES people (id) ON DELETE CASCADE
) COMMENT 'What is written to somebody once a day';

CREATE TABLE pending_decisions (
  post_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL PRIMARY KEY,
  hand_in_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  decision VARCHAR(20) CHARACTER SET ascii COLLATE ascii_bin NOT NULL COMMENT 'accept or sendBack',
  more JSON NOT NULL COMMENT 'What the deed is told besides',
  decided_by VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  decided_at DATETIME(3) NOT NULL,
  counts_from DATETIME(3) NOT NULL COMMENT 'Until then it can be undone, and nothing of it is seen by anybody else',
  begun BOOLEAN NOT NULL DEFAULT FALSE COMMENT 'Whether it is being carried out: it is not undone any more',
  refused VARCHAR(60) CHARACTER SET ascii COLLATE ascii_bin NULL COMMENT 'Why it could not be carried out',
  FOREIGN KEY (post_id) REFERENCES posts (id) ON DELETE CASCADE,
  FOREIGN KEY (hand_in_id) REFERENCES hand_ins (id) ON DELETE CASCADE,
  FOREIGN KEY (decided_by) REFERENCES people (id) ON DELETE CASCADE
) COMMENT 'What was decided about a post and does not count yet';

CREATE TABLE cases (
  id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL PRIMARY KEY,
  class_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NULL COMMENT 'Null once the class is gone: a case outlives it',
  class_title VARCHAR(200) NOT NULL,
  time_zone VARCHAR(60) NOT NULL,
  kind VARCHAR(20) CHARACTER SET ascii COLLATE ascii_bin NOT NULL COMMENT 'post, handIn, peerText, comment, note or answer',
  post_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL COMMENT 'No reference: a case outlives what it is about',
  comment_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NULL COMMENT 'Where it is about a comment; no reference either',
  title VARCHAR(300) NOT NULL COMMENT 'What the post was called for who told',
  kept_html MEDIUMTEXT NULL COMMENT 'The words of a post as they stood when it was told',
  kept_text TEXT NULL COMMENT 'The words of anything else',
  could_read JSON NOT NULL COMMENT 'Who could read them then',
  about_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NULL COMMENT 'Whose words it is about',
  about_name VARCHAR(120) NOT NULL,
  told_by VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NULL COMMENT 'Null for a reader who is not signed in, or is gone',
  teller VARCHAR(20) CHARACTER SET ascii COLLATE ascii_bin NOT NULL COMMENT 'visitor, stranger, reader, student or teacher',
  told_name VARCHAR(120) NOT NULL COMMENT 'Empty for who is not signed in',
  words TEXT NOT NULL,
  told_at DATETIME(3) NOT NULL,
  took_away BOOLEAN NOT NULL COMMENT 'Whether the words went from the class with it',
  promised_reader VARCHAR(120) NOT NULL COMMENT 'Who was said to read it; empty for the teachers of the class',
  promised_at DATETIME(3) NULL COMMENT 'By when an answer was promised; null for who cannot be answered',
  told_help VARCHAR(500) NOT NULL COMMENT 'Where else there was help, in the words of the school then',
  decision VARCHAR(20) CHARACTER SET ascii COLLATE ascii_bin NULL COMMENT 'back or away',
  answer_typed TEXT NULL COMMENT 'An answer that is not sent yet',
  answer TEXT NULL,
  answered_at DATETIME(3) NULL,
  answered_name VARCHAR(120) NULL,
  settled_at DATETIME(3) NULL COMMENT 'When nothing was left to do',
  KEY cases_open (settled_at, told_at),
  KEY cases_post (post_id),
  KEY cases_told (told_by, told_at),
  FOREIGN KEY (class_id) REFERENCES classes (id) ON DELETE SET NULL,
  FOREIGN KEY (about_id) REFERENCES people (id) ON DELETE SET NULL,
  FOREIGN KEY (told_by) REFERENCES people (id) ON DELETE SET NULL
) COMMENT 'That somebody told about words that they worry about, for those who look after worries';

CREATE TABLE case_events (
  id BIGINT NOT NULL AUTO_INCREMENT PRIMARY KEY,
  case_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  person_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NULL,
  person_name VARCHAR(120) NOT NULL,
  what VARCHAR(20) CHARACTER SET ascii COLLATE ascii_bin NOT NULL COMMENT 'opened, step, wordsBack, wordsAway, answered or teacherPutBack',
  words TEXT NULL COMMENT 'Of a step: what was done',
  at DATETIME(3) NOT NULL,
  KEY case_events_case (case_id, at),
  FOREIGN KEY (case_id) REFERENCES cases (id) ON DELETE CASCADE,
  FOREIGN KEY (person_id) REFERENCES people (id) ON DELETE SET NULL
) COMMENT 'The log of a case: who opened it, and what was done';

CREATE TABLE words_away (
  id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL PRIMARY KEY,
  case_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NULL COMMENT 'Null once the case is gone: the words stay away all the same',
  post_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  comment_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NULL COMMENT 'Null where it is the post itself',
  since DATETIME(3) NOT NULL,
  decided BOOLEAN NOT NULL COMMENT 'Whether it was decided, or only until it is',
  UNIQUE KEY words_away_case (case_id),
  KEY words_away_post (post_id, comment_id),
  FOREIGN KEY (case_id) REFERENCES cases (id) ON DELETE SET NULL,
  FOREIGN KEY (post_id) REFERENCES posts (id) ON DELETE CASCADE,
  FOREIGN KEY (comment_id) REFERENCES comments (id) ON DELETE CASCADE
) COMMENT 'Words that nobody reads but who wrote them and who teaches, because of a worry';

CREATE TABLE school_duties (
  duty VARCHAR(20) CHARACTER SET ascii COLLATE ascii_bin NOT NULL PRIMARY KEY COMMENT 'safetyPerson, deputy or head',
  person_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  KEY school_duties_person (person_id),
  FOREIGN KEY (person_id) REFERENCES people (id) ON DELETE CASCADE
) COMMENT 'Whom the school named for what goes beyond a class';

CREATE TABLE detail_decisions (
  post_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  kind VARCHAR(20) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  detail_key CHAR(64) CHARACTER SET ascii COLLATE ascii_bin NOT NULL
    COMMENT 'SHA-256 of post, kind, detail and the text around it: when that changes, it is asked again',
  reason VARCHAR(300) NOT NULL,
  decided_by VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NULL,
  decided_at DATETIME(3) NOT NULL,
  PRIMARY KEY (post_id, detail_key),
  FOREIGN KEY (post_id) REFERENCES posts (id) ON DELETE CASCADE,
  FOREIGN KEY (decided_by) REFERENCES people (id) ON DELETE SET NULL
) COMMENT 'That a personal detail is meant to be where it is; only a hash of it is kept';

CREATE TABLE draft_openings (
  id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL PRIMARY KEY,
  class_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  post_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  asked_by VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  asked_at DATETIME(3) NOT NULL,
  reason TEXT NOT NULL COMMENT 'What the teacher fears',
  harm VARCHAR(300) NOT NULL COMMENT 'Why telling the writer would do harm; empty where the writer is told',
  decided_by VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NULL,
  decided_at DATETIME(3) NULL,
  agreed BOOLEAN NOT NULL DEFAULT FALSE,
  ends_at DATETIME(3) NULL COMMENT 'Until when both may read the draft',
  KEY draft_openings_class (class_id, asked_at),
  KEY draft_openings_post (post_id),
  FOREIGN KEY (class_id) REFERENCES classes (id) ON DELETE CASCADE,
  FOREIGN KEY (post_id) REFERENCES posts (id) ON DELETE CASCADE,
  FOREIGN KEY (asked_by) REFERENCES people (id),
  FOREIGN KEY (decided_by) REFERENCES people (id)
) COMMENT 'That a teacher asked to open a draft for a safety concern, and what an administrator said';

-- The house.

CREATE TABLE looked_links (
  address_hash CHAR(64) CHARACTER SET ascii COLLATE ascii_bin NOT NULL PRIMARY KEY COMMENT 'SHA-256 of the address',
  address TEXT NOT NULL COMMENT 'As the WHATWG URL parser writes it',
  result ENUM('opens','private','missing','unreachable') NOT NULL,
  looked_at DATETIME(3) NOT NULL,
  asked_by VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NULL COMMENT 'Null for the install itself',
  KEY looked_links_asked (asked_by, looked_at),
  FOREIGN KEY (asked_by) REFERENCES people (id) ON DELETE CASCADE
) COMMENT 'How a stranger fared at an address when it was last looked at';

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
  once VARCHAR(60) CHARACTER SET ascii COLLATE ascii_bin NULL
    COMMENT 'What is there once at most, such as a kind of work and its day',
  taken_by CHAR(16) CHARACTER SET ascii COLLATE ascii_bin NULL COMMENT 'The process that has it',
  UNIQUE KEY jobs_once (once),
  KEY jobs_waiting (done_at, failed_at, run_at)
) COMMENT 'Work to be done beside the requests, tried again with growing pauses';

CREATE TABLE retention (
  what VARCHAR(20) CHARACTER SET ascii COLLATE ascii_bin NOT NULL PRIMARY KEY COMMENT 'revisions, readings, logs or leftPosts',
  months INT NOT NULL COMMENT 'How long it is kept'
) COMMENT 'What is deleted by itself after a time; what has no row here is kept';

CREATE TABLE school_rules (
  name VARCHAR(20) CHARACTER SET ascii COLLATE ascii_bin NOT NULL PRIMARY KEY COMMENT 'pressedHours or promiseMinutes',
  value INT NOT NULL
) COMMENT 'What holds for every class of the install';

CREATE TABLE school_lines (
  name VARCHAR(20) CHARACTER SET ascii COLLATE ascii_bin NOT NULL PRIMARY KEY COMMENT 'help',
  words VARCHAR(500) NOT NULL
) COMMENT 'Lines that the school writes for everybody';

CREATE TABLE backups (
  id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL PRIMARY KEY,
  made_at DATETIME(3) NOT NULL,
  bytes BIGINT NOT NULL
) COMMENT 'That a backup of the whole install was made';

CREATE TABLE audit_log (
  id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL PRIMARY KEY,
  class_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NULL,
  actor_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NULL,
  use_case VARCHAR(40) NOT NULL,
  subject_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NULL,
  about_id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NULL COMMENT 'The person whose matter it is',
  before_value VARCHAR(60) NULL COMMENT 'A code or figure, never words',
  after_value VARCHAR(60) NULL COMMENT 'The same, afterwards',
  at DATETIME(3) NOT NULL,
  KEY audit_log_class (class_id, at),
  KEY audit_log_subject (subject_id, use_case),
  KEY audit_log_about (about_id, at)
) COMMENT 'Who did what to what, without any of its text';

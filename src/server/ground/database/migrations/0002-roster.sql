-- People come in by lists and files, sign in with cards, and belong to a class until they leave it.

ALTER TABLE people
  MODIFY given_name VARCHAR(400) NOT NULL,
  MODIFY family_name VARCHAR(400) NOT NULL,
  ADD COLUMN school_id VARCHAR(100) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NULL
    COMMENT 'The school''s own identifier, as imports carry it' AFTER pen_name,
  ADD COLUMN passcode_kind VARCHAR(10) NULL COMMENT 'pictures or digits' AFTER passcode_hash,
  ADD COLUMN passcode_made_at DATETIME(3) NULL AFTER passcode_kind,
  ADD COLUMN last_seen_at DATETIME(3) NULL,
  ADD UNIQUE KEY people_school_id (school_id);

ALTER TABLE classes
  ADD COLUMN passcode_kind VARCHAR(10) NOT NULL DEFAULT 'pictures' COMMENT 'What new sign-in cards carry',
  ADD COLUMN names_typed BOOLEAN NOT NULL DEFAULT FALSE
    COMMENT 'Names are typed at the sign-in instead of chosen from a list';

ALTER TABLE memberships
  ADD COLUMN group_in_class VARCHAR(60) NULL COMMENT 'A group within the class',
  ADD COLUMN left_at DATETIME(3) NULL COMMENT 'Since when the person is no longer in the class; what they wrote stays';

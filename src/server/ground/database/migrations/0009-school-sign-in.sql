-- The school's own sign-in knows people by a subject of its own.

ALTER TABLE people
  ADD COLUMN school_subject VARCHAR(255) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NULL
    COMMENT 'Who somebody is at the school''s own sign-in (the OpenID Connect claim sub)',
  ADD UNIQUE KEY people_school_subject (school_subject);

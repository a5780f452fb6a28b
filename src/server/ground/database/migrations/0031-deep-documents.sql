-- Documents are checked by ourselves: the database's own check of JSON refuses what is nested deeper than seven lists.

ALTER TABLE posts MODIFY body LONGTEXT CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL COMMENT 'A document as JSON text';
ALTER TABLE revisions MODIFY body LONGTEXT CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL COMMENT 'A document as JSON text';
ALTER TABLE assignments
  MODIFY model LONGTEXT CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NULL
    COMMENT 'A post to look at, title and body, as JSON text; null where there is none';

-- The same version handed in twice is one hand-in.

ALTER TABLE hand_ins ADD COLUMN version INT NULL COMMENT 'The version of the draft that was handed in; null for those from before';

-- Posts that grow until they are finished.

ALTER TABLE assignments ADD COLUMN growing JSON NULL COMMENT 'Growing; null for posts that are written once' AFTER picture_width;

-- What a revision says of each of its pictures, so that a class can find them again; pictures that a teacher took out.

ALTER TABLE revision_pictures
  ADD COLUMN description VARCHAR(1000) NOT NULL DEFAULT '',
  ADD COLUMN caption VARCHAR(1000) NOT NULL DEFAULT '',
  ADD COLUMN credit VARCHAR(400) NOT NULL DEFAULT '',
  ADD COLUMN licence VARCHAR(40) NOT NULL DEFAULT '';

ALTER TABLE pictures
  ADD COLUMN taken_out_at DATETIME(3) NULL COMMENT 'When a teacher took it out of the class pictures',
  ADD COLUMN taken_out_by VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin NULL,
  ADD CONSTRAINT pictures_taken_out_by FOREIGN KEY (taken_out_by) REFERENCES people (id) ON DELETE SET NULL;

ALTER TABLE assignments ADD COLUMN picture_width INT NOT NULL DEFAULT 100
  COMMENT 'How wide new pictures begin, in per cent of the text';

-- A small drawing beside a label, for whoever chooses it.

ALTER TABLE class_labels
  ADD COLUMN drawing VARCHAR(30) NULL COMMENT 'One of those that the application has; none where the words are enough';

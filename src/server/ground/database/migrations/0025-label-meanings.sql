-- What a label is for, in a few words beside it.

ALTER TABLE class_labels
  ADD COLUMN meaning VARCHAR(120) NOT NULL DEFAULT '' COMMENT 'What it is given to, for whoever chooses it; empty where its name says it';

-- A class blog has a look: its colours, what its banner shows, its typefaces.

ALTER TABLE classes
  ADD COLUMN look VARCHAR(16) NOT NULL DEFAULT 'gate',
  ADD COLUMN banner VARCHAR(16) NOT NULL DEFAULT 'fence',
  ADD COLUMN lettering VARCHAR(16) NOT NULL DEFAULT 'book';

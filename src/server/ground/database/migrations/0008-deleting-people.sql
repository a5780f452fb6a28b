-- A person can be deleted: hidden at once, brought back for a while, then gone for good.

ALTER TABLE people
  ADD COLUMN deleted_at DATETIME(3) NULL COMMENT 'Since when the person is to be deleted',
  ADD COLUMN erase_at DATETIME(3) NULL COMMENT 'When everything of the person goes for good',
  ADD KEY people_erase (erase_at);

-- Whatever a deed was done to, the line in the log stays when the person who did it is gone.

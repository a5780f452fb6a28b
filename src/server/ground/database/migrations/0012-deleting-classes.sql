-- A class can be deleted: after rest and an archive, hidden at once, brought back for a while, then gone for good.

ALTER TABLE classes
  ADD COLUMN archived_at DATETIME(3) NULL COMMENT 'When its archive was last taken',
  ADD COLUMN deleted_at DATETIME(3) NULL COMMENT 'Since when the class is to be deleted',
  ADD COLUMN erase_at DATETIME(3) NULL COMMENT 'When everything of the class goes for good';

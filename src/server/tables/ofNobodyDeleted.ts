/**
 * The SQL condition that somebody is not deleted: what is theirs is nowhere while they may still be brought back.
 * @param column holds the person's id, such as `writer_id`; where it may be null, nobody is not deleted
 */
export function ofNobodyDeleted(column: string): string {
  return `(${column} IS NULL OR ${column} NOT IN (SELECT id FROM people WHERE deleted_at IS NOT NULL))`;
}

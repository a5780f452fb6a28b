/**
 * SQL: the identifiers of a JSON list as a table with one column, `id`. They have the letters of the columns that they are compared
 * with: where those had to be converted first, no index would be used.
 * @param list a parameter, such as `:ids`
 */
export function idsFrom(list: string): string {
  return `JSON_TABLE(${list}, '$[*]' COLUMNS (id VARCHAR(16) CHARACTER SET ascii COLLATE ascii_bin PATH '$'))`;
}

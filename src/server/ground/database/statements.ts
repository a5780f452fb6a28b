/**
 * The statements of a file of SQL, in order, without the comments between them. Semicolons within quotes and comments end
 * nothing.
 */
export function statementsOf(sql: string): readonly string[] {
  const statements: string[] = [];
  let statement = '';
  for (const { 0: piece } of sql.matchAll(PIECES)) {
    if (piece.startsWith('--') || piece.startsWith('/*')) continue;
    if (piece !== ';') statement += piece;
    else {
      statements.push(statement.trim());
      statement = '';
    }
  }
  if (statement.trim() !== '') statements.push(statement.trim());
  return statements.filter(Boolean);
}

/** Comments, quoted text with its escapes, the sign that ends a statement, and all the rest. */
const PIECES =
  /--[^\n]*|\/\*[\s\S]*?\*\/|'(?:[^'\\]|\\[\s\S]|'')*'|"(?:[^"\\]|\\[\s\S]|"")*"|`[^`]*`|;|[^'"`;/-]+|[\s\S]/g;

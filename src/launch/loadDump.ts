import { createReadStream } from 'node:fs';
import { createInterface } from 'node:readline';
import { createConnection, type Connection } from 'mysql2/promise';
import { Failure } from './failure';

/** What a dump of ours is made of; whatever else stands in a file is none, and is not run. */
const ALLOWED =
  /^(?:CREATE TABLE |DROP TABLE IF EXISTS |INSERT INTO |LOCK TABLES |UNLOCK TABLES|SET |\/\*!\d+ (?:SET|ALTER TABLE|DROP TABLE) )/;
/** Comments, and the word with which a newer client is told to run no programs. */
const PASSED_OVER = /^(?:--|\/\*M?!?\d*\\- |$)/;

/**
 * Runs the statements of a dump one after the other. They go to the server alone: no client reads them, which would take some
 * lines for commands of its own and run programs.
 * @throws Failure where the file is no dump of ours
 */
export async function loadDump(url: string, file: string): Promise<void> {
  const connection = await createConnection({ uri: url, timezone: 'Z', charset: 'utf8mb4' });
  try {
    let statement = '';
    // Line ends within texts are written as \n there, so a statement ends where a line ends with its sign.
    for await (const line of createInterface({ input: createReadStream(file), crlfDelay: Infinity })) {
      if (statement === '' && PASSED_OVER.test(line)) continue;
      statement += statement === '' ? line : `\n${line}`;
      if (!statement.trimEnd().endsWith(';')) continue;
      await runOne(connection, statement);
      statement = '';
    }
    if (statement.trim() !== '') throw new Failure('it breaks off in the middle');
  } finally {
    await connection.end();
  }
}

async function runOne(connection: Connection, statement: string): Promise<void> {
  if (!ALLOWED.test(statement)) throw new Failure('something else than a backup’s statements stands in it');
  try {
    await connection.query(statement);
  } catch (cause) {
    throw new Failure('the database does not take it', { cause });
  }
}

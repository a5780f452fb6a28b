import { database } from '../../src/server/ground/database/database';

/** How many statements something asks of the database, told by the database itself. Nothing else may ask meanwhile. */
export async function countStatements(work: () => Promise<unknown>): Promise<number> {
  const before = await executed();
  await work();
  // What counts is counted too.
  return (await executed()) - before - 1;
}

async function executed(): Promise<number> {
  const [row] = await database.rows<{ readonly Value: string }>("SHOW GLOBAL STATUS LIKE 'Com_stmt_execute'");
  return Number(row?.Value);
}

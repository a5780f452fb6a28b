/** Something outside our hands stopped a command; the message is the one line that a person is shown. */
export class Failure extends Error {
  override readonly name = 'Failure';
}

/** The line for an error of the file system about a folder that we need. */
export function folderFailure(folder: string, error: unknown): Failure {
  const code = (error as NodeJS.ErrnoException).code;
  const reason =
    { ENOSPC: 'the disk is full', EROFS: 'the disk is read-only', EACCES: 'it may not be written to' }[
      code ?? ''
    ] ?? (code ? `the system says ${code}` : String(error));
  return new Failure(`${folder} cannot be used: ${reason}. Nothing was changed.`);
}

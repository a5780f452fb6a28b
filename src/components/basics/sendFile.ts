import type { FileDoor } from '../../contract/fileDoor';
import type { Outcome, Sent } from './call';

interface Sending {
  /** How much has gone, from 0 to 1. */
  readonly onProgress?: (share: number) => void;
  readonly signal?: AbortSignal;
}

/**
 * Sends a file through a door, with progress, which `fetch` does not tell. Not reaching the server is an outcome with the code
 * `offline`; what was broken off has the code `cancelled`.
 */
export function sendFile<Input extends Readonly<Record<string, string>>, Output>(
  { path }: FileDoor<Input, Output>,
  input: NoInfer<Input>,
  file: File,
  { onProgress, signal }: Sending = {},
): Promise<Outcome<Sent<Output>>> {
  type Value = Sent<Output>;
  return new Promise((resolve) => {
    const request = new XMLHttpRequest();
    request.open('POST', `${path}?${new URLSearchParams(input).toString()}`);
    request.responseType = 'json';
    request.upload.onprogress = ({ loaded, total }) => onProgress?.(total > 0 ? loaded / total : 0);
    request.onload = () =>
      // A proxy on the way may answer with a page of its own.
      resolve((request.response as Outcome<Value> | null) ?? { ok: false, code: 'offline' });
    request.onerror = () => resolve({ ok: false, code: 'offline' });
    request.onabort = () => resolve({ ok: false, code: 'cancelled' });
    signal?.addEventListener('abort', () => request.abort());
    if (signal?.aborted) resolve({ ok: false, code: 'cancelled' });
    else request.send(file);
  });
}

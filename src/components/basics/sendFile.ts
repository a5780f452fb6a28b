import type { Outcome } from './call';

interface Sending {
  /** How much has gone, from 0 to 1. */
  readonly onProgress: (share: number) => void;
  readonly signal: AbortSignal;
}

/**
 * Sends a file to one of our own addresses, with progress, which `fetch` does not tell. Not reaching the server is an
 * outcome with the code `offline`; what was broken off has the code `cancelled`.
 */
export function sendFile<Value>(
  address: string,
  file: File,
  { onProgress, signal }: Sending,
): Promise<Outcome<Value>> {
  return new Promise((resolve) => {
    const request = new XMLHttpRequest();
    request.open('POST', address);
    request.responseType = 'json';
    request.upload.onprogress = ({ loaded, total }) => onProgress(total > 0 ? loaded / total : 0);
    request.onload = () =>
      // A proxy on the way may answer with a page of its own.
      resolve((request.response as Outcome<Value> | null) ?? { ok: false, code: 'offline' });
    request.onerror = () => resolve({ ok: false, code: 'offline' });
    request.onabort = () => resolve({ ok: false, code: 'cancelled' });
    signal.addEventListener('abort', () => request.abort());
    if (signal.aborted) resolve({ ok: false, code: 'cancelled' });
    else request.send(file);
  });
}

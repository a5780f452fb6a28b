import { strToU8, Zip, ZipDeflate, ZipPassThrough } from 'fflate';

/** A ZIP file that is being made: files are added one after the other. */
export interface Zipping {
  has(path: string): boolean;
  /** Resolves when whoever reads has taken enough of it, so that one file at a time is in memory. */
  add(path: string, content: string | Uint8Array): Promise<void>;
  /** The same for what is packed already, such as pictures. */
  addPacked(path: string, content: Uint8Array): Promise<void>;
}

/**
 * A ZIP file that is sent while it is made: `fill` adds the files, and goes on as fast as it is read. Where it fails, the answer is
 * broken off, so that nobody takes half a file for a whole one; where the reader goes away, it ends at its next file.
 */
export function zipStream(fill: (zip: Zipping) => Promise<void>): ReadableStream<Uint8Array> {
  const { readable, writable } = new TransformStream<Uint8Array, Uint8Array>();
  const sink = writable.getWriter();
  const made: Uint8Array[] = [];
  const zip = new Zip((error, piece) => {
    if (error) throw error;
    made.push(piece);
  });
  const send = async () => {
    for (const piece of made.splice(0)) await sink.write(piece);
  };
  const paths = new Set<string>();
  const put = async (entry: ZipDeflate | ZipPassThrough, content: Uint8Array) => {
    paths.add(entry.filename);
    zip.add(entry);
    entry.push(content, true);
    await send();
  };
  const whole = async () => {
    await fill({
      has: (path) => paths.has(path),
      add: (path, content) =>
        put(new ZipDeflate(path, { level: 6 }), typeof content === 'string' ? strToU8(content) : content),
      addPacked: (path, content) => put(new ZipPassThrough(path), content),
    });
    zip.end();
    await send();
    await sink.close();
  };
  // Whoever reads is told by the stream itself.
  whole().catch((error: unknown) => sink.abort(error).catch(() => undefined));
  return readable;
}

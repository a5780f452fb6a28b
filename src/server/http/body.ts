/** What came of reading a request's body. */
export type Body =
  | { readonly ok: true; readonly content: Buffer }
  /** More than is taken, or less than was announced: it broke off on the way. */
  | { readonly ok: false; readonly problem: 'tooLarge' | 'cutOff' };

/** The body of a request, never more of it than `most` bytes in memory. */
export async function bodyOf(request: Request, most: number): Promise<Body> {
  const announced = request.headers.get('content-length');
  if (announced !== null && Number(announced) > most) return { ok: false, problem: 'tooLarge' };
  const parts: Uint8Array[] = [];
  let size = 0;
  const reader = request.body?.getReader();
  for (let part = await reader?.read(); part && !part.done; part = await reader?.read()) {
    const bytes = part.value as Uint8Array;
    size += bytes.length;
    if (size > most) {
      await reader?.cancel();
      return { ok: false, problem: 'tooLarge' };
    }
    parts.push(bytes);
  }
  if (announced !== null && Number(announced) !== size) return { ok: false, problem: 'cutOff' };
  return { ok: true, content: Buffer.concat(parts) };
}

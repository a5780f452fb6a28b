import { escapeHtml } from '../src/core/document/html/writeHtml';

/** What a host of the stand-in web answers to a path. */
export interface Answered {
  readonly status: number;
  readonly type?: string;
  readonly body?: string | Buffer;
  readonly location?: string;
}

export type Host = (path: string) => Answered | Promise<Answered>;

/** A page of HTML. `body` and `head` are HTML already. */
export function page(title: string, body: string, head = ''): string {
  return `<!doctype html><html lang="en"><head><meta charset="utf-8"><title>${escapeHtml(title)}</title>${head}</head><body><h1>${escapeHtml(title)}</h1>${body}</body></html>`;
}

import { NOTHING_BESIDE, type Beside } from '../../core/posts/beside';
import { besideFrom, textsFrom } from './columns';

/** What a writer writes: the draft, and what a revision keeps of it. `body` is the document as JSON text. */
export interface Writing {
  readonly title: string;
  readonly labels: readonly string[];
  readonly beside: Beside;
  readonly body: string;
}

/** A picture as a writing names it. */
export interface PictureNamed {
  readonly id: string;
  readonly description: string;
  readonly caption: string;
  readonly credit: string;
  readonly licence: string;
}

/** Lists and records arrive as JSON. */
export type StoredWriting<Row> = Omit<Row, 'labels' | 'beside'> & {
  readonly labels: string;
  readonly beside: string;
};

export function fromStored<Row extends Writing>(row: StoredWriting<Row>): Row {
  return {
    ...row,
    labels: textsFrom(row.labels),
    beside: besideOf(row.beside),
  } as unknown as Row;
}

/** What stands beside a post; posts from before have less of it. */
export function besideOf(json: string): Beside {
  return { ...NOTHING_BESIDE, ...besideFrom(json) };
}

export function asStored({ labels, beside }: Writing): { readonly labels: string; readonly beside: string } {
  return { labels: JSON.stringify(labels), beside: JSON.stringify(beside) };
}

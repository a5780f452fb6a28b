import { LETTERINGS, type Lettering } from '../looks/looks';

/** What stands beside the body of a post; none of it is counted as its words. */
export interface Beside {
  /** A line under the title. */
  readonly subtitle: string;
  /** The short text that stands for the post on the front page; empty while its first sentences do. */
  readonly teaser: string;
  /** The picture that stands for it: one of the post's own, or another of the class; null while the first one does. */
  readonly cover: { readonly src: string; readonly description: string } | null;
  /** The typeface of this post, where the writer chose another than the class's; empty for the class's. */
  readonly lettering: Lettering | '';
  /** The ids of the requirements that the writer confirmed, such as "I read it aloud". */
  readonly selfChecked: readonly string[];
}

export const NOTHING_BESIDE: Beside = {
  subtitle: '',
  teaser: '',
  cover: null,
  lettering: '',
  selfChecked: [],
};

/** JSON Schema of what stands beside a post. */
export const besideSchema = {
  type: 'object',
  required: ['subtitle', 'teaser', 'cover', 'selfChecked'],
  additionalProperties: false,
  properties: {
    subtitle: { type: 'string', maxLength: 300 },
    teaser: { type: 'string', maxLength: 600 },
    lettering: { enum: ['', ...LETTERINGS] },
    cover: {
      anyOf: [
        {
          type: 'object',
          required: ['src', 'description'],
          additionalProperties: false,
          properties: {
            src: { type: 'string', pattern: '^[0-9a-z]{16}$' },
            description: { type: 'string', maxLength: 1000 },
          },
        },
        { type: 'null' },
      ],
    },
    selfChecked: { type: 'array', maxItems: 60, items: { type: 'string', maxLength: 60 } },
  },
} as const;

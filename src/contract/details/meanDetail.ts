import { deed } from '../deed';

/** A key of a personal detail. */
export const detailKeySchema = { type: 'string', pattern: '^[0-9a-f]{64}$' } as const;

/** Says that a personal detail is meant to be where it is, with a reason; null takes that back. It holds until the text around it changes. */
export const meanDetail = deed({
  name: 'meanDetail',
  on: 'handIn',
  action: 'post.review',
  fields: {
    detail: detailKeySchema,
    reason: { type: ['string', 'null'], maxLength: 300 },
  },
}).answers<null>();

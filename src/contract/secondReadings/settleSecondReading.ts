import { deed } from '../deed';
import { schemaOf } from '../input';

/** Sets the levels of a post that two teachers judged, with a reason; what both gave is kept beside it. */
export const settleSecondReading = deed({
  name: 'settleSecondReading',
  on: 'handIn',
  action: 'reading.settle',
  fields: {
    /** Indices of levels by criterion. */
    levels: schemaOf<Readonly<Record<string, number>>>({
      type: 'object',
      maxProperties: 100,
      additionalProperties: { type: 'integer', minimum: 0, maximum: 20 },
    }),
    reason: { type: 'string', maxLength: 1000 },
  },
}).answers<{ readonly figure: number }>();

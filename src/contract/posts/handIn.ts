import { deed } from '../deed';

/**
 * Hands a post in: its draft becomes a snapshot, and the evidence is computed from that. The same version handed in twice at
 * once is one hand-in with one receipt.
 */
export const handIn = deed({
  name: 'handIn',
  on: 'post',
  action: 'post.handIn',
  fields: {
    /** The version of the draft that the writer has before the eyes. */
    version: { type: 'integer', minimum: 1 },
    /** When it was pressed, where the line was cut then, and the device's clock now; milliseconds since 1970. */
    pressed: {
      type: 'object',
      required: ['at', 'deviceNow'],
      properties: {
        at: { type: 'integer', minimum: 0, maximum: 8_000_000_000_000 },
        deviceNow: { type: 'integer', minimum: 0, maximum: 8_000_000_000_000 },
      },
      additionalProperties: false,
    },
  },
  optional: ['pressed'],
}).answers<{ readonly receipt: number }>();

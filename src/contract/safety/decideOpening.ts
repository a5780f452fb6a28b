import { deed } from '../deed';
import { idSchema } from '../idSchema';

/** Agrees to open a draft together with the teacher who asked, or declines. It takes two: nobody agrees with themselves. */
export const decideOpening = deed({
  name: 'decideOpening',
  on: 'install',
  action: 'install.manage',
  fields: {
    openingId: idSchema,
    agree: { type: 'boolean' },
    /** Whether the writer is told. Where the teacher asked to keep it quiet, the administrator has the last word. */
    tellWriter: { type: 'boolean' },
  },
}).answers<null>();

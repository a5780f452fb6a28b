import { known, NOT_KNOWN } from '../condition';
import type { RequirementKind } from '../kind';
import type { Judgement } from '../post';

interface JudgedSettings {
  readonly id: string;
  /** What the teacher will look for. */
  readonly text?: string;
}

const SHARES: Readonly<Record<Judgement, number>> = { yes: 1, partly: 0.5, no: 0 };

/** What a teacher looks for by eye: nothing is known until they have said yes, partly or no. */
export const judged: RequirementKind<JudgedSettings> = {
  kind: 'judged',
  settings: {},
  measure({ id, text = '' }, post) {
    const judgement = post.judged?.[id];
    if (judgement === undefined)
      return {
        measured: null,
        target: {},
        conditions: [NOT_KNOWN],
        places: [],
        message: { key: 'waits', values: { text } },
        unknown: 'teacher',
      };
    const share = SHARES[judgement];
    return {
      measured: share,
      target: {},
      conditions: [known(share)],
      places: [],
      message: { key: judgement, values: { text } },
    };
  },
};

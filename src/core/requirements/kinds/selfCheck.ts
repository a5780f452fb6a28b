import { known } from '../condition';
import type { RequirementKind } from '../kind';

interface SelfCheckSettings {
  readonly id: string;
  /** What the writer confirms. */
  readonly text?: string;
}

/** What the writer confirms, such as "I read it aloud". */
export const selfCheck: RequirementKind<SelfCheckSettings> = {
  kind: 'selfCheck',
  settings: {},
  seen: (_, post) => [post.selfChecked],
  measure({ id, text = '' }, post) {
    const confirmed = post.selfChecked?.includes(id) === true;
    return {
      measured: confirmed ? 1 : 0,
      target: {},
      conditions: [known(confirmed ? 1 : 0)],
      places: [],
      message: { key: confirmed ? 'confirmed' : 'open', values: { text } },
    };
  },
};

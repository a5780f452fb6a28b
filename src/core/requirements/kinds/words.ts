import { countDocumentWords } from '../../words/documentWords';
import { targetOf, withinLimits } from '../condition';
import { countedBy } from '../countedFor';
import type { RequirementKind } from '../kind';
import { count, flag } from '../settings';

interface WordsSettings {
  readonly min?: number;
  readonly max?: number;
  /** Per cent of either limit that is forgiven. */
  readonly tolerance?: number;
  readonly excludeQuotations?: boolean;
  readonly excludeHeadings?: boolean;
}

export const words: RequirementKind<WordsSettings> = {
  kind: 'words',
  settings: {
    min: count,
    max: count,
    tolerance: { type: 'number', minimum: 0, maximum: 100 },
    excludeQuotations: flag,
    excludeHeadings: flag,
  },
  measure(settings, post, assignment) {
    const { tolerance = 0, min, max } = settings;
    const measured = countDocumentWords(post.body, countedBy({ ...settings }, assignment.outline));
    const condition = withinLimits(settings, measured, { tolerance });
    const values = {
      measured,
      min: min ?? 0,
      max: max ?? 0,
      toGo: Math.max(0, (min ?? 0) - measured),
      tooMany: max === undefined ? 0 : Math.max(0, measured - max),
      limits: min === undefined ? 'max' : max === undefined ? 'min' : 'both',
    };
    const key = condition.over ? 'over' : condition.share < 1 ? 'below' : 'within';
    return {
      measured,
      target: targetOf(settings),
      conditions: [condition],
      places: [],
      message: { key, values },
    };
  },
};

import { addDays, localDate } from '../src/core/timing/zonedTime';
import { keepColumn } from '../src/server/deeds/gradebook/keepColumn';
import { keepFigures } from '../src/server/deeds/gradebook/keepFigures';
import { keepRules } from '../src/server/deeds/gradebook/keepRules';
import { perform } from '../src/server/ground/access/perform';
import { TIME_ZONE } from './insertClasses';
import { STUDENTS } from './people';
import { succeeded } from './succeeded';

interface Filling {
  readonly classId: string;
  /** By the keys of the demo. */
  readonly people: ReadonlyMap<string, string>;
  readonly assignments: ReadonlyMap<string, string>;
  readonly now: Date;
}

/** Says how the demo class counts, and types in what it said aloud about the barometer: all but three of them so far. */
export async function fillGradebook({ classId, people, assignments, now }: Filling): Promise<void> {
  const asker = { personId: people.get('marisol') ?? '', now };
  const { columnId } = succeeded(
    await perform(
      keepColumn,
      {
        ...{ classId, columnId: null, title: 'Barometer, told aloud', possible: 10, categoryId: null },
        day: addDays(localDate(now.getTime(), TIME_ZONE), -6),
      },
      asker,
    ),
  );
  const place = (columnId: string | undefined, categoryId: string) => ({
    columnId: columnId ?? '',
    categoryId,
  });
  succeeded(
    await perform(
      keepRules,
      {
        ...{ classId, counting: 'points', missing: 'zero', cap: null, rounding: 0.1, version: 0 },
        categories: [
          { id: 'observing', title: 'Observing', weight: 2, dropLowest: 0 },
          { id: 'explaining', title: 'Explaining', weight: 2, dropLowest: 0 },
          { id: 'asking', title: 'Asking', weight: 1, dropLowest: 0 },
        ],
        bands: [
          { letter: 'Not yet', from: 0 },
          { letter: 'On the way', from: 50 },
          { letter: 'Sound', from: 70 },
          { letter: 'Strong', from: 85 },
        ],
        places: [
          place(assignments.get('skies'), 'observing'),
          place(assignments.get('log'), 'observing'),
          place(assignments.get('instrument'), 'explaining'),
          place(assignments.get('sayings'), 'explaining'),
          place(columnId, 'explaining'),
          place(assignments.get('storm'), 'asking'),
        ],
      },
      asker,
    ),
  );
  const cells = STUDENTS.slice(3).map(({ key }, index) => ({
    columnId,
    personId: people.get(key) ?? '',
    figure: 6 + ((index * 5) % 9) / 2,
    was: null,
  }));
  succeeded(await perform(keepFigures, { classId, cells }, asker));
}

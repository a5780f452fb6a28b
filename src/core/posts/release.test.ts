import fc from 'fast-check';
import { expect, test } from 'vitest';
import { AUDIENCES, audiencesUpTo } from '../access/audience';
import { maybeReaches, RELEASES, type ReleaseMoment } from './release';

const moments = fc.constantFrom<ReleaseMoment>('handIn', 'accepted', 'opened');

test('nothing reaches more people than is allowed, and nobody outside before a teacher has accepted it', () => {
  fc.assert(
    fc.property(
      moments,
      fc.constantFrom(...RELEASES),
      fc.constantFrom(...AUDIENCES),
      fc.boolean(),
      (moment, release, audience, setOpened) => {
        const reaches = maybeReaches(moment, release, audience, { setOpened });
        if (reaches === null) return;
        expect(audiencesUpTo(audience)).toContain(reaches);
        expect(reaches).not.toBe('writerAndTeachers');
        if (moment === 'handIn') expect([release, reaches]).toEqual(['handIn', 'ourClass']);
        if (release === 'opened') expect(setOpened).toBe(true);
      },
    ),
  );
});

test('once accepted, and opened where that is asked for, it reaches all who are allowed', () => {
  for (const release of RELEASES)
    for (const audience of AUDIENCES.filter((one) => one !== 'writerAndTeachers'))
      expect(maybeReaches('accepted', release, audience, { setOpened: true })).toBe(audience);
});

import { expect, test } from 'vitest';
import { asAppointments, fromAppointments } from './appointments';

test('who comes first is talked with first, and who has no time last', () => {
  const read = asAppointments('a,b@15:20,c@08:10,b@09:00', '2026-12-14');
  expect(read).toEqual([
    { personId: 'c', time: '08:10', day: '2026-12-14' },
    { personId: 'b', time: '15:20', day: '2026-12-14' },
    { personId: 'a', time: null, day: '2026-12-14' },
  ]);
  expect(asAppointments(fromAppointments(read), '2026-12-14')).toEqual(read);
});

test.each(['', ',', '<b>', 'A', 'a@b', 'a@1:00', '../x', 'a'.repeat(17)])('%j is nobody', (text) => {
  expect(asAppointments(text, null)).toEqual([]);
});

test('what is no day is none', () => {
  expect(asAppointments('a', 'today')).toEqual([{ personId: 'a', time: null, day: null }]);
});

import { expect, test } from 'vitest';
import { checkOf } from './validate';

const check = checkOf<unknown>({
  type: 'object',
  required: ['name'],
  additionalProperties: false,
  properties: {
    name: { type: 'string', minLength: 1, maxLength: 5 },
    age: { anyOf: [{ type: 'integer', minimum: 9, maximum: 18 }, { type: 'null' }] },
    when: { type: 'string', format: 'date' },
    role: { enum: ['student', 'teacher'] },
    tags: { type: 'array', maxItems: 2, items: { type: 'string' } },
  },
});

test.each([
  [{}, 'name', 'required', ''],
  [{ name: '' }, 'name', 'minLength', '1'],
  [{ name: 'too long' }, 'name', 'maxLength', '5'],
  [{ name: 'x', age: 8 }, 'age', 'minimum', '9'],
  [{ name: 'x', age: 'old' }, 'age', 'type', 'integer'],
  [{ name: 'x', when: 'today' }, 'when', 'format', 'date'],
  [{ name: 'x', role: 'king' }, 'role', 'enum', 'student, teacher'],
  [{ name: 'x', tags: ['a', 'b', 'c'] }, 'tags', 'maxItems', '2'],
  [{ name: 'x', tags: ['a', 1] }, 'tags.1', 'type', 'string'],
  [{ name: 'x', extra: 1 }, 'extra', 'additionalProperties', ''],
  ['text', 'input', 'type', 'object'],
])('%j is wrong at %s', (input, field, key, wanted) => {
  expect(check(input)).toEqual({ ok: false, field, problem: { key, wanted } });
});

test('what fits is given back as it is', () => {
  const input = { name: 'Wren', age: null, role: 'student' };
  expect(check(input)).toEqual({ ok: true, value: input });
});

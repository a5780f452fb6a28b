import fc from 'fast-check';
import { createTranslator } from 'next-intl';
import { describe, expect, test } from 'vitest';
import { anyPost, oneAnswer, requirementOf, SETTINGS } from '../../tests/support/requirements';
import { HOUSE_LANGUAGES, type HouseLanguage } from '../core/languages/languages';
import { CATALOGUES } from './catalogues';

const speaker = (language: HouseLanguage) =>
  createTranslator({
    locale: HOUSE_LANGUAGES[language],
    messages: CATALOGUES[language],
    namespace: 'requirements',
    onError: (error) => {
      throw error;
    },
  });
const LANGUAGES = Object.keys(HOUSE_LANGUAGES) as readonly HouseLanguage[];

/** Words of every kind by which a writer is told how far a requirement is and what is to be done. */
describe.each(Object.entries(SETTINGS))('%s', (kind, settings) => {
  test.each(LANGUAGES)(
    'says in %s how far it is, what it lacks and what to do, whatever was written',
    (language) => {
      const t = speaker(language);
      fc.assert(
        fc.property(anyPost, settings, (post, asked) => {
          const { state, places, message } = oneAnswer(post, requirementOf(kind, asked));
          const values = { ...message.values, lack: message.values['lack'] ?? message.key };
          const say = (part: string) =>
            t.markup(
              `${kind}.${part}` as never,
              { ...values, em: (chunks: string) => `<em>${chunks}</em>` } as never,
            );
          const line = say(`line.${message.key}`);
          expect(line).not.toMatch(/[{}]|undefined/);
          // What is emphasised is what is missing: where that is so and nowhere else.
          if (state !== 'unknown')
            expect([state, message, line.includes('<em>')]).toEqual([state, message, state !== 'met']);
          for (const { reason } of places) expect(say(`places.${reason}`)).not.toBe('');
          if (state === 'met' || state === 'unknown') return;
          expect(say('toDo')).not.toMatch(/[{}]/);
          // Nothing is named that is not there: no "0 pictures", no words between quotation marks that are empty.
          expect(say('lack')).not.toMatch(/[{}]|\b0 \p{L}|“”|„“/u);
        }),
        { numRuns: 80, endOnFailure: true },
      );
    },
  );
});

import { done } from '../access/useCase';
import { classUseCase } from './classUseCase';
import { updateWords } from './queries';

interface Input {
  readonly classId: string;
  readonly words: readonly string[];
}

/** Says which spellings a class allows beside the dictionary: names, and words of what it works on. */
export const changeWords = classUseCase<Input, null>({
  name: 'changeWords',
  action: 'class.change',
  fields: {
    words: { type: 'array', maxItems: 1000, items: { type: 'string', minLength: 1, maxLength: 80 } },
  },
  async run({ classId, words }, _, { database }) {
    await updateWords(database, classId, [...new Set(words.map((word) => word.trim()).filter(Boolean))]);
    return done(null);
  },
});

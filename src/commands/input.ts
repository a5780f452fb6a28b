import { readFileSync } from 'node:fs';
import type { Check, Problem } from '../server/ground/input/validate';

/** What a person gave a command cannot be read; the message is the one line that is shown. */
export class UnreadableInput extends Error {
  override readonly name = 'UnreadableInput';
}

/** The text of a file, or of standard input for `-`. @throws UnreadableInput */
export function readText(file: string): string {
  return readBytes(file).toString('utf8');
}

/** What a file, or standard input for `-`, holds. @throws UnreadableInput */
export function readBytes(file: string): Buffer {
  try {
    return readFileSync(file === '-' ? 0 : file);
  } catch (cause) {
    const code = (cause as NodeJS.ErrnoException).code;
    if (!code) throw cause;
    throw new UnreadableInput(
      `${file}: ${code === 'ENOENT' ? 'there is no such file' : `it cannot be read (${code})`}`,
    );
  }
}

/** Takes an option with its value out of a command's arguments. @throws UnreadableInput where the value is missing */
export function optionOf(
  args: readonly string[],
  name: string,
  wanted = 'a file',
): { readonly value: string | null; readonly rest: readonly string[] } {
  const at = args.indexOf(name);
  if (at < 0) return { value: null, rest: args };
  const value = args[at + 1];
  if (value === undefined) throw new UnreadableInput(`${name}: ${wanted} should follow`);
  return { value, rest: args.toSpliced(at, 2) };
}

/** The JSON in `text`. @throws UnreadableInput */
export function parseJson(text: string, file: string): unknown {
  try {
    return JSON.parse(text) as unknown;
  } catch (cause) {
    throw new UnreadableInput(`${file}: it is not JSON`, { cause });
  }
}

/** The checked value. @throws UnreadableInput that names the field and what would be right */
export function checked<T>(check: Check<T>, input: unknown): T {
  const result = check(input);
  if (!result.ok) throw new UnreadableInput(`${result.field}: ${sentence(result.problem)}`);
  return result.value;
}

const SENTENCES: Readonly<Record<string, (wanted: string) => string>> = {
  required: () => 'it is missing',
  additionalProperties: () => 'there is no such setting here',
  enum: (wanted) => `it should be one of ${wanted}`,
  const: (wanted) => `it should be ${wanted}`,
  discriminator: () => 'there is no such kind',
  type: (wanted) => `it should be of type ${wanted}`,
  format: (wanted) => `it should be written as a ${wanted}`,
  minimum: (wanted) => `it should be at least ${wanted}`,
  exclusiveMinimum: (wanted) => `it should be more than ${wanted}`,
  maximum: (wanted) => `it should be at most ${wanted}`,
  pattern: () => 'it is not written in the form that it should have',
  minLength: () => 'it is empty or too short',
  maxLength: (wanted) => `it is longer than ${wanted} characters`,
  minItems: (wanted) => `it should hold at least ${wanted}`,
  maxItems: (wanted) => `it should hold at most ${wanted}`,
};

function sentence({ key, wanted }: Problem): string {
  return SENTENCES[key]?.(wanted) ?? 'it is not right';
}

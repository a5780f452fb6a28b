import type messages from './en.json';

type Paths<Words> = {
  [Key in keyof Words & string]: Words[Key] extends string ? Key : `${Key}.${Paths<Words[Key]>}`;
}[keyof Words & string];

/**
 * Why something was refused: the key of its sentence under `refusals` in the message catalogue. What a JSON Schema finds wrong is
 * named by the keyword; one that has no sentence of its own is told as `input.other`.
 */
export type RefusalCode = Paths<(typeof messages)['refusals']> | `input.${string}`;

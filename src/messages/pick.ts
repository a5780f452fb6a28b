/** A catalogue, or a part of one. */
export interface Messages {
  readonly [key: string]: string | Messages;
}

/**
 * What every page may say in the browser, whatever it is about: what stands above it, what refuses any deed, and who reads.
 */
const EVERYWHERE = [
  'site',
  'lintel',
  'error',
  'notFound',
  'audience',
  'numbers',
  'weekdays',
  'refusals.input',
];

/**
 * The parts of a catalogue that some pages say in the browser, with what every page says. The rest stays on the server.
 * @param names of parts, such as `roster` or `refusals.roster`
 */
export function pickMessages(catalogue: Messages, names: readonly string[]): Messages {
  const { refusals } = catalogue;
  const bare =
    typeof refusals === 'object'
      ? Object.entries(refusals).filter(([, words]) => typeof words === 'string')
      : [];
  let picked: Messages = { refusals: Object.fromEntries(bare) };
  for (const name of [...EVERYWHERE, ...names]) picked = withPart(picked, catalogue, name.split('.'));
  return picked;
}

function withPart(picked: Messages, catalogue: Messages, [name = '', ...rest]: readonly string[]): Messages {
  const part = catalogue[name];
  if (part === undefined) throw new RangeError(`the catalogue has no ${name}`);
  if (rest.length === 0 || typeof part === 'string') return { ...picked, [name]: part };
  const before = picked[name];
  return { ...picked, [name]: withPart(typeof before === 'object' ? before : {}, part, rest) };
}

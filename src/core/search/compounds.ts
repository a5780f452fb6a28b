/** Says whether a word stands in a dictionary. */
export type Knows = (word: string) => boolean;

/** What stands between the parts of a compound, or was left out at the end of its first: "Geburt-s-tag", "Schul(e)haus". */
const LINKS = ['s', 'es', 'n', 'en', 'ens', 'er', 'e'] as const;
const LEFT_OUT = ['e', 'en'] as const;
const SHORTEST = 3;
/** A part of three letters is one only beside a longer one: "rain-bow", but never "car-pet". */
const BESIDE_SHORT = 4;
const LETTERS = /^[\p{L}\p{M}]+$/u;

/**
 * The parts that a compound ends with: "Windmesser" and "Messer" of "Nordwindmesser". What it begins with is found by its beginning.
 * A part counts where the dictionary has it and what stands before it.
 */
export function compoundParts(word: string, knows: Knows): readonly string[] {
  if (!LETTERS.test(word)) return [];
  const letters = Array.from(word.toLowerCase());
  const parts: string[] = [];
  for (let at = SHORTEST; at <= letters.length - SHORTEST; at += 1) {
    const [head, tail] = [letters.slice(0, at).join(''), letters.slice(at).join('')];
    if (letters.length - at === SHORTEST && at < BESIDE_SHORT) continue;
    if (isWord(tail, knows) && beginsCompound(head, knows)) parts.push(tail);
  }
  return parts;
}

function beginsCompound(head: string, knows: Knows): boolean {
  if (isWord(head, knows) || LEFT_OUT.some((ending) => isWord(head + ending, knows))) return true;
  return LINKS.some(
    (link) =>
      head.endsWith(link) &&
      head.length - link.length >= SHORTEST &&
      isWord(head.slice(0, -link.length), knows),
  );
}

/** In small letters, or as a noun is written in German. */
function isWord(word: string, knows: Knows): boolean {
  return knows(word) || knows(word.slice(0, 1).toUpperCase() + word.slice(1));
}

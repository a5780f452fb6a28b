import { alike } from '../text/alike';

/** Why a passphrase is too weak. */
export type PassphraseWeakness = 'tooShort' | 'tooFewWords' | 'repeats' | 'common' | 'aboutTheClass';

const SHORTEST = 12;
const FEWEST_WORDS = 3;
/** A single word may do where it is this long: nobody guesses it in the tries that there are. */
const LONG_WORD = 20;
const FEWEST_SIGNS = 6;
const COMMON = /^(?:pass ?(?:word|phrase)|let ?me ?in|open ?sesame|qwert|1234|abcd|our class|welcome)/;

/** A passphrase as it is compared: without case and accents, with single spaces. */
export function comparablePassphrase(text: string): string {
  return alike(text.replace(/[-_.,]+/g, ' '));
}

/**
 * Why a passphrase should not be taken, or null. It is read out to families and typed on phones, so it is made of words;
 * what can be read off the class blog itself does not count.
 * @param known names that anybody can see: the class's title, group, address, school
 */
export function passphraseWeakness(text: string, known: readonly string[]): PassphraseWeakness | null {
  const phrase = comparablePassphrase(text);
  if (phrase.length < SHORTEST) return 'tooShort';
  if (new Set(phrase.replaceAll(' ', '')).size < FEWEST_SIGNS) return 'repeats';
  if (COMMON.test(phrase)) return 'common';
  const words = phrase.split(' ');
  if (words.length < FEWEST_WORDS && phrase.length < LONG_WORD) return 'tooFewWords';
  if (new Set(words).size * 2 <= words.length) return 'repeats';
  const said = new Set(known.flatMap((name) => comparablePassphrase(name).split(' ')));
  const fresh = words.filter((word) => !said.has(word)).join('');
  return fresh.length < SHORTEST / 2 ? 'aboutTheClass' : null;
}

const WORDS =
  'amber anchor apple arrow autumn badge basket beacon bench birch biscuit blanket bottle branch bridge bright bucket butter button cabin candle canvas carrot castle cedar cellar chalk cherry chestnut circle clover cobble compass copper coral cotton cradle cricket crystal curtain daisy dancer dolphin drawer eagle early east ember engine fabric falcon feather fiddle fifteen flannel forest fountain garden garlic gentle ginger glacier golden granite gravel hammer harbour hazel heather hedge helmet heron hollow honey island ivory jacket jelly juniper kettle kitchen ladder lantern lemon lentil lighthouse linen lizard lobster lunch magnet maple marble meadow melon mirror mitten morning mosaic mountain muffin mustard napkin needle nettle nutmeg oatmeal ocean olive onion orchard otter oyster paddle paper parsley pebble pencil pepper pigeon pillow pocket pollen poplar potato pumpkin puzzle quarter quiet rabbit raisin ribbon river rocket rosemary saddle salmon sandal saucer scarf seven shadow shelter silver slipper sparrow spinach spring squirrel station summer sunday tablet teapot thicket thistle thunder timber tomato trumpet tulip tunnel turnip turtle velvet violet walnut water weather whistle willow window winter wooden yellow yonder zebra'.split(
    ' ',
  );

/**
 * A good passphrase to propose: four words, some 30 bits.
 * @param random a whole number from 0 to below its argument, each as likely
 */
export function proposePassphrase(random: (below: number) => number): string {
  const left = [...WORDS];
  return Array.from({ length: 4 }, () => left.splice(random(left.length), 1)[0] ?? '').join(' ');
}

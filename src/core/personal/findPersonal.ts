import { codeIn } from './code';
import {
  foldUnits,
  isWithin,
  type DetailKind,
  type KnownPerson,
  type Looked,
  type PersonalDetail,
  type Place,
} from './found';
import { accounts } from './kinds/account';
import { addresses } from './kinds/address';
import { birthDates } from './kinds/birthDate';
import { coordinates } from './kinds/coordinates';
import { emails } from './kinds/email';
import { fullNames } from './kinds/fullName';
import { handles } from './kinds/handle';
import { identities, identitiesByWord } from './kinds/identity';
import { secrets } from './kinds/secret';
import { telephones } from './kinds/telephone';

interface Where {
  readonly people: readonly KnownPerson[];
  /** ISO 3166-1 alpha-2, such as `IE`. */
  readonly country: string;
  /** BCP 47. */
  readonly language: string;
  /** What the document says is code, besides what the text itself shows. */
  readonly code?: readonly Place[];
}

/**
 * The personal details in a text, in its order (UTF-16 units). A place that fits several kinds is told once, as the first of them; what
 * an identity word, an account's check digits or a pair of coordinates explains is no telephone number.
 */
export function findPersonal(text: string, { code = [], ...where }: Where): readonly PersonalDetail[] {
  const looked: Looked = { ...where, text, folded: foldUnits(text), code: [...code, ...codeIn(text)] };
  const account = accounts(looked);
  const coordinate = coordinates(looked);
  const explained = [...account, ...coordinate, ...identitiesByWord(looked)];
  const kinds: readonly (readonly [DetailKind, readonly Place[]])[] = [
    ['email', emails(looked)],
    ['telephone', telephones(looked).filter((place) => !isWithin(place, explained))],
    ['address', addresses(looked)],
    ['account', account],
    ['identity', identities(looked)],
    ['handle', handles(looked)],
    ['birthDate', birthDates(looked)],
    ['fullName', fullNames(looked)],
    ['coordinates', coordinate],
    ['secret', secrets(looked)],
  ];
  const found: PersonalDetail[] = [];
  for (const [kind, places] of kinds)
    for (const { from, to } of places)
      if (!isWithin({ from, to }, found)) found.push({ kind, text: text.slice(from, to), from, to });
  return found.sort((one, other) => one.from - other.from);
}

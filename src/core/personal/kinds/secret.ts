import { placesOf, type Looked, type Place } from '../found';
import { isProse, TOKEN } from './oneToken';

/** What a secret follows, folded. */
const PASSWORDS = [
  String.raw`(?:pass ?word|pass ?code|pass ?phrase|log ?in)(?: [^.!?\n]{0,30}?)? (?:is|was|=)`,
  String.raw`(?:pass ?word|pass ?code|pass ?phrase|pin|kennwort|passwort|losungswort|mot de passe|contrasena|clave) ?[:=]`,
  String.raw`(?:passwort|kennwort|losungswort)(?: [^.!?\n]{0,30}?)? (?:ist|lautet|war)`,
  String.raw`mot de passe(?: [^.!?\n]{0,30}?)? (?:est|c'est)`,
  String.raw`(?:contrasena|clave)(?: [^.!?\n]{0,30}?)? es`,
];
/** Codes and PINs have figures; "the code is easy" has none. */
const CODES = [
  String.raw`(?:pin|pin code|pin number)(?: [^.!?\n]{0,30}?)? (?:is|was|ist|lautet|est|es)`,
  String.raw`(?:code|combination|number) (?:for|to|of) (?:the|my|our|his|her|their|your) [^.!?\n\d]{1,40}? is`,
  String.raw`(?:code|zahlencode|geheimzahl|kombination)(?: (?:fur|von|zum|zur|am)[^.!?\n\d]{1,40}?)? (?:ist|lautet)`,
  String.raw`(?:code|digicode)(?: (?:de|du|pour)[^.!?\n\d]{1,40}?)? (?:est|c'est)`,
  String.raw`(?:codigo|combinacion)(?: (?:de|del|para)[^.!?\n\d]{1,40}?)? es`,
];
const AFTER_PASSWORD = new RegExp(String.raw`(?<![\p{L}])(?:${PASSWORDS.join('|')})\s*${TOKEN}`, 'gu');
const AFTER_CODE = new RegExp(String.raw`(?<![\p{L}])(?:${CODES.join('|')})\s*${TOKEN}`, 'gu');

/** What follows "my password is" and its like; plain prose is none. */
export function secrets({ folded }: Looked): readonly Place[] {
  const passwords = placesOf(folded, AFTER_PASSWORD).filter(
    ({ from, to }) => !isProse(folded.slice(from, to)),
  );
  const codes = placesOf(folded, AFTER_CODE).filter(({ from, to }) => /\d/.test(folded.slice(from, to)));
  return [...passwords, ...codes];
}

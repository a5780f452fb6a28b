import { isWithin, placesOf, type Looked, type Place } from '../found';
import { isProse, TOKEN } from './oneToken';

const WITH_SIGN = /(?<![\p{L}\p{N}_.@/+-])@[\p{L}\p{N}_](?:[\p{L}\p{N}_.-]{0,62}[\p{L}\p{N}_])/gu;
const SHORTEST = 3;
/** What a name of an account follows, folded. */
const SAYS = [
  String.raw`(?:user ?name|screen ?name|gamer ?tag|nick(?: ?name)? (?:online|in the game)|account(?: name)?|handle) (?:is|=)`,
  String.raw`(?:add|follow|find|friend|look for|search for) (?:me|us) (?:as|under|at)`,
  String.raw`(?:benutzername|nutzername|account|konto|profil) (?:ist|heisst|heißt)`,
  String.raw`(?:folgt|folge|addet|adde|findet|finde|findest|sucht|such) (?:mir|mich|uns) (?:als|unter)`,
  String.raw`(?:pseudo|identifiant|nom d'utilisateur|compte) (?:est|c'est)`,
  String.raw`(?:suivez|suis|ajoutez|ajoute|trouvez|trouve|cherchez)[- ](?:moi|nous) (?:sous|comme|avec)(?: le (?:nom|pseudo))?`,
  String.raw`(?:mi|nuestro) (?:usuario|nick|cuenta|nombre de usuario|perfil) es`,
  String.raw`(?:sigueme|siguenos|agregame|anademe|buscame|encuentrame|seguidme|buscadme) (?:como|en)`,
  String.raw`(?:user ?name|screen ?name|gamer ?tag|benutzername|pseudo|usuario) ?:`,
];
const AFTER_WORDS = new RegExp(String.raw`(?<![\p{L}])(?:${SAYS.join('|')})\s*${TOKEN}`, 'gu');

/** Names of accounts: with their sign, or after words that say so; a decorator in code is none. */
export function handles({ text, folded, code }: Looked): readonly Place[] {
  const signed = placesOf(text, WITH_SIGN).filter(
    ({ from, to }) => to - from > SHORTEST && /\p{L}/u.test(text.slice(from, to)),
  );
  const said = placesOf(folded, AFTER_WORDS).filter(({ from, to }) => !isProse(folded.slice(from, to)));
  return [...signed, ...said].filter((place) => !isWithin(place, code));
}

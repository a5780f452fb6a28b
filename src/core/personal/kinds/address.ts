import { before, placesOf, type Looked, type Place } from '../found';

const NAME = String.raw`\p{Lu}[\p{L}'’.-]*`;
const STREETS =
  'Street|St|Road|Rd|Lane|Ln|Avenue|Ave|Drive|Dr|Court|Ct|Row|Way|Close|Place|Pl|Square|Sq|Terrace|Crescent|Cres|Quay|Gardens|Grove|Boulevard|Blvd|Parade|Pde|Mews|Walk|Green|View|Rise|Highway|Hwy|Circle|Hill|Park|Heights|Esplanade|Wharf|Vale|Trail|Alley';
const FLAT = String.raw`(?:(?:[Ff]lat|[Aa]partment|[Aa]pt\.?|[Uu]nit|[Hh]ouse|[Ss]uite|[Ww]ohnung|[Aa]ppartement|[Pp]iso)\s+\d{1,4}[A-Za-z]?,?\s+)?`;
const HOUSE = String.raw`\d{1,5}[A-Za-z]?(?:[-/]\d{1,4}[A-Za-z]?)?`;
const ENGLISH = new RegExp(
  String.raw`(?<![\p{L}\p{N}.,])${FLAT}${HOUSE},?\s+(?:${NAME}\s+){1,3}(?:${STREETS})(?![\p{L}])`,
  'gu',
);
/** Written without capitals, where somebody says that they live there. */
const SMALL = new RegExp(
  String.raw`(?<=(?<![\p{L}])(?:live|lives|living|address is|house is|home is|we are|come to|at)\s(?:at\s|on\s)?)(?<detail>\d{1,4}[a-z]?\s+(?:\p{L}+\s+){1,2}(?:street|road|lane|avenue|drive|court|terrace|crescent|gardens|close))(?![\p{L}])`,
  'giu',
);
const GERMAN_END = String.raw`(?:stra(?:ß|ss)e|str\.|gasse|weg|platz|allee|ring|ufer|damm|steig|chaussee|kai|markt|berg|hof|graben|zeile|steg|pfad|promenade)`;
const GERMAN = [
  String.raw`\p{Lu}[\p{L}-]*${GERMAN_END}\s+\d{1,4}\s?[a-z]?(?![\p{L}\p{N}])`,
  String.raw`(?:${NAME}[\s-]){1,2}(?:Stra(?:ß|ss)e|Str\.|Gasse|Weg|Platz|Allee|Ring|Ufer|Damm)\s+\d{1,4}\s?[a-z]?(?![\p{L}\p{N}])`,
].map(
  (form) =>
    new RegExp(
      String.raw`(?<![\p{L}\p{N}])${form}(?!\s?(?:km|m|cm|uhr|euro|minuten|stunden|schritte|mal)\b|[.,:]\d)`,
      'gu',
    ),
);
const OF = String.raw`(?:(?:de la|de l['’]|de los|de las|du|des|del|de|d['’]|la|le|les|el)\s?){0,2}`;
const FRENCH = new RegExp(
  String.raw`(?<![\p{L}\p{N}.,])\d{1,4}(?:\s?(?:bis|ter|[A-D]))?,?\s+(?:[Rr]ue|[Aa]venue|[Aa]v\.|[Bb]oulevard|[Bb]d|[Pp]lace|[Cc]hemin|[Rr]oute|[Ii]mpasse|[Aa]ll[ée]e|[Qq]uai|[Ss]quare|[Cc]ours|[Pp]assage|[Ss]entier|[Rr]uelle)\s+${OF}\p{L}[\p{L}'’-]*(?:[\s-]\p{Lu}[\p{L}'’-]*){0,3}`,
  'gu',
);
const SPANISH = new RegExp(
  String.raw`(?<![\p{L}\p{N}])(?:[Cc]alle|[Aa]venida|[Aa]vda\.?|[Pp]laza|[Pp]aseo|[Cc]amino|[Cc]arretera|[Rr]onda|[Tt]raves[ií]a|[Cc]\/)\s*${OF}${NAME}(?:\s(?:de\s|del\s|la\s)?${NAME}){0,3},?\s+(?:n[.ºo°]*\s*|n[úu]mero\s+)?\d{1,4}(?![\p{L}\p{N}]|[.,:]\d)`,
  'gu',
);
/** What has a number too, and no house: "Chapter 3 Road to …". */
const NUMBERED =
  /(?:chapter|page|room|step|stop|bus|line|lesson|part|level|question|version|number of|kapitel|seite|raum|zimmer|chapitre|page|salle|arret|capitulo|pagina|aula|sala)\s+$/;

const POSTCODES: Readonly<Record<string, RegExp>> = {
  GB: /(?<![\p{L}\p{N}])[A-Z]{1,2}\d[A-Z\d]?\s?\d[A-Z]{2}(?![\p{L}\p{N}])/gu,
  IE: /(?<![\p{L}\p{N}])[AC-FHKNPRTV-Y]\d[\dW]\s?[\dAC-FHKNPRTV-Y]{4}(?![\p{L}\p{N}])/gu,
  CA: /(?<![\p{L}\p{N}])[A-Z]\d[A-Z][ -]?\d[A-Z]\d(?![\p{L}\p{N}])/gu,
  NL: /(?<![\p{L}\p{N}])[1-9]\d{3}\s?[A-Z]{2}(?![\p{L}\p{N}])/gu,
};
/** Of digits alone: only after a word that says so. */
const DIGITS =
  /(?<![\p{L}])(?:zip(?: code)?|post ?code|plz|postleitzahl|code postal|codigo postal|c\.?p\.?)(?:\s+(?:is|ist|est|es)|:)?\s+(?<detail>\d{4,5}(?:-\d{4})?)(?![\p{L}\p{N}])/gu;

/** House numbers with their street, flats of that form, and whole postcodes of the country. */
export function addresses({ text, folded, country }: Looked): readonly Place[] {
  const streets = [ENGLISH, SMALL, ...GERMAN, FRENCH, SPANISH]
    .flatMap((form) => placesOf(text, form))
    .filter(({ from }) => !NUMBERED.test(before(folded, from, 24)));
  const own = POSTCODES[country.toUpperCase()];
  return [...streets, ...(own ? placesOf(text, own) : []), ...placesOf(folded, DIGITS)];
}

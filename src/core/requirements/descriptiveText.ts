import { rememberByText } from '../text/remember';
import { alike, alikeWithoutPunctuation, fold } from '../text/alike';

/** Texts that say nothing about where a link leads, in any language's class. */
const SAYING_NOTHING = new Set(
  [
    'here, click here, click, link, this, this link, this page, this site, page, site, website, more, read more, see more',
    'hier, hier klicken, mehr, weiterlesen',
    'ici, cliquez ici, lien, en savoir plus',
    'aquí, haz clic aquí, enlace, leer más',
  ]
    .join(', ')
    .split(', ')
    .map(alike),
);

/**
 * Whether a link's text tells a reader where it leads: not empty, not "here" and its like, not an address.
 * @param address the link's own web address
 */
export function saysWhereItLeads(text: string, address: string): boolean {
  return answerFor(`${address}\n${text}`);
}

const answerFor = rememberByText((addressAndText): boolean => {
  const cut = addressAndText.indexOf('\n');
  const [address, text] = [addressAndText.slice(0, cut), addressAndText.slice(cut + 1)];
  const bare = alikeWithoutPunctuation(text);
  if (!bare || SAYING_NOTHING.has(bare)) return false;
  if (/^(https?:\/\/|www\.)/.test(bare)) return false;
  return !withoutScheme(fold(address)).startsWith(withoutScheme(bare));
});

function withoutScheme(address: string): string {
  return address.replace(/^https?:\/\//, '').replace(/^www\./, '');
}

import type { Node } from 'prosemirror-model';
import { countedBlocks } from './countedBlocks';

/**
 * The short text that stands for a post on the front page when its writer set none:
 * whole sentences from the first paragraphs up to `most` characters, or the first words of a longer one.
 */
export function teaserFrom(document: Node, most = 160): string {
  const text = countedBlocks(document, { excludeHeadings: true, excludeQuotations: true })
    .map((block) => block.text.replace(/\s+/gu, ' ').trim())
    .filter(Boolean)
    .join(' ');
  if (text.length <= most) return text;
  const sentences = text.slice(0, most + 1).match(/^.*[.!?…](?=\s)/su)?.[0];
  if (sentences) return sentences;
  return `${text.slice(0, most).replace(/\s+\S*$/u, '')} …`;
}

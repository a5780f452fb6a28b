import type { DefaultTreeAdapterTypes } from 'parse5';
import type { Mark } from 'prosemirror-model';
import { documentSchema, isLinkAddress, isPaletteName } from '../schema';

type Element = DefaultTreeAdapterTypes.Element;

const { marks } = documentSchema;

const BY_ELEMENT: Readonly<Record<string, () => Mark>> = {
  strong: () => marks.strong.create(),
  b: () => marks.strong.create(),
  em: () => marks.emphasis.create(),
  i: () => marks.emphasis.create(),
  u: () => marks.underline.create(),
  ins: () => marks.underline.create(),
  s: () => marks.strike.create(),
  del: () => marks.strike.create(),
  strike: () => marks.strike.create(),
  code: () => marks.code.create(),
  kbd: () => marks.code.create(),
  samp: () => marks.code.create(),
  tt: () => marks.code.create(),
  big: () => marks.large.create(),
  small: () => marks.small.create(),
};

/** The marks that hold inside `element`, given those that hold around it. */
export function marksOf(element: Element, around: readonly Mark[]): readonly Mark[] {
  let all = around;
  for (const mark of own(element)) all = mark.addToSet(all);
  return all;
}

function own(element: Element): Mark[] {
  const found: Mark[] = [];
  const byElement = Object.hasOwn(BY_ELEMENT, element.tagName) ? BY_ELEMENT[element.tagName] : undefined;
  if (byElement) found.push(byElement());
  for (const { name, value } of element.attrs) {
    if (name === 'href' && element.tagName === 'a' && isLinkAddress(value.trim()))
      found.push(marks.link.create({ href: value.trim() }));
    if (name === 'data-size' && value === 'large') found.push(marks.large.create());
    if (name === 'data-size' && value === 'small') found.push(marks.small.create());
    if (name === 'data-colour' && isPaletteName(value)) found.push(marks.colour.create({ name: value }));
    if (name === 'data-highlight' && isPaletteName(value))
      found.push(marks.highlight.create({ name: value }));
  }
  return found;
}

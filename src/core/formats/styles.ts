import type { DefaultTreeAdapterTypes } from 'parse5';

export type Tree = DefaultTreeAdapterTypes.ChildNode;
export type Element = DefaultTreeAdapterTypes.Element;

export function isElement(tree: Tree): tree is Element {
  return 'tagName' in tree;
}

export function attribute(element: Element, name: string): string {
  return element.attrs.find((candidate) => candidate.name === name)?.value ?? '';
}

/** The declarations of an element's style attribute, names in lower case. */
export function stylesOf(element: Element): ReadonlyMap<string, string> {
  const styles = new Map<string, string>();
  for (const declaration of attribute(element, 'style').split(';')) {
    const colon = declaration.indexOf(':');
    if (colon > 0)
      styles.set(
        declaration.slice(0, colon).trim().toLowerCase(),
        declaration
          .slice(colon + 1)
          .trim()
          .toLowerCase(),
      );
  }
  return styles;
}

/** All text within, as it stands. */
export function rawText(tree: Tree): string {
  if (!isElement(tree)) return tree.nodeName === '#text' && 'value' in tree ? tree.value : '';
  return tree.childNodes.map(rawText).join('');
}

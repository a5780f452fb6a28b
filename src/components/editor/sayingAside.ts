/** Words that stand in the text without being part of it; `className` says how they look. */
export function sayingAside(className: string, words: string): HTMLElement {
  const element = document.createElement('span');
  element.className = className;
  element.contentEditable = 'false';
  element.textContent = words;
  return element;
}

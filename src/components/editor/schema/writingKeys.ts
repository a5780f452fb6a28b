import { Extension, textblockTypeInputRule, wrappingInputRule } from '@tiptap/core';
import { leaveField } from './leaveField';
import { moveCell, moveRow } from './tableCommands';

/** Keys and typed beginnings that every writer expects of lists, headings and quotations. */
export const writingKeys = Extension.create({
  name: 'writingKeys',
  addKeyboardShortcuts() {
    // Commands belong to the moment in which they are asked for: kept, they would change a document that is gone.
    const commands = () => this.editor.commands;
    return {
      Enter: () => leaveField(this.editor) || commands().splitListItem('listItem'),
      Tab: () => moveCell(this.editor, 1) || commands().sinkListItem('listItem'),
      'Shift-Tab': () => moveCell(this.editor, -1) || commands().liftListItem('listItem'),
      ArrowDown: () => moveRow(this.editor, 1),
      ArrowUp: () => moveRow(this.editor, -1),
      'Mod-Alt-0': () => commands().setNode('paragraph'),
      'Mod-Alt-2': () => commands().toggleNode('heading', 'paragraph', { level: 2 }),
      'Mod-Alt-3': () => commands().toggleNode('heading', 'paragraph', { level: 3 }),
      'Mod-Shift-7': () => commands().toggleList('orderedList', 'listItem'),
      'Mod-Shift-8': () => commands().toggleList('bulletList', 'listItem'),
    };
  },
  addInputRules() {
    const { nodes } = this.editor.schema;
    // "1. Fog" is how the heading of an entry begins: only paragraphs become lists.
    const inParagraph = (pattern: RegExp) => (text: string) => {
      const found = this.editor.isActive('paragraph') ? pattern.exec(text) : null;
      return found && { index: found.index, text: found[0] };
    };
    return [
      wrappingInputRule({ find: inParagraph(/^\s*[-+*]\s$/), type: nodes['bulletList']! }),
      wrappingInputRule({
        find: inParagraph(/^\d{1,4}[.)]\s$/),
        type: nodes['orderedList']!,
        getAttributes: (match) => ({ start: Number.parseInt(match[0], 10) }),
        joinPredicate: (match, node) =>
          node.childCount + Number(node.attrs['start']) === Number.parseInt(match[0], 10),
      }),
      textblockTypeInputRule({ find: /^##\s$/, type: nodes['heading']!, getAttributes: { level: 2 } }),
      wrappingInputRule({ find: /^\s*>\s$/, type: nodes['blockquote']! }),
    ];
  },
});

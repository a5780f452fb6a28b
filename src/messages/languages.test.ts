import {
  isLiteralElement,
  isTagElement,
  parse,
  type MessageFormatElement,
} from '@formatjs/icu-messageformat-parser';
import { readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';
import ts from 'typescript';
import { describe, expect, test } from 'vitest';
import { HOUSE_LANGUAGES, type HouseLanguage } from '../core/languages/languages';
import { CATALOGUES } from './catalogues';
import type { Messages } from './pick';

/** Beside the words on a control stand, under the same key with this at its end, those that are read out for it. */
const READ_OUT = /(?:Title|Name|For|To|On)$/;
const NO_CONTROLS = new Set(['builder.lesson.modelTitle', 'roster.chosen.groupName']);

/** Every sentence of a catalogue by its whole key. */
function sentences(part: Messages, before = ''): ReadonlyMap<string, string> {
  return new Map(
    Object.entries(part).flatMap(([key, words]) =>
      typeof words === 'string' ? [[before + key, words]] : [...sentences(words, `${before}${key}.`)],
    ),
  );
}

/** The gaps of a message (`{name}`) and its marks (`<b>`), each named once. */
function gapsOf(message: string): { readonly gaps: ReadonlySet<string>; readonly marks: readonly string[] } {
  const gaps = new Set<string>();
  const marks = new Set<string>();
  const walk = (elements: readonly MessageFormatElement[]) => {
    for (const element of elements) {
      if (!('value' in element) || isLiteralElement(element)) continue;
      (isTagElement(element) ? marks : gaps).add(element.value);
      if ('children' in element) walk(element.children);
      if ('options' in element) for (const { value } of Object.values(element.options)) walk(value);
    }
  };
  walk(parse(message));
  return { gaps, marks: [...marks].sort() };
}

const ENGLISH = sentences(CATALOGUES.en);
/** Words that are the same in both languages: names, and what German has taken over. */
const ALIKE =
  /^\P{L}*(?:(?:Green Porch|Name|Text|Code|Video|Links?|Bonus|Banner|Wind|Palette|OneRoster|E-Mail|Tab|Mail|in|Ines|M|Corin|A|Senna|D|Marlow|Ashdown|Bram)\P{L}*)*$/u;

describe.each(Object.keys(HOUSE_LANGUAGES) as readonly HouseLanguage[])('in %s', (language) => {
  const own = sentences(CATALOGUES[language]);

  test('every sentence is there, and none that nobody says', () => {
    expect([...own.keys()].sort()).toEqual([...ENGLISH.keys()].sort());
  });

  test('every sentence has the gaps that are filled for it, and marks the same things', () => {
    for (const [key, words] of own) {
      const [here, there] = [gapsOf(words), gapsOf(ENGLISH.get(key)!)];
      expect([key, [...here.gaps].filter((gap) => !there.gaps.has(gap)), here.marks]).toEqual([
        key,
        [],
        there.marks,
      ]);
    }
  });

  test('no sentence is a piece of another: none begins or ends with room or a comma', () => {
    expect([...own].filter(([, words]) => /^\s|[\s,;]$/.test(words))).toEqual([]);
  });

  test('what is read out for a control holds what stands on it', () => {
    const readOut = [...own].flatMap(([key, words]) => {
      const shown = own.get(key.replace(READ_OUT, ''));
      return READ_OUT.test(key) && shown !== undefined && !NO_CONTROLS.has(key)
        ? [{ key, words, shown }]
        : [];
    });
    expect(readOut.length).toBeGreaterThan(30);
    expect(
      readOut.filter(
        ({ words, shown }) => !words.toLowerCase().includes(shown.replace(/ …$/, '').toLowerCase()),
      ),
    ).toEqual([]);
  });

  test('what is said is said in it', () => {
    if (language === 'en') return;
    const bare = (words: string) =>
      words.replace(/[{<][^{}<>]*[>}]|\b(?:plural|select|one|other|none)\b/g, '');
    expect([...own].filter(([key, words]) => words === ENGLISH.get(key) && !ALIKE.test(bare(words)))).toEqual(
      [],
    );
  });
});

/** What a component does to sentences that no other language could follow: gluing them from parts. */
function glued(file: string): string[] {
  const source = ts.createSourceFile(file, readFileSync(file, 'utf8'), ts.ScriptTarget.Latest, true);
  const found: string[] = [];
  const speakers = new Set<string>();
  const isSaid = (node: ts.Node): node is ts.CallExpression =>
    ts.isCallExpression(node) && speakers.has(node.expression.getText().replace(/\.(?:rich|markup)$/, ''));
  const says = (node: ts.Node): boolean => isSaid(node) || node.getChildren().some(says);
  const walk = (node: ts.Node) => {
    if (
      ts.isVariableDeclaration(node) &&
      /^(?:await )?(?:use|get)(?:Translations|MadeWords)\(/.test(node.initializer?.getText() ?? '')
    )
      speakers.add(node.name.getText());
    const where = `${file}: ${node.getText().replace(/\s+/g, ' ').slice(0, 80)}`;
    // Joined by a word of the catalogue ("and"), or added up.
    if (ts.isCallExpression(node) && /\.join$/.test(node.expression.getText()) && node.arguments.some(says))
      found.push(where);
    if (ts.isBinaryExpression(node) && node.operatorToken.kind === ts.SyntaxKind.PlusToken && says(node))
      found.push(where);
    // One sentence chosen by a name and put into another, where it can't be declined.
    if (isSaid(node) && node.arguments[1])
      for (const value of node.arguments[1].getChildren())
        value.forEachChild(function inside(part) {
          if (isSaid(part) && part.arguments[0] && ts.isTemplateExpression(part.arguments[0]))
            found.push(where);
          if (!ts.isFunctionLike(part)) part.forEachChild(inside);
        });
    node.forEachChild(walk);
  };
  walk(source);
  return found;
}

test('no component glues a sentence from parts', () => {
  const files = ['src/components', 'src/app'].flatMap((folder) =>
    readdirSync(folder, { recursive: true, encoding: 'utf8' })
      .filter((name) => /\.tsx$/.test(name))
      .map((name) => path.join(folder, name)),
  );
  expect(files.length).toBeGreaterThan(100);
  expect(files.flatMap(glued)).toEqual([]);
});

import fc from 'fast-check';
import type { Node } from 'prosemirror-model';
import { documentSchema } from '../../src/core/document/schema';

const { nodes, marks } = documentSchema;

/** Text without the signs that HTML itself cannot carry: NUL, and halves of surrogate pairs. */
const text = fc
  .string({ unit: 'grapheme', minLength: 1, maxLength: 24 })
  .filter((one) => !one.includes('\0') && one.isWellFormed());
const word = fc.string({
  unit: fc.constantFrom('a', 'b', 'z', 'ß', '&', '<', '>', '"', "'", ' ', '\t'),
  maxLength: 12,
});
const address = fc.constantFrom(
  'https://a.example/x?y=1&z=2',
  'http://b.example/',
  'mailto:me@example.org',
  '#note',
);
const source = fc.constantFrom('a.png', '0123456789abcdef', 'https://a.example/p.png');
const palette = fc.constantFrom('rust', 'dusk', 'pale-green');

const mark = fc.oneof(
  fc
    .constantFrom('strong', 'emphasis', 'underline', 'strike', 'code', 'large', 'small')
    .map((name) => marks[name as 'strong'].create()),
  palette.map((name) => marks.colour.create({ name })),
  palette.map((name) => marks.highlight.create({ name })),
  address.map((href) => marks.link.create({ href })),
);
const markSet = fc
  .array(mark, { maxLength: 3 })
  .map((list) =>
    list.reduce<readonly ReturnType<typeof marks.strong.create>[]>((set, one) => one.addToSet(set), []),
  );

const inline = fc.array(
  fc.oneof(
    {
      weight: 5,
      arbitrary: fc.tuple(text, markSet).map(([content, set]) => documentSchema.text(content, set)),
    },
    { weight: 1, arbitrary: markSet.map((set) => nodes.hardBreak.create(null, null, set)) },
  ),
  { maxLength: 4 },
);

const align = fc.constantFrom('start', 'centre');
const paragraph = fc
  .tuple(inline, align)
  .map(([content, at]) => nodes.paragraph.create({ align: at }, content));
const heading = fc
  .tuple(inline, align, fc.constantFrom(2, 3, 4), fc.boolean())
  .map(([content, at, level, outline]) => nodes.heading.create({ align: at, level, outline }, content));
const picture = fc
  .record({
    src: source,
    description: text,
    licence: fc.constantFrom('', 'own', 'cc-by'),
    width: fc.integer({ min: 10, max: 100 }),
    side: fc.constantFrom('full', 'start', 'end'),
    caption: inline,
    credit: inline,
  })
  .map(({ caption, credit, ...attrs }) =>
    nodes.picture.create(attrs, [nodes.caption.create(null, caption), nodes.credit.create(null, credit)]),
  );
const leaf = fc.oneof(
  fc.constant(nodes.rule.create()),
  fc.record({ address, title: word }).map((attrs) => nodes.sharedDocument.create(attrs)),
  fc.record({ file: word, title: word }).map((attrs) => nodes.attachment.create(attrs)),
  fc
    .record({ address, provider: word, title: word, still: source })
    .map((attrs) => nodes.video.create(attrs)),
  text.map((content) => nodes.codeBlock.create(null, documentSchema.text(content))),
);

const { block } = fc.letrec<{ block: Node; blocks: Node[] }>((tie) => ({
  blocks: fc.array(tie('block'), { minLength: 1, maxLength: 3 }),
  block: fc.oneof(
    { depthSize: 'small', withCrossShrink: true },
    paragraph,
    heading,
    picture,
    leaf,
    fc.array(tie('blocks'), { minLength: 1, maxLength: 3 }).map((items) =>
      nodes.bulletList.create(
        null,
        items.map((item) => nodes.listItem.create(null, item)),
      ),
    ),
    fc
      .tuple(fc.array(tie('blocks'), { minLength: 1, maxLength: 3 }), fc.integer({ min: 0, max: 400 }))
      .map(([items, start]) =>
        nodes.orderedList.create(
          { start },
          items.map((item) => nodes.listItem.create(null, item)),
        ),
      ),
    fc
      .tuple(tie('blocks'), fc.option(inline))
      .map(([content, from]) =>
        nodes.blockquote.create(null, from ? [...content, nodes.quoteSource.create(null, from)] : content),
      ),
    fc.array(picture, { minLength: 2, maxLength: 4 }).map((row) => nodes.pictureRow.create(null, row)),
    fc
      .tuple(
        fc.array(fc.array(tie('blocks'), { minLength: 1, maxLength: 2 }), { minLength: 1, maxLength: 2 }),
        word,
      )
      .map(([rows, caption]) =>
        nodes.table.create(
          { caption },
          rows.map((cells) =>
            nodes.tableRow.create(
              null,
              cells.map((cell, at) => (at === 0 ? nodes.tableHeader : nodes.tableCell).create(null, cell)),
            ),
          ),
        ),
      ),
  ),
}));

/** Any document of the schema. */
export const anyDocument: fc.Arbitrary<Node> = fc
  .array(block, { minLength: 1, maxLength: 5 })
  .map((blocks) => nodes.doc.create(null, blocks));

'use client';

import { useTranslations } from 'next-intl';
import { countedBlocks } from '../../../core/document/countedBlocks';
import { countWords } from '../../../core/words/countWords';
import type { TrayContentProps } from './trayProps';

/** How many words stand where, so that a writer sees which part could grow or shrink. */
export function WordsTray({ editor, assignment, answer, requirement, lower }: TrayContentProps) {
  const t = useTranslations('requirements.words.tray');
  const sections = sectionsOf(editor, assignment.outline);
  const { toGo = 0, tooMany = 0 } = answer.message.values as { toGo?: number; tooMany?: number };
  return (
    <div className="mt-2 grid gap-3">
      <p>
        {tooMany > 0 ? t('tooMany', { count: tooMany }) : toGo > 0 ? t('toGo', { count: toGo }) : t('enough')}
      </p>
      <ul className="rows">
        {sections.map((section) => (
          <li key={section.position} className="!grid-cols-[1fr_auto_auto] !py-1.5">
            <span className="truncate">{section.heading || t('beginning')}</span>
            <span className="calm">{t('count', { count: section.words })}</span>
            <button
              type="button"
              className="act"
              onClick={() => {
                editor.chain().setTextSelection(section.end).focus().scrollIntoView().run();
                lower();
              }}
            >
              {t('goOn')}
            </button>
          </li>
        ))}
      </ul>
      <p className="text-[13.5px] text-ink-2">
        {t('whatCounts', { quotations: String(requirement['excludeQuotations'] !== true) })}
      </p>
    </div>
  );
}

interface Section {
  readonly heading: string;
  readonly words: number;
  readonly position: number;
  /** Where the cursor goes to write on. */
  readonly end: number;
}

function sectionsOf(editor: TrayContentProps['editor'], outline: readonly string[]): Section[] {
  const sections: Section[] = [];
  for (const block of countedBlocks(editor.state.doc, { outline })) {
    const begins = block.node.type.name === 'heading';
    const last = sections.at(-1);
    const words = countWords(block.text);
    const end = block.position + 1 + block.node.content.size;
    if (begins || !last)
      sections.push({ heading: begins ? block.text : '', words, position: block.position, end });
    else sections[sections.length - 1] = { ...last, words: last.words + words, end };
  }
  return sections;
}

'use client';

import { FileText } from 'lucide-react';
import { useState } from 'react';
import { linesOf } from '../../../core/text/lines';
import { changeable } from './changeable';
import { ReadField } from './ReadField';
import { SaidLine } from './SaidLine';
import type { ReadProps } from './readProps';
import { useMadeWords } from '../../basics/useMadeWords';

const PICTURE_WIDTHS = [100, 50, 33];

/** What stands in a new post, and how wide a new picture is. */
export function BeginsWithLine({ draft, change, problemAt }: ReadProps) {
  const t = useMadeWords('builder.read');
  const { outline, pictureWidth } = draft;
  // What is typed stays as it is typed while it is read.
  const [typed, setTyped] = useState(outline.join('\n'));
  return (
    <SaidLine
      icon={FileText}
      isRefused={problemAt('outline') !== ''}
      said={t.rich('beginsSaid', {
        ...changeable,
        count: outline.length,
        headings: outline.join(', '),
        width: String(pictureWidth),
      })}
    >
      <ReadField label={t('outline')} problem={problemAt('outline')} hint={t('outlineHint')}>
        {(attributes) => (
          <textarea
            {...attributes}
            className="field min-h-16 [field-sizing:content]"
            maxLength={2500}
            value={typed}
            onChange={(event) => {
              setTyped(event.target.value);
              change({ outline: linesOf(event.target.value) });
            }}
          />
        )}
      </ReadField>
      <ReadField label={t('pictureWidth')} problem={problemAt('pictureWidth')}>
        {(attributes) => (
          <select
            {...attributes}
            value={pictureWidth}
            onChange={(event) => change({ pictureWidth: Number(event.target.value) })}
          >
            {PICTURE_WIDTHS.map((width) => (
              <option key={width} value={width}>
                {t(`pictureWidths.${width}`)}
              </option>
            ))}
          </select>
        )}
      </ReadField>
    </SaidLine>
  );
}

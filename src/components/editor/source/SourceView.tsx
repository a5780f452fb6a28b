'use client';

import { html } from '@codemirror/lang-html';
import { EditorState } from '@codemirror/state';
import { EditorView, basicSetup } from 'codemirror';
import { useTranslations } from 'next-intl';
import { useEffect, useRef, useState } from 'react';
import { lostHtml, type Lost } from '../../../core/document/html/lostHtml';
import { readHtml } from '../../../core/document/html/readHtml';
import { writeHtml } from '../../../core/document/html/writeHtml';
import type { DocumentJson } from '../../../core/document/openDocument';
import { documentSchema } from '../../../core/document/schema';
import { useNonce } from '../../basics/NonceContext';

interface SourceViewProps {
  readonly body: DocumentJson;
  readonly onUse: (body: DocumentJson) => void;
  readonly onLeave: () => void;
}

/** The post as HTML, for those who want it. It says what it will not keep before it drops it. */
export default function SourceView({ body, onUse, onLeave }: SourceViewProps) {
  const t = useTranslations('editor.source');
  const nonce = useNonce();
  const place = useRef<HTMLDivElement>(null);
  const view = useRef<EditorView | null>(null);
  const [lost, setLost] = useState<readonly Lost[]>([]);
  // The text is read once, when the view opens: from then on it is the writer's.
  const first = useRef({ body, nonce, label: t('label') });
  useEffect(() => {
    const { body, nonce, label } = first.current;
    const source = lines(writeHtml(documentSchema.nodeFromJSON(body)));
    const made = new EditorView({
      parent: place.current!,
      state: EditorState.create({
        doc: source,
        extensions: [
          basicSetup,
          html(),
          EditorView.lineWrapping,
          EditorView.cspNonce.of(nonce),
          EditorView.contentAttributes.of({ 'aria-label': label }),
          EditorView.updateListener.of((update) => {
            if (update.docChanged) setLost(lostHtml(update.state.doc.toString()));
          }),
        ],
      }),
    });
    view.current = made;
    made.focus();
    return () => made.destroy();
  }, []);
  return (
    <section aria-label={t('label')}>
      <div role="status" className="mb-3">
        {lost.length ? (
          <p className="border-l-4 border-amber pl-3">
            {t('lost', {
              what: lost.map(({ what, count }) => (count > 1 ? `${what} (${count})` : what)).join(', '),
            })}
          </p>
        ) : null}
      </div>
      <div ref={place} className="source-view" />
      <p className="mt-3 flex gap-4">
        <button
          type="button"
          className="btn go"
          onClick={() => onUse(readHtml(view.current?.state.doc.toString() ?? '').toJSON() as DocumentJson)}
        >
          {t(lost.length ? 'useWithout' : 'use')}
        </button>
        <button type="button" className="btn" onClick={onLeave}>
          {t('leave')}
        </button>
      </p>
    </section>
  );
}

/** A block to a line, so that it can be read. */
function lines(source: string): string {
  return source.replace(/(<\/(p|h[2-4]|ul|ol|li|blockquote|figure|table|tr|pre)>|<hr>)(?!\n)/g, '$1\n');
}

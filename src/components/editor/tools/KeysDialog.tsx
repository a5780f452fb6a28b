'use client';
import { Dialog } from 'radix-ui';
import { Panel } from '../../basics/Panel';
import { useMadeWords } from '../../basics/useMadeWords';

/** The keys of the writing desk, as they are pressed together or after each other. */
const KEYS: readonly (readonly [what: string, keys: readonly string[]])[] = [
  ['bold', ['Ctrl', 'B']],
  ['italic', ['Ctrl', 'I']],
  ['underline', ['Ctrl', 'U']],
  ['heading', ['Ctrl', 'Alt', '2']],
  ['smallHeading', ['Ctrl', 'Alt', '3']],
  ['text', ['Ctrl', 'Alt', '0']],
  ['steps', ['Ctrl', 'Shift', '7']],
  ['list', ['Ctrl', 'Shift', '8']],
  ['quotation', ['Ctrl', 'Shift', '9']],
  ['link', ['Ctrl', 'K']],
  ['picture', ['Ctrl', 'Shift', 'P']],
  ['parts', ['F6']],
  ['typed', ['##', '-', '1.', '>']],
  ['newLine', ['Shift', 'Enter']],
  ['cell', ['Tab']],
  ['up', ['Alt', 'Shift', '↑']],
  ['down', ['Alt', 'Shift', '↓']],
  ['spelling', ['Alt', '↓']],
  ['undo', ['Ctrl', 'Z']],
  ['redo', ['Ctrl', 'Y']],
  ['lower', ['Esc']],
];

/** The keys of the page, written down. */
export function KeysDialog({ open, onClose }: { readonly open: boolean; readonly onClose: () => void }) {
  const t = useMadeWords('editor.keys');
  return (
    <Dialog.Root open={open} onOpenChange={(shown) => (shown ? null : onClose())}>
      <Panel title={t('title')}>
        <dl className="mt-3 grid grid-cols-[auto_1fr] items-baseline gap-x-4 gap-y-1.5">
          {KEYS.map(([what, keys]) => (
            <div key={what} className="contents">
              <dt className="flex gap-1">
                {keys.map((one) => (
                  <kbd key={one} className="key">
                    {one}
                  </kbd>
                ))}
              </dt>
              <dd>{t(`what.${what}`)}</dd>
            </div>
          ))}
        </dl>
        <Dialog.Close className="btn mt-4">{t('done')}</Dialog.Close>
      </Panel>
    </Dialog.Root>
  );
}

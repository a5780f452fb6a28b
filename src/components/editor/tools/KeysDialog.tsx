'use client';

import { useTranslations } from 'next-intl';
import { Dialog } from 'radix-ui';

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
  const t = useTranslations('editor.keys');
  return (
    <Dialog.Root open={open} onOpenChange={(shown) => (shown ? null : onClose())}>
      <Dialog.Portal>
        <Dialog.Overlay className="scrim !z-40" />
        <Dialog.Content
          className="menu fixed top-16 left-1/2 z-50 max-h-[85vh] w-[min(520px,94vw)] -translate-x-1/2 overflow-auto !p-5"
          aria-describedby={undefined}
        >
          <Dialog.Title className="font-read text-[20px] font-semibold">{t('title')}</Dialog.Title>
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
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}

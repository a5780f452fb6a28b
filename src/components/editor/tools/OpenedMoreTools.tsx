'use client';

import type { Editor } from '@tiptap/react';
import { ChevronDown } from 'lucide-react';
import { useTranslations } from 'next-intl';
import { DropdownMenu, Popover, Toolbar } from 'radix-ui';
import { useRef, useState } from 'react';
import { HIGHLIGHTS, LETTERINGS, letteringProperties, WORD_COLOURS } from '../../../core/looks/looks';
import {
  addColumn,
  addRow,
  maybeTable,
  putTable,
  removeColumn,
  removeRow,
  removeTable,
} from '../schema/tableCommands';
import { Mark } from '../../basics/Mark';
import { DOCUMENT_FILES } from '../useWritingEditor';
import { AddressForm, type Addressed } from './AddressForm';
import { plainTools, wordTools } from './textTools';
import type { ToolsProps } from './toolsProps';
import { onDemand } from '../../basics/onDemand';
import { useMadeWords } from '../../basics/useMadeWords';

const KeysDialog = onDemand(async () => (await import('./KeysDialog')).KeysDialog);

const IN_TABLE = { addRow, addColumn, removeRow, removeColumn, removeTable } as const;

/** The same, open from the first: it is drawn because somebody pressed. */
export function OpenedMoreTools({
  editor,
  onDocument,
  onSource,
  spelling,
  lettering,
  few = false,
}: ToolsProps) {
  const picker = useRef<HTMLInputElement>(null);
  const t = useMadeWords('editor.more');
  const tools = useMadeWords('editor.tools');
  const [asking, setAsking] = useState<Addressed | null>(null);
  const [open, setOpen] = useState(true);
  const [keys, setKeys] = useState(false);
  const put: Readonly<Record<string, () => void>> = {
    table: () => putTable(editor),
    video: () => setAsking('video'),
    sharedDocument: () => setAsking('sharedDocument'),
    rule: () =>
      editor
        .chain()
        .focus()
        .insertContent([{ type: 'rule' }, { type: 'paragraph' }])
        .run(),
    file: () => picker.current?.click(),
    codeBlock: () => editor.chain().focus().toggleNode('codeBlock', 'paragraph').run(),
  };
  return (
    <>
      <KeysDialog open={keys} onClose={() => setKeys(false)} />
      <Popover.Root open={asking !== null} onOpenChange={(shown) => (shown ? null : setAsking(null))}>
        <DropdownMenu.Root modal={false} open={open} onOpenChange={setOpen}>
          <Popover.Anchor asChild>
            <DropdownMenu.Trigger asChild>
              <Toolbar.Button>
                {t('label')} <ChevronDown aria-hidden="true" />
              </Toolbar.Button>
            </DropdownMenu.Trigger>
          </Popover.Anchor>
          {/* Within the tools, so that it is a part of them for whoever listens. */}
          <DropdownMenu.Portal
            container={editor.view.dom.ownerDocument.querySelector('section:has(> .tools)')}
          >
            <DropdownMenu.Content
              className="menu more-tools"
              sideOffset={4}
              // What was chosen has put the cursor where it belongs.
              onCloseAutoFocus={(event) => event.preventDefault()}
            >
              {open && maybeTable(editor) ? (
                <DropdownMenu.Group aria-label={t('inTable')}>
                  <DropdownMenu.Label>{t('inTable')}</DropdownMenu.Label>
                  {Object.entries(IN_TABLE).map(([name, command]) => (
                    <DropdownMenu.Item key={name} onSelect={() => command(editor)}>
                      {t(name)}
                    </DropdownMenu.Item>
                  ))}
                </DropdownMenu.Group>
              ) : null}
              <DropdownMenu.Group aria-label={t('put')}>
                <DropdownMenu.Label>{t('put')}</DropdownMenu.Label>
                {Object.entries(put).map(([name, command]) => (
                  <DropdownMenu.Item key={name} onSelect={command}>
                    {t(name)}
                  </DropdownMenu.Item>
                ))}
              </DropdownMenu.Group>
              <DropdownMenu.Group aria-label={t('words')}>
                <DropdownMenu.Label>{t('words')}</DropdownMenu.Label>
                {Object.entries(few ? plainTools(editor) : {}).map(([name, command]) => (
                  <DropdownMenu.Item key={name} onSelect={command}>
                    {tools(name)}
                  </DropdownMenu.Item>
                ))}
                {Object.entries(wordTools(editor)).map(([name, command]) => (
                  <DropdownMenu.Item key={name} onSelect={command}>
                    {t(name)}
                  </DropdownMenu.Item>
                ))}
              </DropdownMenu.Group>
              <DropdownMenu.Group aria-label={t('writing')}>
                <DropdownMenu.Label>{t('writing')}</DropdownMenu.Label>
                {spelling ? (
                  <DropdownMenu.CheckboxItem checked={spelling.on} onCheckedChange={spelling.onTurn}>
                    {t('spelt')} <Check on={spelling.on} />
                  </DropdownMenu.CheckboxItem>
                ) : null}
                {onSource ? <DropdownMenu.Item onSelect={onSource}>{t('source')}</DropdownMenu.Item> : null}
                <DropdownMenu.Item onSelect={() => setKeys(true)}>{t('keys')}</DropdownMenu.Item>
              </DropdownMenu.Group>
              {lettering ? <Letterings {...lettering} /> : null}
              <Colours editor={editor} mark="colour" names={WORD_COLOURS} />
              <Colours editor={editor} mark="highlight" names={HIGHLIGHTS} />
            </DropdownMenu.Content>
          </DropdownMenu.Portal>
        </DropdownMenu.Root>
        <input
          ref={picker}
          type="file"
          accept={DOCUMENT_FILES}
          hidden
          aria-label={t('file')}
          onChange={(event) => {
            const file = event.target.files?.[0];
            event.target.value = '';
            if (file) onDocument(file);
          }}
        />
        <Popover.Portal>
          <Popover.Content className="menu w-[340px] !p-4" sideOffset={4} aria-label={t('put')}>
            {asking ? <AddressForm editor={editor} kind={asking} onDone={() => setAsking(null)} /> : null}
          </Popover.Content>
        </Popover.Portal>
      </Popover.Root>
    </>
  );
}

/** The letterings that a post can have; the class's own where none is chosen. */
function Letterings({ chosen, onChoose }: NonNullable<ToolsProps['lettering']>) {
  const t = useTranslations('editor.more');
  return (
    <DropdownMenu.Group aria-label={t('lettering')}>
      <DropdownMenu.Label>{t('lettering')}</DropdownMenu.Label>
      <DropdownMenu.RadioGroup
        className="contents"
        value={chosen}
        onValueChange={(one) => onChoose(one as typeof chosen)}
      >
        {(['', ...LETTERINGS] as const).map((one) => (
          <DropdownMenu.RadioItem key={one} value={one} style={letteringProperties(one)}>
            <span className="font-read">{t(`letterings.${one || 'class'}`)}</span>
            <Check on={chosen === one} />
          </DropdownMenu.RadioItem>
        ))}
      </DropdownMenu.RadioGroup>
    </DropdownMenu.Group>
  );
}

/** A picket where something is chosen, and its room where it is not. */
function Check({ on }: { readonly on: boolean }) {
  return <span className="inline-block w-[17px]">{on ? <Mark id="s-m" className="s" /> : null}</span>;
}

interface ColoursProps {
  readonly editor: Editor;
  readonly mark: 'colour' | 'highlight';
  readonly names: readonly string[];
}

/** The look's colours for words, or behind them, and taking them away again. */
function Colours({ editor, mark, names }: ColoursProps) {
  const t = useMadeWords('editor.more');
  return (
    <DropdownMenu.Group aria-label={t(mark)}>
      <DropdownMenu.Label>{t(mark)}</DropdownMenu.Label>
      {names.map((name) => (
        <DropdownMenu.Item key={name} onSelect={() => editor.chain().focus().setMark(mark, { name }).run()}>
          <i
            aria-hidden="true"
            className="swatch"
            style={{ background: `var(--${mark === 'colour' ? name : `${name}-tint`})` }}
          />
          {t(`colours.${name}`)}
        </DropdownMenu.Item>
      ))}
      <DropdownMenu.Item onSelect={() => editor.chain().focus().unsetMark(mark).run()}>
        {t('without')}
      </DropdownMenu.Item>
    </DropdownMenu.Group>
  );
}

'use client';

import { FileText, Link as LinkIcon, Type } from 'lucide-react';
import { useTranslations } from 'next-intl';
import { useRouter } from 'next/navigation';
import { useId, useRef, useState, type ReactNode } from 'react';
import { removeSource } from '../../contract/assignments/removeSource';
import { addSourceAddress } from '../../contract/doors/addSourceAddress';
import { addSource, type SourceShown } from '../../contract/fileDoors/addSource';
import { ask, call, type Outcome } from '../basics/call';
import { Field } from '../basics/Field';
import { sendFile } from '../basics/sendFile';
import { useAsking } from '../basics/useAsking';

interface GivenSourcesProps {
  readonly assignmentId: string;
  readonly sources: readonly SourceShown[];
}

/** The texts that own words are compared with: pages, files and texts, for the eyes of teachers alone. */
export function GivenSources({ assignmentId, sources }: GivenSourcesProps) {
  const t = useTranslations('builder.sources');
  const router = useRouter();
  const [form, setForm] = useState<'address' | 'text' | null>(null);
  const { busy, problem, say, wait } = useAsking();
  const turnTo = (chosen: typeof form) => {
    say('');
    setForm(chosen);
  };
  const picker = useRef<HTMLInputElement>(null);
  const add = async (asked: Promise<Outcome<SourceShown>>) => {
    if (!(await wait(asked)).ok) return;
    setForm(null);
    router.refresh();
  };
  const addFile = (file: File) => add(sendFile(addSource, { assignmentId, name: file.name }, file));
  const remove = async (id: string) => {
    if ((await wait(call(removeSource, { assignmentId, sourceId: id }))).ok) router.refresh();
  };
  const heading = useId();
  return (
    <section className="relative mt-2 grid gap-2 text-[14.5px]" aria-labelledby={heading}>
      <h2 id={heading} className="sr-only">
        {t('heading')}
      </h2>
      <p className="text-ink-2">{t(sources.length ? 'some' : 'none')}</p>
      {sources.length ? (
        <ul className="rows">
          {sources.map(({ id, name, words, ofSeries }) => (
            <li key={id} className="!grid-cols-[1fr_auto_auto] !py-1">
              <span className="min-w-0 truncate" dir="auto">
                {name}
              </span>
              <span className="calm">{t('words', { count: words })}</span>
              {ofSeries ? (
                <span className="calm">{t('ofSeries')}</span>
              ) : (
                <button
                  type="button"
                  className="act"
                  aria-label={t('remove', { name })}
                  disabled={busy}
                  onClick={() => void remove(id)}
                >
                  {t('takeAway')}
                </button>
              )}
            </li>
          ))}
        </ul>
      ) : null}
      {form === 'address' ? (
        <AddressForm
          busy={busy}
          problem={problem}
          onLeave={() => turnTo(null)}
          onAdd={(address) => void add(ask(addSourceAddress, { assignmentId, address }))}
        />
      ) : form === 'text' ? (
        <TextForm
          busy={busy}
          problem={problem}
          onLeave={() => turnTo(null)}
          onAdd={(name, text) => void addFile(new File([text], `${name}.txt`, { type: 'text/plain' }))}
        />
      ) : (
        <span className="flex flex-wrap gap-x-4 gap-y-1">
          <button type="button" className="act" onClick={() => turnTo('address')}>
            <LinkIcon aria-hidden="true" size={15} /> {t('address')}
          </button>
          <button type="button" className="act" disabled={busy} onClick={() => picker.current?.click()}>
            <FileText aria-hidden="true" size={15} /> {t('file')}
          </button>
          <button type="button" className="act" onClick={() => turnTo('text')}>
            <Type aria-hidden="true" size={15} /> {t('text')}
          </button>
        </span>
      )}
      <input
        ref={picker}
        type="file"
        className="sr-only"
        tabIndex={-1}
        aria-label={t('file')}
        accept=".docx,.odt,.txt,.md,.html,.htm"
        onChange={({ target }) => {
          const [file] = target.files ?? [];
          target.value = '';
          if (file) void addFile(file);
        }}
      />
      <p className={problem && form === null ? 'problem' : 'text-ink-2'} role="status">
        {busy ? t('reading') : form === null ? problem : ''}
      </p>
    </section>
  );
}

interface FormProps {
  readonly busy: boolean;
  readonly problem: string;
  readonly onLeave: () => void;
}

function AddressForm({ onAdd, ...form }: FormProps & { readonly onAdd: (address: string) => void }) {
  const t = useTranslations('builder.sources');
  const [address, setAddress] = useState('');
  return (
    <SourceForm {...form} keep={t('addAddress')} onKeep={() => onAdd(address.trim())}>
      <Field
        label={t('address')}
        type="url"
        value={address}
        problem={form.problem}
        onText={setAddress}
        autoFocus
      />
    </SourceForm>
  );
}

function TextForm({ onAdd, ...form }: FormProps & { readonly onAdd: (name: string, text: string) => void }) {
  const t = useTranslations('builder.sources');
  const [name, setName] = useState('');
  const [text, setText] = useState('');
  const id = useId();
  return (
    <SourceForm {...form} keep={t('keep')} onKeep={() => onAdd(name.trim() || t('said'), text)}>
      <Field label={t('name')} value={name} onText={setName} autoFocus />
      <label className="grid gap-1" htmlFor={id}>
        <span className="font-semibold">{t('said')}</span>
        <textarea
          id={id}
          dir="auto"
          className="field min-h-28"
          value={text}
          aria-invalid={form.problem !== ''}
          aria-describedby={`${id}-problem`}
          onChange={(event) => setText(event.target.value)}
        />
      </label>
      <p id={`${id}-problem`} className="problem" role="alert">
        {form.problem}
      </p>
    </SourceForm>
  );
}

interface SourceFormProps extends Omit<FormProps, 'problem'> {
  /** What keeping it is called. */
  readonly keep: string;
  readonly onKeep: () => void;
  readonly children: ReactNode;
}

/** The fields of a source, and keeping it or leaving it. */
function SourceForm({ busy, keep, onKeep, onLeave, children }: SourceFormProps) {
  const t = useTranslations('builder.sources');
  return (
    <form
      className="grid gap-2"
      noValidate
      onSubmit={(event) => {
        event.preventDefault();
        onKeep();
      }}
    >
      {children}
      <span className="flex flex-wrap items-center gap-4">
        <button className="btn go" disabled={busy}>
          {keep}
        </button>
        <button type="button" className="act" data-leave="" onClick={onLeave}>
          {t('leave')}
        </button>
      </span>
    </form>
  );
}

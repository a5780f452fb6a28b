import type { SayOf } from './readersWords';

interface FindWordsProps {
  readonly t: SayOf<'blog'>;
  /** The list in which words are looked for. */
  readonly address: string;
  readonly id: string;
  readonly label: string;
  /** Whether the label stands above the field; it is read out in any case. */
  readonly labelled: boolean;
  /** What was looked for. */
  readonly typed?: string;
}

/** A field in which readers look for words. It leads to an address, which can be passed on and gone back to. */
export function FindWords({ t, address, id, label, labelled, typed = '' }: FindWordsProps) {
  return (
    <form className="find" role="search" action={address}>
      <label htmlFor={id} className={labelled ? '' : 'sr-only'}>
        {label}
      </label>
      <span>
        <svg viewBox="0 0 24 24" aria-hidden="true">
          <circle cx="11" cy="11" r="7" />
          <path d="m20 20-4-4" />
        </svg>
        <input
          id={id}
          type="search"
          name="q"
          defaultValue={typed}
          maxLength={400}
          dir="auto"
          autoComplete="off"
          placeholder={labelled ? undefined : label}
        />
        {typed === '' ? null : (
          <a className="act" href={address}>
            {t('clearWords')}
          </a>
        )}
        <button>{t('findWords')}</button>
      </span>
    </form>
  );
}

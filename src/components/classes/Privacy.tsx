'use client';

import { useEffect, useState } from 'react';
import { useTranslations } from 'next-intl';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { changePrivacy } from '../../contract/classes/changePrivacy';
import { previewPrivacy } from '../../contract/classes/previewPrivacy';
import type { DrawnBack, OpenableAgain } from '../../contract/publications/drawnBack';
import { AUDIENCES, narrower, type Audience } from '../../core/access/audience';
import { NAMING_RULES, type NamingRule } from '../../core/people/names';
import { call } from '../basics/call';
import { useAsking } from '../basics/useAsking';
import { PassphraseForm } from '../basics/PassphraseForm';
import { KeepLine } from './KeepLine';
import { OpenAgain } from './OpenAgain';
import { useMadeWords } from '../basics/useMadeWords';

interface PrivacySettings {
  readonly ceiling: Audience;
  readonly namingRule: NamingRule;
  readonly searchEngines: boolean;
  readonly editorsRead: boolean;
  readonly consentNeeded: boolean;
  readonly originSaid: boolean;
}

export interface PrivacyProps extends PrivacySettings {
  readonly classId: string;
  readonly address: string;
  /** Since when there is a passphrase, in words, or null. */
  readonly passphraseSince: string | null;
  /** Since when teachers may open where texts come from, in words, or null. */
  readonly originSince: string | null;
  /** What was drawn back before, with how far each could be opened again now. */
  readonly openable: readonly OpenableAgain[];
  /** How one of the class is named under each rule. */
  readonly examples: Readonly<Record<NamingRule, string>>;
}

/** Who may read what the class writes, in words at the place where it is chosen. */
export function Privacy(props: PrivacyProps) {
  const { classId, address, passphraseSince, originSince, openable, examples, ...settings } = props;
  const t = useMadeWords('privacy');
  const router = useRouter();
  const [chosen, setChosen] = useState<PrivacySettings>(settings);
  const { busy, problem, wait } = useAsking();
  const [kept, setKept] = useState(false);
  const [drawnBack, setDrawnBack] = useState<readonly DrawnBack[]>([]);
  const wouldDraw = useWouldDraw(classId, settings, chosen);
  const change = (part: Partial<PrivacySettings>) => {
    const next = { ...chosen, ...part };
    // Search engines find only what everyone may read.
    setChosen({ ...next, searchEngines: next.searchEngines && next.ceiling === 'everyone' });
  };
  const keep = async () => {
    const outcome = await wait(call(changePrivacy, { classId, ...chosen }));
    setKept(outcome.ok);
    if (outcome.ok) setDrawnBack(outcome.value.drawnBack);
    router.refresh();
  };
  return (
    <main className="page" id="main">
      <div className="flex flex-wrap items-start justify-between gap-4">
        <div>
          <h1 className="says">{t(`heading.${settings.ceiling}`)}</h1>
          <p className="under">{t('under')}</p>
        </div>
        <nav className="flex flex-wrap items-center gap-x-5 gap-y-1" aria-label={t('seeIt')}>
          <span className="text-ink-2">{t('seeIt')}</span>
          {(['stranger', 'family', 'classmate'] as const).map((eyes) => (
            <a key={eyes} className="act" href={`/blog/${address}?as=${eyes}`}>
              {t(`eyes.${eyes}`)}
            </a>
          ))}
          <Link className="act" href={`/privacy-notice/${address}`}>
            {t('notice')}
          </Link>
        </nav>
      </div>
      <div className="mt-6 grid items-start gap-x-12 gap-y-10 lg:grid-cols-2">
        <form
          className="grid gap-6"
          onSubmit={(event) => {
            event.preventDefault();
            void keep();
          }}
        >
          <Choice
            legend={t('ceiling')}
            name="ceiling"
            options={AUDIENCES.slice(1).map((audience) => ({
              value: audience,
              label: t(`audiences.${audience}.name`),
              means: t(`audiences.${audience}.means`),
            }))}
            value={chosen.ceiling}
            onChoose={(ceiling) => change({ ceiling })}
          />
          <Choice
            legend={t('naming')}
            name="naming"
            options={NAMING_RULES.map((rule) => ({
              value: rule,
              label: t(`rules.${rule}`),
              means: t('example', { name: examples[rule] }),
            }))}
            value={chosen.namingRule}
            onChoose={(namingRule) => change({ namingRule })}
          />
          <fieldset className="grid gap-3">
            <legend className="section-head mb-2 w-full">{t('more')}</legend>
            <Setting
              name={t('consentNeeded')}
              means={t('consentNeededMeans')}
              on={chosen.consentNeeded}
              onChange={(consentNeeded) => change({ consentNeeded })}
            />
            <Setting
              name={t('searchEngines')}
              means={t(chosen.ceiling === 'everyone' ? 'searchEnginesMeans' : 'searchEnginesNotYet')}
              on={chosen.searchEngines}
              disabled={chosen.ceiling !== 'everyone'}
              onChange={(searchEngines) => change({ searchEngines })}
            />
            <Setting
              name={t('editorsRead')}
              means={t('editorsReadMeans')}
              on={chosen.editorsRead}
              onChange={(editorsRead) => change({ editorsRead })}
            />
            <Setting
              name={t('originSaid')}
              means={originSince ? t('originSince', { since: originSince }) : t('originSaidMeans')}
              on={chosen.originSaid}
              onChange={(originSaid) => change({ originSaid })}
            />
          </fieldset>
          {wouldDraw.length > 0 ? (
            <PostsNamed saying={t('willDrawBack', { count: wouldDraw.length })} posts={wouldDraw} />
          ) : null}
          <KeepLine
            busy={busy}
            changed={JSON.stringify(chosen) !== JSON.stringify(settings)}
            kept={kept}
            problem={problem}
          />
          {drawnBack.length > 0 ? (
            <PostsNamed saying={t('drawnBack', { count: drawnBack.length })} posts={drawnBack} />
          ) : null}
        </form>
        <div className="grid gap-10">
          <PassphraseForm opens={{ classId }} since={passphraseSince}>
            <h2 className="section-head">{t('passphrase.heading')}</h2>
            <p className="under">
              {passphraseSince ? t('passphrase.since', { since: passphraseSince }) : t('passphrase.none')}
            </p>
            {settings.ceiling === 'ourClass' ? <p className="under">{t('passphrase.notUsed')}</p> : null}
          </PassphraseForm>
          <OpenAgain classId={classId} openable={openable} />
        </div>
      </div>
    </main>
  );
}

/** The posts that settings would draw back, asked of the server while they are chosen. */
function useWouldDraw(
  classId: string,
  settings: PrivacySettings,
  { ceiling, consentNeeded }: PrivacySettings,
): readonly DrawnBack[] {
  const [drawn, setDrawn] = useState<readonly DrawnBack[]>([]);
  const narrows =
    (ceiling !== settings.ceiling && narrower(ceiling, settings.ceiling) === ceiling) ||
    (consentNeeded && !settings.consentNeeded);
  useEffect(() => {
    if (!narrows) return;
    let current = true;
    void call(previewPrivacy, { classId, ceiling, consentNeeded }).then((outcome) => {
      if (current && outcome.ok) setDrawn(outcome.value.drawnBack);
    });
    return () => {
      current = false;
    };
  }, [classId, narrows, ceiling, consentNeeded]);
  return narrows ? drawn : [];
}

/** Posts by their titles, and what happens to them. */
function PostsNamed({ saying, posts }: { readonly saying: string; readonly posts: readonly DrawnBack[] }) {
  const t = useTranslations('privacy');
  return (
    <div role="status" className="border-l-4 border-porch bg-porch-tint p-4">
      <p className="font-semibold">{saying}</p>
      <ul className="mt-1 max-h-64 overflow-auto">
        {posts.map(({ postId, title, writer }) => (
          <li key={postId} dir="auto">
            {t('byWriter', { title, writer })}
          </li>
        ))}
      </ul>
      <p className="mt-2 text-ink-2">{t('copiesStay')}</p>
    </div>
  );
}

interface SettingProps {
  readonly name: string;
  readonly means: string;
  readonly on: boolean;
  readonly disabled?: boolean;
  readonly onChange: (on: boolean) => void;
}

/** Something that is so or not, with what it means beside it. */
function Setting({ name, means, on, disabled = false, onChange }: SettingProps) {
  return (
    <label className="flex items-start gap-3">
      <input
        type="checkbox"
        className="mt-1"
        disabled={disabled}
        checked={on}
        onChange={(event) => onChange(event.target.checked)}
      />
      <span>
        <b className="block">{name}</b>
        <span className="text-ink-2">{means}</span>
      </span>
    </label>
  );
}

interface ChoiceProps<Value extends string> {
  readonly legend: string;
  readonly name: string;
  readonly options: readonly { readonly value: Value; readonly label: string; readonly means: string }[];
  readonly value: Value;
  readonly onChoose: (value: Value) => void;
}

function Choice<Value extends string>({ legend, name, options, value, onChoose }: ChoiceProps<Value>) {
  return (
    <fieldset className="grid gap-3">
      <legend className="section-head mb-2 w-full">{legend}</legend>
      {options.map((option) => (
        <label key={option.value} className="flex items-start gap-3">
          <input
            type="radio"
            className="mt-1"
            name={name}
            checked={option.value === value}
            onChange={() => onChoose(option.value)}
          />
          <span>
            <b className="block">{option.label}</b>
            <span className="text-ink-2">{option.means}</span>
          </span>
        </label>
      ))}
    </fieldset>
  );
}

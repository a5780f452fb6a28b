'use client';

import { useTranslations } from 'next-intl';
import { useId, useState } from 'react';
import { changeCommentRules } from '../../contract/classes/changeCommentRules';
import type { CommentRules } from '../../core/comments/rules';
import { linesOf } from '../../core/text/lines';
import { useDeed } from '../basics/useDeed';

interface RuleProps {
  readonly classId: string;
  readonly rules: CommentRules;
  readonly onKept: () => void;
}

const LINKS = [0, 1, 2, 3, 5, 10];

/** How many links may stand in a comment that is shown at once. */
export function LinksRule({ classId, rules, onKept }: RuleProps) {
  const t = useTranslations('heldComments.rules');
  const id = useId();
  const { act, busy, problem } = useDeed();
  const [links, setLinks] = useState(rules.maxLinks);
  const choices = [...new Set([...LINKS, rules.maxLinks])].toSorted((one, other) => one - other);
  return (
    <form
      className="mt-2 grid gap-3"
      onSubmit={(event) => {
        event.preventDefault();
        void act(changeCommentRules, { classId, maxLinks: links }).then((kept) => kept && onKept());
      }}
    >
      <label htmlFor={id} className="font-semibold">
        {t('links')}
      </label>
      <select
        id={id}
        className="field"
        value={links}
        onChange={({ target }) => setLinks(Number(target.value))}
      >
        {choices.map((count) => (
          <option key={count} value={count}>
            {t('linksUpTo', { count })}
          </option>
        ))}
      </select>
      <Kept busy={busy} problem={problem} />
    </form>
  );
}

/** The words that make a comment wait. */
export function WordsRule({ classId, rules, onKept }: RuleProps) {
  const t = useTranslations('heldComments.rules');
  const id = useId();
  const { act, busy, problem, field } = useDeed();
  const [words, setWords] = useState(rules.words.join('\n'));
  const listed = linesOf(words);
  const [, at] = field.split('.');
  return (
    <form
      className="mt-2 grid gap-2"
      onSubmit={(event) => {
        event.preventDefault();
        void act(changeCommentRules, { classId, words: listed }).then((kept) => kept && onKept());
      }}
    >
      <label htmlFor={id} className="font-semibold">
        {t('words')}
      </label>
      <span className="text-[14px] text-ink-2" id={`${id}-mean`}>
        {t('wordsMean')}
      </span>
      <textarea
        id={id}
        dir="auto"
        className="field min-h-28"
        aria-describedby={`${id}-mean`}
        aria-invalid={problem !== ''}
        value={words}
        onChange={({ target }) => setWords(target.value)}
      />
      <Kept
        busy={busy}
        problem={at === undefined ? problem : t('wordTooLong', { word: listed[Number(at)] ?? '' })}
      />
    </form>
  );
}

function Kept({ busy, problem }: { readonly busy: boolean; readonly problem: string }) {
  const t = useTranslations('heldComments.rules');
  return (
    <>
      <p className="problem" role="alert">
        {problem}
      </p>
      <button className="btn justify-self-start" disabled={busy}>
        {t('keep')}
      </button>
    </>
  );
}

'use client';

import { pictureAddress } from '../../core/document/pictureAddress';
import { ArrowLeft, Eye, Printer, Undo2 } from 'lucide-react';
import { useTranslations } from 'next-intl';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { takeBack } from '../../contract/posts/takeBack';
import type { Audience } from '../../core/access/audience';
import type { Release } from '../../core/posts/release';
import { missingNow, toldOn, type Counting } from '../../core/assignments/counting';
import type { Answer } from '../../core/requirements/answer';
import type { Requirement } from '../../core/requirements/requirement';
import type { Slat } from '../../core/requirements/slats';
import type { Stage } from '../../core/posts/stage';
import { useAddresses } from '../desk/useAddresses';
import { call } from '../basics/call';
import { Mark } from '../basics/Mark';
import { useNumberInWords } from '../basics/useNumberInWords';
import { useAsking } from '../basics/useAsking';
import type { CardShown } from '../blog/PostCard';
import { Pickets } from '../railing/Pickets';
import { isItsOwnWords, useLack } from '../railing/RequirementLine';
import { SmallRailing } from '../railing/SmallRailing';
import { useMadeWords } from '../basics/useMadeWords';

export interface ReceiptProps {
  readonly postId: string;
  readonly title: string;
  readonly writer: string;
  readonly monogram: string;
  readonly assignmentTitle: string;
  readonly receipt: number;
  readonly ordinal: number;
  /** Words that came and went since the hand-in before; null for the first. */
  readonly since: { readonly added: number; readonly removed: number } | null;
  readonly handedIn: string;
  /** Where the line was cut: when it was pressed, when it reached us, and whether it counts from the first. */
  readonly late: { readonly pressed: string; readonly received: string; readonly counts: boolean } | null;
  readonly due: string | null;
  readonly daysEarly: number;
  readonly daysLate: number;
  readonly words: number;
  readonly pictures: number;
  readonly links: number;
  readonly answer: Answer;
  /** What of that which is missing counted when it was handed in. */
  readonly counting: Counting;
  readonly requirements: readonly Requirement[];
  readonly slats: readonly Slat[];
  readonly teachers: readonly string[];
  readonly keptAt: string;
  readonly opened: boolean;
  readonly stage: Stage;
  readonly release: Release;
  readonly audience: Audience;
  readonly nameOutside: string;
  /** The class blog's address. */
  readonly blog: string;
  /** Classmates' posts that nobody has commented on yet: how many, and the newest of them. */
  readonly withoutComment: { readonly count: number; readonly posts: readonly CardShown[] };
}

/** What a writer is given for a hand-in: when, what, to whom, under which number, and what comes next. */
export function Receipt(props: ReceiptProps) {
  const t = useTranslations('receipt');
  return (
    <>
      <section className="head no-print border-b border-line" aria-label={t('head')}>
        <Link className="back" href="/writing">
          <ArrowLeft aria-hidden="true" size={17} /> {t('myWriting')}
        </Link>
        <p>
          <b>{props.assignmentTitle}</b>
          {props.due ? ` · ${t('due', { due: props.due })}` : ''}
        </p>
        <p className="ml-auto hidden items-center gap-2 sm:flex">
          <Mark id="s-w" className="s" />
          <b>{t('isHandedIn')}</b> {t(props.opened ? 'opened' : 'notOpened')}
        </p>
      </section>
      <div className="no-print h-9 border-b-[6px] border-porch bg-board" aria-hidden="true" />
      <main
        id="main"
        className="mx-auto -mt-3 grid max-w-[1200px] gap-12 px-4 pb-16 sm:px-9 lg:grid-cols-[432px_1fr]"
      >
        <Slip {...props} />
        <Next {...props} />
      </main>
    </>
  );
}

function Slip(props: ReceiptProps) {
  const t = useTranslations('receipt');
  const lackOf = useLack();
  const waiting = props.answer.requirements.filter(
    ({ reason }, index) => reason === 'teacher' && props.requirements[index]?.weight === 'required',
  ).length;
  const { requirements, counting } = props;
  const answer = toldOn(props.answer, counting);
  const missing = missingNow(answer, requirements, counting).map((one) => {
    const called = props.requirements.find(({ id }) => id === one.id)?.text;
    const { lack } = lackOf(one);
    return called && !isItsOwnWords(one.kind) ? t('missingOf', { called, lack }) : lack;
  });
  const toCome = missingNow(answer, requirements).length;
  // What cannot be known yet is not said to be there.
  const open = props.answer.requirements.filter(
    ({ state, reason }, index) =>
      state === 'unknown' && reason !== 'teacher' && props.requirements[index]?.weight === 'required',
  ).length;
  const lines: readonly (readonly [string, string])[] = [
    ...(props.late
      ? ([
          [t('pressed'), props.late.pressed],
          [
            t('received'),
            t(props.late.counts ? 'receivedCounts' : 'receivedLater', { received: props.late.received }),
          ],
        ] as const)
      : ([[t('handedIn'), props.handedIn]] as const)),
    ...(props.due ? ([[t('dueAt'), props.due]] as const) : []),
    ...(props.due ? ([[t('thatIs'), punctuality(props, t)]] as const) : []),
    [t('holds'), t('contents', { words: props.words, pictures: props.pictures, links: props.links })],
    ...(props.since ? ([[t('since'), t('sinceWords', props.since)]] as const) : []),
    [
      t('missing'),
      missing.length
        ? missing.join('; ')
        : toCome > 0
          ? t('growsOn', { count: toCome })
          : t(open > 0 ? 'notKnownYet' : 'nothing', { count: open }),
    ],
    [t('goesTo'), props.teachers.join(', ')],
    [t('keptAt'), props.keptAt],
  ];
  return (
    <section className="receipt self-start" aria-label={t('label')}>
      <i className="peg left-[14%]" aria-hidden="true" />
      <i className="peg right-[14%]" aria-hidden="true" />
      <p className="flex items-center gap-4">
        <SmallRailing slats={props.slats} wide />
        <b>{t('done', { ...props.answer.required, waiting })}</b>
      </p>
      <h2 className="mt-3 font-read text-[22px] font-semibold leading-tight">
        {props.title || t('untitled')}
      </h2>
      <p className="text-ink-2">{t('byFor', { writer: props.writer, assignment: props.assignmentTitle })}</p>
      <dl className="mt-4">
        {lines.map(([term, value]) => (
          <div key={term}>
            <dt>{term}</dt>
            <dd>{value}</dd>
          </div>
        ))}
      </dl>
      <p className="mt-5 flex items-baseline justify-between border-t-2 border-dashed border-line pt-5">
        <span className="text-ink-2">{t('ordinal', { ordinal: props.ordinal })}</span>
        <b className="font-read text-[23px]">
          {props.monogram} {props.receipt}
        </b>
      </p>
      <p className="pb-3 text-[14px] text-ink-2">{t('showNumber')}</p>
    </section>
  );
}

function punctuality(
  { daysEarly, daysLate }: ReceiptProps,
  t: ReturnType<typeof useTranslations<'receipt'>>,
): string {
  if (daysLate > 0) return t('late', { days: daysLate });
  return daysEarly > 0 ? t('early', { days: daysEarly }) : t('inTime');
}

function Next(props: ReceiptProps) {
  const t = useMadeWords('receipt');
  const addresses = useAddresses();
  const router = useRouter();
  const { busy, problem, wait } = useAsking();
  const takeItBack = async () => {
    const { ok } = await wait(call(takeBack, { postId: props.postId }), { leaves: true });
    if (ok) router.push(addresses.post(props.postId));
  };
  const last = props.audience === 'writerAndTeachers' ? 'nobody' : props.audience;
  const steps = [
    { key: 'handedIn', done: true, words: t('steps.handedIn', { when: props.handedIn }) },
    { key: 'read', done: props.opened, words: t('steps.read') },
    {
      key: 'answered',
      done: props.stage === 'accepted' || props.stage === 'sentBack',
      words: t('steps.answered'),
    },
    { key: 'blog', done: false, words: t(`steps.blog.${last}`, { name: props.nameOutside }) },
  ];
  return (
    <section className="pt-14">
      <h1 className="says">{t('teacherHasIt', { teacher: props.teachers[0] ?? '' })}</h1>
      <p className="under">{t('nothingChanges')}</p>
      <ol className="mt-7 grid border-t-[5px] border-porch bg-board sm:grid-cols-4">
        {steps.map((step) => (
          <li key={step.key} className="bay">
            <Pickets toCome slats={Array.from({ length: 4 }, () => (step.done ? 'met' : 'gap'))} />
            <b>{t(`steps.title.${step.key}`)}</b>
            <small>{step.words}</small>
          </li>
        ))}
      </ol>
      <p className="no-print mt-5 flex flex-wrap items-center gap-3">
        {props.opened || props.stage !== 'handedIn' ? null : (
          <>
            <button type="button" className="btn" disabled={busy} onClick={() => void takeItBack()}>
              <Undo2 aria-hidden="true" size={16} /> {t('takeBack')}
            </button>
            <span className="text-ink-2">{t('untilOpened')}</span>
          </>
        )}
        <Link className="btn sm:ml-auto" href={props.keptAt}>
          <Eye aria-hidden="true" size={16} /> {t('seeWhatWent')}
        </Link>
        <button type="button" className="btn" onClick={() => window.print()}>
          <Printer aria-hidden="true" size={16} /> {t('print')}
        </button>
        <Link className="btn" href={addresses.post(props.postId)}>
          {t('writeOn')}
        </Link>
      </p>
      {problem ? (
        <p className="problem mt-3" role="alert">
          {problem}
        </p>
      ) : null}
      {props.withoutComment.count > 0 ? <WithoutComment {...props} /> : null}
    </section>
  );
}

/** What a writer can do for classmates while a teacher reads. */
function WithoutComment({ blog, withoutComment: { count, posts } }: ReceiptProps) {
  const t = useTranslations('receipt.withoutComment');
  const inWords = useNumberInWords();
  return (
    <section className="no-print mt-14 border-t border-line pt-4" aria-label={t('label')}>
      <p className="flex items-baseline justify-between gap-4">
        <b>{t('posts', { count: posts.length, number: inWords(posts.length) })}</b>
        {count > posts.length ? (
          <a className="whitespace-nowrap" href={blog}>
            {t('all', { count })}
          </a>
        ) : null}
      </p>
      <ul className="mt-3 grid gap-5 sm:grid-cols-3">
        {posts.map((post) => (
          <li key={post.address}>
            <a className="block text-ink no-underline" href={post.address}>
              {post.cover ? (
                <img
                  className="aspect-[16/10] w-full rounded-[3px] object-cover"
                  src={pictureAddress(post.cover.src, 480)}
                  alt={post.cover.description}
                  loading="lazy"
                />
              ) : null}
              <b className="mt-2 block font-read text-[17px] leading-tight">{post.title}</b>
              <span className="text-[14px] text-ink-2">
                {t('by', { writer: post.writer.name, words: post.words })}
              </span>
            </a>
          </li>
        ))}
      </ul>
    </section>
  );
}

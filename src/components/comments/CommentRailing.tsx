'use client';

import { useTranslations } from 'next-intl';
import { changeCommentRules } from '../../contract/classes/changeCommentRules';
import type { HeldComments } from '../../contract/comments/heldComments';
import { WAIT_KINDS } from '../../core/comments/rules';
import { useDeed } from '../basics/useDeed';
import { Bay, StillBay } from '../railing/Bay';
import { Gate } from '../railing/Gate';
import { Tray } from '../railing/Tray';
import { useTrays } from '../railing/useTrays';
import { LinksRule, WordsRule } from './CommentRules';

type CommentRailingProps = Pick<HeldComments, 'classId' | 'rules' | 'mayChange' | 'went'>;

/** What makes a comment wait in a class, and how it went with what came; at the gate, whether everything waits. */
export function CommentRailing({ classId, rules, mayChange, went }: CommentRailingProps) {
  const t = useTranslations('heldComments.rules');
  const { raised, lower, bay, tray } = useTrays<'links' | 'words'>();
  const { act, busy, problem } = useDeed();
  const rule = { classId, rules, onKept: lower };
  const saysOf = (kind: keyof typeof went) =>
    t(`says.${kind}`, { links: rules.maxLinks, words: rules.words.length, came: went[kind].length });
  return (
    <footer
      className={mayChange ? 'railing comment-railing with-gate' : 'railing comment-railing'}
      aria-label={t('name')}
    >
      <ul className="bays">
        {WAIT_KINDS.map((kind) =>
          mayChange && (kind === 'links' || kind === 'words') ? (
            <li key={kind} className="grid">
              <Bay name={t(`kinds.${kind}`)} slats={went[kind]} {...bay(kind)}>
                {saysOf(kind)}
              </Bay>
            </li>
          ) : (
            <StillBay key={kind} name={t(`kinds.${kind}`)} slats={went[kind]}>
              {saysOf(kind)}
            </StillBay>
          ),
        )}
      </ul>
      {mayChange ? (
        <Gate
          label={t('gate')}
          stands={t(rules.holdsAll ? 'allWait' : 'open')}
          problem={problem}
          line={t(rules.holdsAll ? 'allWaitMeans' : 'openMeans')}
        >
          <button
            type="button"
            className="sign"
            disabled={busy}
            onClick={() => void act(changeCommentRules, { classId, holdsAll: !rules.holdsAll })}
          >
            {t(rules.holdsAll ? 'openAgain' : 'holdAll')}
          </button>
        </Gate>
      ) : null}
      {raised?.id === 'links' ? (
        <Tray {...tray} title={t('kinds.links')} width={420}>
          <LinksRule {...rule} />
        </Tray>
      ) : null}
      {raised?.id === 'words' ? (
        <Tray {...tray} title={t('kinds.words')} width={420}>
          <WordsRule {...rule} />
        </Tray>
      ) : null}
    </footer>
  );
}

'use client';

import { useTranslations } from 'next-intl';
import { useRouter } from 'next/navigation';
import { addressesOf } from '../../contract/addresses';
import { typeIn } from '../../contract/posts/typeIn';
import { call } from '../basics/call';
import { useAsking } from '../basics/useAsking';

interface TypeInProps {
  readonly classId: string;
  readonly assignmentId: string;
  readonly personId: string;
}

/** Begins to type in what a student did on paper. */
export function TypeIn({ classId, assignmentId, personId }: TypeInProps) {
  const t = useTranslations('set.panel');
  const router = useRouter();
  const { busy, problem, wait } = useAsking();
  return (
    <>
      <button
        type="button"
        className="act"
        disabled={busy}
        onClick={async () => {
          const outcome = await wait(call(typeIn, { assignmentId, personId }), { leaves: true });
          if (outcome.ok) router.push(addressesOf(classId).post(outcome.value.postId));
        }}
      >
        {t('typeIn')}
      </button>
      {problem ? (
        <span role="alert" className="problem">
          {problem}
        </span>
      ) : null}
    </>
  );
}

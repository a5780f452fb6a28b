import { PlainForm, Problem, triedHere, type Tried } from './PlainForm';
import type { SayOf } from './readersWords';

interface AwayOnPageProps {
  readonly t: SayOf<'awayWords'>;
  readonly tried: Tried | null;
  readonly postId: string;
  /** What is said under the post; null for the post itself. */
  readonly comment: { readonly id: string; readonly author: string } | null;
  readonly own: boolean;
  readonly putsBack: boolean;
}

/** That a worry keeps words from their readers: to who wrote them who reads them now, to a teacher the way to put them back. */
export function AwayOnPage({ t, tried, postId, comment, own, putsBack }: AwayOnPageProps) {
  const fields = { postId, commentId: comment?.id ?? '' };
  return (
    <div className="my-2 border-l-4 border-clay pl-3 text-[14px]">
      <p>{t(own ? 'writer' : 'teacher')}</p>
      {putsBack ? (
        <PlainForm does="putWordsBack" fields={fields}>
          <button
            className="act"
            {...(comment ? { 'aria-label': t('putBackName', { name: comment.author }) } : {})}
          >
            {t('putBack')}
          </button>
          <Problem tried={triedHere(tried, 'putWordsBack', fields)} />
        </PlainForm>
      ) : null}
    </div>
  );
}

import type { CommentState, KeptBackFor, WaitReason } from '../../core/comments/rules';
import { ToldWords } from '../worries/ToldWords';
import { AwayOnPage } from './AwayOnPage';
import { PlainForm, Problem, triedHere, type Tried } from './PlainForm';
import type { ReadersWords } from './readersWords';
import { TellAboutPost, type ToldHere } from './TellAboutPost';

interface CommentShown {
  readonly id: string;
  readonly author: string;
  readonly monogram: string;
  readonly own: boolean;
  readonly when: string;
  readonly text: string;
  readonly state: CommentState;
  readonly version: number;
  /** Whether whoever reads decides about it. */
  readonly tends: boolean;
  /** Why it waits or waited, for who decides about it. */
  readonly reasons: readonly WaitReason[];
  /** Why it was kept back, where somebody said. */
  readonly keptFor: KeptBackFor | null;
  /** Whether a worry keeps it away; null where it does not. */
  readonly away: { readonly putsBack: boolean } | null;
}

export interface CommentsShown {
  readonly list: readonly CommentShown[];
}

interface CommentsProps extends CommentsShown {
  readonly say: ReadersWords;
  readonly tried: Tried | null;
  readonly told: ToldHere | null;
  readonly postId: string;
}

const LONGEST = 2000;

/** What the class says under a post, and saying something. Nobody outside the class sees it. */
export function Comments({ list, ...around }: CommentsProps) {
  const t = around.say.blog;
  const { told } = around;
  return (
    <section className="mt-10 border-t-[5px] border-porch pt-4" aria-labelledby="comments-title">
      <h2 id="comments-title" className="font-read text-[22px] font-semibold">
        {t('comments.title', { count: list.filter((one) => one.state === 'shown').length })}
      </h2>
      <p className="text-[14px] text-ink-2">{t('comments.who')}</p>
      {told && !list.some(({ id }) => id === told.comment) && told.comment !== '' ? (
        // What was told about is away until it is looked at.
        <ToldWords t={around.say.worry} told={told.told} className="mt-3" />
      ) : null}
      <ol className="mt-3 grid gap-4">
        {list.map((one) => (
          <Comment key={one.id} comment={one} {...around} />
        ))}
      </ol>
      <WriteComment {...around} />
    </section>
  );
}

type Around = Omit<CommentsProps, 'list'>;

/** The place of a comment on its page. */
const commentPlace = (id: string) => `comment-${id}`;

function Comment({ comment, say, tried, told, postId }: Around & { readonly comment: CommentShown }) {
  const t = say.blog;
  return (
    <li id={commentPlace(comment.id)} className="grid grid-cols-[38px_1fr] gap-x-3">
      <span className="mono" aria-hidden="true">
        {comment.monogram}
      </span>
      <div
        className={comment.state !== 'shown' || comment.away ? 'border-l-4 border-edge pl-3 text-ink-2' : ''}
      >
        <p className="text-[14px] text-ink-2">
          <b className="text-ink">{comment.author}</b>, {comment.when}
          {comment.state === 'waits' ? ` · ${t(comment.own ? 'comments.youWait' : 'comments.waits')}` : ''}
          {comment.state === 'keptBack'
            ? ` · ${t('comments.keptBack', { why: comment.keptFor ?? 'none' })}`
            : ''}
        </p>
        <p className="either-way whitespace-pre-wrap font-read text-[17px]">{comment.text}</p>
        {comment.away ? (
          <AwayOnPage
            t={say.awayWords}
            tried={tried}
            postId={postId}
            comment={{ id: comment.id, author: comment.author }}
            own={comment.own}
            putsBack={comment.away.putsBack}
          />
        ) : null}
        <div className="flex flex-wrap items-start gap-x-4">
          {comment.own ? (
            <TakeBack say={say} tried={tried} commentId={comment.id} />
          ) : (
            <TellAboutPost t={say.worry} tried={tried} told={told} inClass comment={comment} />
          )}
          {comment.tends ? <Decide say={say} tried={tried} comment={comment} /> : null}
        </div>
      </div>
    </li>
  );
}

type AtComment = Pick<CommentsProps, 'say' | 'tried'>;

function TakeBack({ say, tried, commentId }: AtComment & { readonly commentId: string }) {
  return (
    <PlainForm does="takeBackComment" fields={{ commentId }}>
      <button className="act">{say.blog('comments.takeBack')}</button>
      <Problem tried={triedHere(tried, 'takeBackComment', { commentId })} />
    </PlainForm>
  );
}

/** Lets a comment through, or keeps it back. */
function Decide({ say, tried, comment }: AtComment & { readonly comment: CommentShown }) {
  const { id: commentId, version, state, author } = comment;
  const shown = state === 'shown';
  return (
    <PlainForm
      does="decideComment"
      fields={{ commentId, version: String(version), state: shown ? 'keptBack' : 'shown', keptFor: '' }}
    >
      <button className="act">{say.blog(shown ? 'comments.hide' : 'comments.show', { name: author })}</button>
      <Problem tried={triedHere(tried, 'decideComment', { commentId })} />
    </PlainForm>
  );
}

function WriteComment({ say, tried, postId }: Around) {
  const t = say.blog;
  const wrong = triedHere(tried, 'writeComment');
  return (
    <PlainForm does="writeComment" fields={{ postId }} className="mt-5 grid max-w-[560px] gap-2">
      <label className="font-semibold" htmlFor="comment-text">
        {t('comments.say')}
      </label>
      <span className="text-[13.5px] text-ink-2">{t('comments.help')}</span>
      <textarea
        dir="auto"
        id="comment-text"
        name="text"
        className="field min-h-20 font-read !text-[17px] [field-sizing:content]"
        maxLength={LONGEST}
        defaultValue={wrong?.typed['text']}
        aria-invalid={wrong !== null}
        aria-describedby="comment-problem"
      />
      <Problem id="comment-problem" tried={wrong} />
      <button className="btn justify-self-start">{t('comments.write')}</button>
    </PlainForm>
  );
}

import { audiencesUpTo, type Audience } from '../../core/access/audience';
import { PlainForm, Problem, triedHere, type Tried } from './PlainForm';
import type { ReadersWords } from './readersWords';

interface NarrowPostProps {
  readonly say: ReadersWords;
  readonly tried: Tried | null;
  readonly postId: string;
  readonly audience: Audience;
}

/** For teachers, under a post: lets fewer people read it or takes it down, and says what that does not undo. */
export function NarrowPost({ say, tried, postId, audience }: NarrowPostProps) {
  const t = say.blog;
  const wrong = triedHere(tried, 'narrowPost');
  const narrower = audiencesUpTo(audience).filter((one) => one !== audience && one !== 'writerAndTeachers');
  return (
    <details className="mt-6 border-t border-line pt-4" open={wrong !== null}>
      <summary className="font-semibold text-porch">{t('narrow.summary')}</summary>
      <p className="mt-2 text-ink-2">{t('narrow.whatItMeans')}</p>
      <div className="mt-3 flex flex-wrap items-center gap-4">
        {narrower.length > 0 ? (
          <PlainForm does="narrowPost" fields={{ postId }} className="flex flex-wrap items-center gap-4">
            <label className="flex items-center gap-2">
              {t('narrow.whoReads')}
              <select className="field !w-auto" name="audience" defaultValue={narrower.at(-1)}>
                {narrower.map((one) => (
                  <option key={one} value={one}>
                    {say.audience(one)}
                  </option>
                ))}
              </select>
            </label>
            <button className="btn">{t('narrow.narrow')}</button>
          </PlainForm>
        ) : null}
        <PlainForm does="narrowPost" fields={{ postId, audience: 'writerAndTeachers' }}>
          <button className="btn">{t('narrow.takeDown')}</button>
        </PlainForm>
      </div>
      <Problem tried={wrong} />
    </details>
  );
}

import type { Told } from '../../core/safety/told';
import { ToldWords } from '../worries/ToldWords';
import { PlainForm, Problem, triedHere, type Tried } from './PlainForm';
import type { SayOf } from './readersWords';

/** What came of telling about words on a page: about which, and who reads it. */
export interface ToldHere {
  /** The comment, or '' for the post itself. */
  readonly comment: string;
  readonly told: Told;
}

interface TellsAbout {
  readonly t: SayOf<'worry'>;
  readonly tried: Tried | null;
  readonly told: ToldHere | null;
  /** Whether who reads belongs to the class. */
  readonly inClass: boolean;
}

interface TellAboutPostProps extends TellsAbout {
  /** A comment that it is about, and whose that is; null for the post itself. */
  readonly comment: { readonly id: string; readonly author: string } | null;
}

/** Under every post and comment: something is wrong here. Only those who look after worries see what is told. */
export function TellAboutPost({ t, tried, told, inClass, comment }: TellAboutPostProps) {
  const about = comment?.id ?? '';
  const id = `worry-${about}`;
  const className = comment ? '' : 'mt-8';
  if (told?.comment === about) return <ToldWords t={t} told={told.told} className={className} />;
  const fields = { comment: about };
  const wrong = triedHere(tried, 'tellWorry', fields);
  const label = comment
    ? t(inClass ? 'openComment' : 'openTeacherComment', { name: comment.author })
    : t(inClass ? 'open' : 'openTeacher');
  return (
    <details className={className} open={wrong !== null}>
      <summary className="act">{label}</summary>
      <PlainForm does="tellWorry" fields={fields} className="mt-3 grid max-w-[460px] gap-3">
        <label className="grid gap-1">
          <span className="font-semibold">{t('what')}</span>
          <span className="text-[13.5px] text-ink-2">{t('who')}</span>
          <textarea
            className="field"
            name="words"
            dir="auto"
            rows={3}
            maxLength={2000}
            defaultValue={wrong?.typed['words']}
            aria-invalid={wrong !== null}
            aria-describedby={`${id}-problem`}
          />
        </label>
        <Problem id={`${id}-problem`} tried={wrong} />
        <button className="btn justify-self-start">{t('send')}</button>
      </PlainForm>
    </details>
  );
}

import { PlainForm, Problem, triedHere, type Tried } from './PlainForm';
import type { SayOf } from './readersWords';

/** Takes the passphrase of a class blog or post. It is sent in a request's body, never put into an address. */
export function AskPassphrase({ t, tried }: { readonly t: SayOf<'blog'>; readonly tried: Tried | null }) {
  const wrong = triedHere(tried, 'showPassphrase');
  return (
    <PlainForm does="showPassphrase" className="grid max-w-[420px] gap-3">
      <label className="grid gap-1">
        <span className="font-semibold">{t('passphrase.label')}</span>
        <span id="passphrase-hint" className="text-[13.5px] text-ink-2">
          {t('passphrase.hint')}
        </span>
        <input
          className="field"
          name="passphrase"
          maxLength={200}
          autoComplete="off"
          spellCheck={false}
          required
          defaultValue={wrong?.typed['passphrase']}
          aria-invalid={wrong !== null}
          aria-describedby="passphrase-problem"
        />
      </label>
      <Problem id="passphrase-problem" tried={wrong} />
      <button className="btn go justify-self-start">{t('passphrase.show')}</button>
    </PlainForm>
  );
}

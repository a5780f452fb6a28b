import { AskPassphrase } from './AskPassphrase';
import type { Tried } from './PlainForm';
import type { ReadersWords } from './readersWords';

/**
 * What is not there and what is not for this reader look alike, down to the passphrase that is asked for: it says nothing
 * about whether there is anything behind it.
 */
export function NothingHere({ say, tried }: { readonly say: ReadersWords; readonly tried: Tried | null }) {
  const t = say.notFound;
  return (
    <main id="main" className="page">
      <h1 className="says">{t('title')}</h1>
      <p className="under my-4">{t('words')}</p>
      <AskPassphrase t={say.blog} tried={tried} />
      <p className="mt-8 flex gap-5">
        <a className="act" href="/sign-in">
          {t('signIn')}
        </a>
        <a className="act" href="/">
          {t('back')}
        </a>
      </p>
    </main>
  );
}

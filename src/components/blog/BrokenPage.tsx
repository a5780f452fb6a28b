import type { ReadersWords } from './readersWords';

/** That something broke while a page was made, and the number by which it can be found. */
export function BrokenPage({ say, id }: { readonly say: ReadersWords; readonly id: string }) {
  return (
    <main id="main" className="page">
      <h1 className="says">{say.error('title')}</h1>
      <p className="under my-4">{say.error('words', { id })}</p>
      <a className="btn" href="">
        {say.error('again')}
      </a>
    </main>
  );
}

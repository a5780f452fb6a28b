import type { ReactNode } from 'react';
import { directionOf } from '../../core/languages/languages';
import type { ReadersWords } from './readersWords';

export interface DocumentProps {
  readonly say: ReadersWords;
  /** In which what stands on it is written, as a tag; the house may not speak it. */
  readonly language: string;
  readonly title: string;
  /** Whether search engines may list it. */
  readonly open: boolean;
  /** Where it stands, in full, for search engines; null where they may not list it. */
  readonly canonical: string | null;
  /** What is shown of it where somebody passes its address on; null where not everybody may read it. */
  readonly passedOn: {
    /** The name of the blog. */
    readonly site: string;
    readonly description: string;
    /** The address of a picture, in full; null where there is none. */
    readonly picture: string | null;
  } | null;
  /** Where news readers find what stands on it; null where they find nothing. */
  readonly feed: string | null;
  /** The addresses of its stylesheet and its script. */
  readonly files: { readonly style: string; readonly script: string };
  readonly children: ReactNode;
}

/** A whole readers' page. It says what it has to say without any script. */
export function Document(props: DocumentProps) {
  const { say, language, title, open, canonical, passedOn, feed, files, children } = props;
  return (
    <html lang={language} dir={directionOf(language)}>
      <head>
        <meta charSet="utf-8" />
        <meta name="viewport" content="width=device-width, initial-scale=1" />
        <title>{title}</title>
        <meta name="theme-color" content="#1e5743" />
        {open ? null : <meta name="robots" content="noindex, nofollow" />}
        {feed === null ? null : (
          <link rel="alternate" type="application/atom+xml" title={title} href={feed} />
        )}
        {canonical === null ? null : <link rel="canonical" href={canonical} />}
        {passedOn ? (
          <>
            <meta name="description" content={passedOn.description} />
            <meta property="og:type" content="article" />
            <meta property="og:site_name" content={passedOn.site} />
            <meta property="og:title" content={title} />
            <meta property="og:description" content={passedOn.description} />
            {passedOn.picture === null ? null : <meta property="og:image" content={passedOn.picture} />}
          </>
        ) : null}
        <link rel="stylesheet" href={files.style} />
        <link rel="icon" href="/icon.svg" type="image/svg+xml" />
        <script src={files.script} defer />
      </head>
      <body data-offline={say.refusal({ code: 'offline' })}>{children}</body>
    </html>
  );
}

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
  /** The addresses of its stylesheet and its script. */
  readonly files: { readonly style: string; readonly script: string };
  readonly children: ReactNode;
}

/** A whole readers' page. It says what it has to say without any script. */
export function Document({ say, language, title, open, files, children }: DocumentProps) {
  return (
    <html lang={language} dir={directionOf(language)}>
      <head>
        <meta charSet="utf-8" />
        <meta name="viewport" content="width=device-width, initial-scale=1" />
        <title>{title}</title>
        <meta name="theme-color" content="#1e5743" />
        {open ? null : <meta name="robots" content="noindex, nofollow" />}
        <link rel="stylesheet" href={files.style} />
        <link rel="icon" href="/icon.svg" type="image/svg+xml" />
        <script src={files.script} defer />
      </head>
      <body data-offline={say.refusal({ code: 'offline' })}>{children}</body>
    </html>
  );
}

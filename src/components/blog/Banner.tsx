import type { Look } from '../../core/looks/looks';
import { BannerDrawing } from './BannerDrawing';
import { ReaderMenu } from './ReaderMenu';
import type { SayOf } from './readersWords';

export interface BlogShown extends Look {
  readonly title: string;
  readonly subtitle: string;
  readonly schoolName: string;
  readonly groupName: string;
  readonly address: string;
}

interface BannerProps {
  readonly t: SayOf<'blog'>;
  readonly blog: BlogShown;
  readonly signedIn: boolean;
  /** The name of who was invited to read and has no desk here; null for everybody else. */
  readonly readerName: string | null;
  /** The front page has the high one with the drawing; every other page a low one. */
  readonly low?: boolean;
}

/** The head of a class blog: a sky over what its look draws. */
export function Banner({ t, blog, signedIn, readerName, low = false }: BannerProps) {
  return (
    <header className={low ? 'banner low' : 'banner'}>
      <Streaks />
      {low ? null : <BannerDrawing banner={blog.banner} />}
      <div className="names">
        {low ? (
          <a className="title" href={`/blog/${blog.address}`}>
            {blog.title}
          </a>
        ) : (
          <h1>{blog.title}</h1>
        )}
        <p>{low ? blog.subtitle : t('subtitle', { subtitle: blog.subtitle, school: blog.schoolName })}</p>
      </div>
      {readerName === null ? (
        <a className="btn sign-in" href={signedIn ? '/today' : '/sign-in'}>
          {t(signedIn ? 'toDesk' : 'signIn')}
        </a>
      ) : (
        <ReaderMenu t={t} name={readerName} />
      )}
    </header>
  );
}

function Streaks() {
  return (
    <svg viewBox="0 0 1280 186" preserveAspectRatio="xMaxYMin slice" aria-hidden="true">
      <g fill="none" stroke="#fff" strokeLinecap="round" opacity="0.35">
        <path d="M560 46q120-40 260-30t250-10" strokeWidth="4" />
        <path d="M640 62q150-30 280-8t210-40" strokeWidth="2" />
        <path d="M820 78q110-20 220 0t210-50" strokeWidth="5" />
        <path d="M700 30q90-26 200-10t200-14" strokeWidth="2" />
      </g>
    </svg>
  );
}

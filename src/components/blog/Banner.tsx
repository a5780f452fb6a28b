import { useTranslations } from 'next-intl';
import Link from 'next/link';

export interface BlogShown {
  readonly title: string;
  readonly subtitle: string;
  readonly schoolName: string;
  readonly groupName: string;
  readonly address: string;
}

interface BannerProps {
  readonly blog: BlogShown;
  readonly signedIn: boolean;
  /** The front page has the high one with the fence; every other page a low one. */
  readonly low?: boolean;
}

/** The head of a class blog: a sky over a fence. */
export function Banner({ blog, signedIn, low = false }: BannerProps) {
  const t = useTranslations('blog');
  return (
    <header className={low ? 'banner low' : 'banner'}>
      <Streaks />
      {low ? null : <Fence />}
      <div className="names">
        {low ? (
          <Link className="title" href={`/blog/${blog.address}`}>
            {blog.title}
          </Link>
        ) : (
          <h1>{blog.title}</h1>
        )}
        <p>{low ? blog.subtitle : t('subtitle', { subtitle: blog.subtitle, school: blog.schoolName })}</p>
      </div>
      <Link className="btn sign-in" href={signedIn ? '/today' : '/sign-in'}>
        {t(signedIn ? 'toDesk' : 'signIn')}
      </Link>
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

const PICKETS = Array.from({ length: 80 }, (_, index) => index * 16.2);
const POSTS = [40, 344, 648, 952, 1256];

function Fence() {
  return (
    <svg viewBox="0 0 1280 186" preserveAspectRatio="none" aria-hidden="true">
      <path d="M0 124 220 112 380 122 560 116 720 108 900 122 1060 112 1280 126v60H0z" fill="#35586a" />
      <path d="M0 140h1280v46H0z" fill="#f0d9b8" opacity="0.75" />
      <g fill="var(--porch)">
        {PICKETS.map((x) => (
          <path key={x} d={`M${x} 180v-34l4-6 4 6v34z`} />
        ))}
        {POSTS.map((x) => (
          <path key={x} d={`M${x} 186v-56h-2v-7h20v7h-2v56z`} />
        ))}
        <path d="M0 132h1280v6H0z" />
      </g>
    </svg>
  );
}

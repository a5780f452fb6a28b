import type { Told } from '../../core/safety/told';
import { ToldWords } from '../worries/ToldWords';
import type { ReadersWords } from './readersWords';

interface ToldPageProps {
  readonly say: ReadersWords;
  readonly told: Told;
  /** The class blog. */
  readonly blog: string;
}

/** What came of telling about a post that whoever told does not see any more. */
export function ToldPage({ say, told, blog }: ToldPageProps) {
  return (
    <main id="main" className="page">
      <ToldWords t={say.worry} told={told} />
      <p className="mt-8">
        <a className="act" href={blog}>
          {say.blog('toBlog')}
        </a>
      </p>
    </main>
  );
}

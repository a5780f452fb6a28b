import type { ReactNode } from 'react';
import { Mark } from '../basics/Mark';

interface GateProps {
  readonly label: string;
  /** How it stands, in a few words. */
  readonly stands: ReactNode;
  /** What went wrong, in words, or nothing; it takes the place of the line. */
  readonly problem: string;
  readonly line: ReactNode;
  /** The sign: what is done here. */
  readonly children: ReactNode;
}

/** The last bay of a railing, where something goes out to others. */
export function Gate({ label, stands, problem, line, children }: GateProps) {
  return (
    <section className="gate" aria-label={label}>
      <Mark id="gate-open" className="leaf" />
      <div className="say">
        <b>{stands}</b>
        {problem ? (
          <small className="problem" role="alert">
            {problem}
          </small>
        ) : (
          <small>{line}</small>
        )}
        {children}
      </div>
    </section>
  );
}

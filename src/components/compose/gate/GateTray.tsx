import type { GateTrayProps } from './gateProps';
import { Missing } from './Missing';
import { TimeLeft } from './TimeLeft';
import { WhoReads } from './WhoReads';

/** The gate, raised: what is missing, who will read it and when, how it stands with the time. */
export function GateTray(props: GateTrayProps) {
  return (
    <>
      <Missing {...props} />
      <WhoReads {...props} />
      <TimeLeft {...props} />
    </>
  );
}

'use client';

import type { Requirement } from '../../../core/requirements/requirement';
import { useSentenceBeginning } from '../../railing/RequirementLine';
import { FORMS } from './forms';
import { IsRead } from './isRead';
import { ofKind } from '../../../core/requirements/ofKind';

interface WhatItAsksProps {
  readonly requirement: Requirement;
  /** The assignment's number, which a title may have to begin with. */
  readonly number: number;
}

const nothing = () => undefined;

/** A requirement as the sentence that its teacher made of it, to be read. */
export function WhatItAsks({ requirement, number }: WhatItAsksProps) {
  const beginningOf = useSentenceBeginning();
  const kind = ofKind(FORMS, requirement.kind);
  return (
    <span className="told">
      <b>{beginningOf(requirement)}</b>
      {kind ? (
        <IsRead value={true}>
          <kind.Form requirement={requirement} classLabels={[]} number={number} change={nothing} />
        </IsRead>
      ) : null}
    </span>
  );
}

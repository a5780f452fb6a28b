import type { ReactNode } from 'react';
import { FetchAgain } from '@/components/basics/FetchAgain';
import { Lintel, type LintelProps } from '@/components/desk/Lintel';
import { WaitingPresses } from '@/components/desk/WaitingPresses';
import { isTeacher, may } from '@/core/access/may';
import { database } from '@/server/ground/database/database';
import { requireSession } from '@/server/http/desk';
import { countWaiting } from '@/server/tables/postsOfClass';
import { shownInClass, type Desk } from '@/server/deeds/sessions/desk';

interface DeskFrameProps {
  readonly desk: Desk;
  readonly current: LintelProps['current'];
  readonly className?: string;
  readonly children: ReactNode;
}

/** The lintel over a page of the desk. */
export async function DeskFrame({ desk, current, className, children }: DeskFrameProps) {
  const { role, inClass, personId } = desk;
  const { person, classes } = await requireSession();
  const taught = classes.filter((one) => isTeacher(one.role)).map((one) => one.id);
  return (
    <div className={className}>
      <FetchAgain />
      <Lintel
        role={role === 'supplyTeacher' ? role : isTeacher(role) ? 'teacher' : 'student'}
        person={{
          id: person.id,
          ...shownInClass({ ...person, role }),
          administrates: person.account === 'administrator',
        }}
        inClass={inClass}
        classes={classes.map(({ id, title, groupName }) => ({ id, title, groupName }))}
        waiting={
          taught.length > 0 ? await countWaiting(database, { classIds: taught, readerId: desk.personId }) : 0
        }
        tendsPages={may({ personId, role }, 'page.tend', {})}
        current={current}
      />
      {role === 'student' ? <WaitingPresses personId={personId} /> : null}
      {children}
    </div>
  );
}

import { notFound } from 'next/navigation';
import type { ReactNode } from 'react';
import { FetchAgain } from '@/components/basics/FetchAgain';
import { WorriesLintel } from '@/components/worries/WorriesLintel';
import { spokenTag } from '@/core/languages/languages';
import { dayInWords } from '@/core/timing/inWords';
import { shownInClass } from '@/server/deeds/sessions/desk';
import { requireSession } from '@/server/http/desk';
import { maybeWorriesWaiting } from '@/server/views/worries/viewWorries';

interface WorriesFrameProps {
  readonly current: 'waiting' | 'settled' | 'promise';
  readonly children: ReactNode;
}

/** The lintel over a page of who looks after worries; for everybody else there is no such page. */
export async function WorriesFrame({ current, children }: WorriesFrameProps) {
  const { person, classes, language } = await requireSession();
  const tends = await maybeWorriesWaiting(person.id);
  if (!tends) notFound();
  const [first] = classes;
  return (
    <>
      <FetchAgain />
      <WorriesLintel
        menu={{
          id: person.id,
          ...shownInClass({ ...person, role: 'teacher' }),
          classes: classes.map(({ id, title, groupName }) => ({ id, title, groupName })),
          currentClass: '',
          administrates: person.account === 'administrator',
        }}
        day={dayInWords(Date.now(), first?.timeZone ?? 'UTC', spokenTag(language, first?.language ?? null))}
        {...tends}
        hasDesk={classes.length > 0}
        current={current}
      />
      {children}
    </>
  );
}

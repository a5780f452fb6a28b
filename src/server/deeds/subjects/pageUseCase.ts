import type { Deed } from '../../../contract/deed';
import { serve, type Found, type UseCase, type WorkOn } from '../../ground/access/useCase';
import { findClass, type ClassRow } from '../../tables/classes';
import type { Database } from '../../ground/database/database';
import { findPage, type PageRow } from '../../tables/pages';

/** A page with its class. */
export interface PageFacts {
  readonly page: PageRow;
  readonly inClass: ClassRow;
}

interface OnPage {
  readonly pageId: string;
}

/** Serves a deed with which those who tend the pages of a class change one. */
export function pageUseCase<Input extends OnPage, Output, Prepared = unknown>(
  deed: Deed<Input, Output, 'page'>,
  work: WorkOn<Input, PageFacts, Output, Prepared>,
): UseCase<Input, PageFacts, Output, Prepared> {
  return serve(
    deed,
    {
      find: ({ pageId }, { database }) => findPageToActOn(database, pageId),
      async turnOf({ pageId }, database) {
        const page = await findPage(database, pageId);
        return page ? [page.classId] : [];
      },
    },
    work,
  );
}

/** A page to act on, as the access table asks for it; null where there is none. */
export async function findPageToActOn(database: Database, pageId: string): Promise<Found<PageFacts> | null> {
  const page = await findPage(database, pageId);
  const inClass = page && (await findClass(database, page.classId));
  if (!page || !inClass) return null;
  return { subject: {}, classId: page.classId, subjectId: pageId, rows: { page, inClass } };
}

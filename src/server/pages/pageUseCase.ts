import { idSchema } from '../input/idSchema';
import type { Action } from '../../core/access/table';
import type { Context, Found, Result, UseCase } from '../access/useCase';
import { findClass, type ClassRow } from '../classes/queries';
import type { Database } from '../database/database';
import { findPage, type PageRow } from './queries';

/** A page with its class. */
export interface PageFacts {
  readonly page: PageRow;
  readonly inClass: ClassRow;
}

interface OnPage {
  readonly pageId: string;
}

interface Spec<Input extends OnPage, Output> {
  readonly name: string;
  readonly action?: Action;
  /** JSON Schemas of the further fields of the input; all of them are required. */
  readonly fields?: Readonly<Record<string, object>>;
  readonly whileResting?: boolean;
  /** True for what takes the class's turn. */
  readonly turn?: boolean;
  readonly run: (
    input: Input,
    rows: PageFacts,
    context: Context & { readonly personId: string },
  ) => Promise<Result<Output>>;
}

/** A use case with which those who tend the pages of a class change one. */
export function pageUseCase<Input extends OnPage, Output>({
  action = 'page.tend',
  fields = {},
  turn = false,
  run,
  ...spec
}: Spec<Input, Output>): UseCase<Input, PageFacts, Output> {
  return {
    ...spec,
    ...(turn ? { turn: turnOfPage } : {}),
    action,
    input: {
      type: 'object',
      required: ['pageId', ...Object.keys(fields)],
      additionalProperties: false,
      properties: { pageId: idSchema, ...fields },
    },
    find: ({ pageId }, { database }) => findPageToActOn(database, pageId),
    run: (input, { rows }, context) => run(input, rows, context),
  };
}

/** The class of a page, whose turn is taken before the page is read. */
async function turnOfPage({ pageId }: OnPage, database: Database): Promise<readonly string[]> {
  const page = await findPage(database, pageId);
  return page ? [page.classId] : [];
}

/** A page to act on, as the access table asks for it; null where there is none. */
export async function findPageToActOn(database: Database, pageId: string): Promise<Found<PageFacts> | null> {
  const page = await findPage(database, pageId);
  const inClass = page && (await findClass(database, page.classId));
  if (!page || !inClass) return null;
  return { subject: {}, classId: page.classId, subjectId: pageId, rows: { page, inClass } };
}

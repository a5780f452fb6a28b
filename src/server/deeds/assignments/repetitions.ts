import { comesWith } from '../../../core/assignments/lessonText';
import type { SeriesDate, SeriesRule } from '../../../core/assignments/series';
import { instantOf } from '../../../core/timing/zonedTime';
import type { Database } from '../../ground/database/database';
import { newId } from '../../ground/database/newId';
import { noteWhatComesWith } from '../../tables/handouts';
import { insertJob } from '../../ground/jobs/queries';
import { listRepetitions, updateRepetition, updateSeries } from '../../tables/assignmentSeries';
import {
  deleteUnbegun,
  FOR_ITSELF,
  insertAssignment,
  nextNumber,
  type AssignmentRow,
} from '../../tables/assignments';
import type { AssignmentFacts } from '../subjects/assignmentFacts';
import { asRepeated } from './spreadChange';

/** The hour of its day at which a repetition is shown to students. */
const OPENING_HOUR = '00:00';

interface LayingOut {
  readonly rule: SeriesRule;
  /** The days that the rule makes in that class's year. */
  readonly dates: readonly SeriesDate[];
  readonly by: string;
  readonly now: Date;
}

/**
 * Makes an assignment a series of a rule: one repetition for each day, which is set by itself when its day to be seen comes.
 * Those that students see stay whatever the rule says now.
 */
export async function layOutSeries(
  database: Database,
  rows: AssignmentFacts,
  { rule, dates, by, now }: LayingOut,
): Promise<void> {
  await updateSeries(database, rows.assignment.id, rule);
  const kept = await settleRepetitions(database, rows, { dates, now });
  for (const date of dates.filter((one) => !kept.has(one.date)))
    await addRepetition(database, rows, { date, by, now });
}

/** Deletes the repetitions that students do not see yet; how many stay. */
export async function deleteUnseenRepetitions(
  database: Database,
  seriesId: string,
  now: Date,
): Promise<number> {
  const repetitions = await listRepetitions(database, seriesId, now);
  for (const { id } of repetitions.filter((one) => one.setAt === null)) await deleteUnbegun(database, id);
  return repetitions.filter((one) => one.setAt !== null).length;
}

interface Settling {
  readonly dates: readonly SeriesDate[];
  readonly now: Date;
}

/** Moves the repetitions that students do not see yet to where the rule puts them, deletes those it does not name. */
async function settleRepetitions(
  database: Database,
  { assignment, inClass }: AssignmentFacts,
  { dates, now }: Settling,
): Promise<ReadonlySet<string>> {
  const kept = new Set<string>();
  for (const repetition of await listRepetitions(database, assignment.id, now)) {
    const date = dates.find((one) => one.date === repetition.lessonDate);
    if (repetition.setAt === null && !date) {
      await deleteUnbegun(database, repetition.id);
      continue;
    }
    kept.add(repetition.lessonDate ?? '');
    if (repetition.setAt !== null || !date) continue;
    const times = timesOf(date, inClass.timeZone);
    await updateRepetition(database, { id: repetition.id, week: date.week, ...times });
    await insertOpening(database, repetition.id, { at: times.opensAt, now });
  }
  return kept;
}

async function addRepetition(
  database: Database,
  { assignment, inClass }: AssignmentFacts,
  { date, by, now }: { readonly date: SeriesDate; readonly by: string; readonly now: Date },
): Promise<void> {
  const times = timesOf(date, inClass.timeZone);
  const place: AssignmentRow = {
    ...assignment,
    ...FOR_ITSELF,
    ...times,
    id: newId(),
    number: await nextNumber(database, inClass.id),
    seriesId: assignment.id,
    lessonDate: date.date,
    week: date.week,
    categoryId: assignment.categoryId,
    setAt: null,
    openedAt: null,
    version: 1,
  };
  const repetition = asRepeated(assignment, place, inClass);
  await insertAssignment(database, repetition, { by, at: now });
  await noteWhatComesWith(database, repetition.id, { ...comesWith(repetition), by });
  await insertOpening(database, repetition.id, { at: times.opensAt, now });
}

function timesOf(
  { due, opens }: SeriesDate,
  timeZone: string,
): { readonly dueAt: Date; readonly opensAt: Date } {
  return {
    dueAt: new Date(instantOf(due, timeZone)),
    opensAt: new Date(instantOf(`${opens}T${OPENING_HOUR}`, timeZone)),
  };
}

/** Whoever takes the job looks again whether the time has come, so that one too many does no harm. */
async function insertOpening(
  database: Database,
  id: string,
  { at, now }: { readonly at: Date; readonly now: Date },
): Promise<void> {
  await insertJob(database, {
    kind: 'openRepetition',
    payload: { assignmentId: id },
    at: at > now ? at : now,
  });
}

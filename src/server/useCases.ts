import type { UseCase } from './access/useCase';
import { changeAssignment } from './assignments/changeAssignment';
import { makeAssignment } from './assignments/makeAssignment';
import { setAssignment } from './assignments/setAssignment';
import { beginPost } from './posts/beginPost';
import { handIn } from './posts/handIn';
import { narrowAudience } from './posts/narrowAudience';
import { savePost } from './posts/savePost';
import { takeBack } from './posts/takeBack';
import { openSet } from './publications/openSet';
import { publish } from './publications/publish';
import { accept } from './reviews/accept';
import { giveBackGrade } from './reviews/giveBackGrade';
import { judge } from './reviews/judge';
import { openHandIn } from './reviews/openHandIn';
import { sendBack } from './reviews/sendBack';
import { setGrade } from './reviews/setGrade';
import { writeNote } from './reviews/writeNote';

/** Everything that a signed-in person can do through the interface. A new use case is named here and nowhere else. */
export const USE_CASES = {
  makeAssignment,
  changeAssignment,
  setAssignment,
  beginPost,
  savePost,
  narrowAudience,
  handIn,
  takeBack,
  openHandIn,
  writeNote,
  judge,
  setGrade,
  sendBack,
  accept,
  giveBackGrade,
  publish,
  openSet,
} as const;

type UseCases = typeof USE_CASES;
export type UseCaseName = keyof UseCases;

/** What goes into a use case and what comes out of it, for whoever calls it over the wire. */
export type InputOf<Name extends UseCaseName> =
  UseCases[Name] extends UseCase<infer Input, infer _Rows, infer _Output> ? Input : never;
export type OutputOf<Name extends UseCaseName> =
  UseCases[Name] extends UseCase<infer _Input, infer _Rows, infer Output> ? Output : never;

/** The use case of that name, or null. */
export function findUseCase(name: string): UseCase<unknown, unknown, unknown> | null {
  return Object.hasOwn(USE_CASES, name)
    ? (USE_CASES[name as UseCaseName] as UseCase<unknown, unknown, unknown>)
    : null;
}

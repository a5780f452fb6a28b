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

/** The use case of that name, or null. */
export function findUseCase(name: string): UseCase<unknown, unknown, unknown> | null {
  return Object.hasOwn(USE_CASES, name) ? USE_CASES[name as keyof typeof USE_CASES] : null;
}

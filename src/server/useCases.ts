import type { UseCase } from './access/useCase';
import { changeAccount } from './administration/changeAccount';
import { makeAccount } from './administration/makeAccount';
import { deleteAnybody, previewErasure, restoreAnybody, searchPeople } from './administration/deleteAnybody';
import { changeRetention } from './retention/changeRetention';
import { retryJobs } from './administration/retryJobs';
import { changeAssignment } from './assignments/changeAssignment';
import { makeAssignment } from './assignments/makeAssignment';
import { dropRequirementSet, keepRequirementSet } from './assignments/keepRequirementSet';
import { previewEvidence, reviseEvidence } from './assignments/reviseEvidence';
import { tryRequirements } from './assignments/tryRequirements';
import { adjustAssignment, dropAdjustment } from './assignments/adjustAssignment';
import { giveAssignment, partAssignment } from './assignments/giveAssignment';
import { endSeries, repeatAssignment } from './assignments/repeatAssignment';
import { setAssignment } from './assignments/setAssignment';
import { takeBackComment, tendComment } from './comments/tendComment';
import { writeComment } from './comments/writeComment';
import { changeClassCode } from './classes/changeClassCode';
import { changeAddress } from './classes/changeAddress';
import { changeLook } from './classes/changeLook';
import { changePrivacy } from './classes/changePrivacy';
import { changeWords } from './classes/changeWords';
import { changeYear } from './classes/changeYear';
import { checkAddress } from './classes/checkAddress';
import { deleteClass, previewClassDeletion } from './classes/deleteClass';
import { restoreClass } from './classes/restoreClass';
import { copyClass } from './classes/copyClass';
import { makeClass } from './classes/makeClass';
import { nameClass } from './classes/nameClass';
import { restClass } from './classes/restClass';
import { settleClass } from './classes/settleClass';
import { chooseSignIn } from './classes/chooseSignIn';
import { deletePerson, previewDeletion } from './people/deletePerson';
import { restorePerson } from './people/restorePerson';
import { changeRole } from './people/changeRole';
import { decideJoining, decideJoiningAnywhere, withdrawJoining } from './people/decideJoining';
import { handOn, handOnAnybody } from './people/handOn';
import { removeMember } from './people/removeMember';
import { changePerson } from './people/changePerson';
import { groupStudents } from './people/groupStudents';
import { importPeople } from './people/importPeople';
import { makePasscodes } from './people/makePasscodes';
import { moveStudents } from './people/moveStudents';
import { previewImport } from './people/previewImport';
import { removeStudents } from './people/removeStudents';
import { takeInAgain } from './people/takeInAgain';
import { takeOutPicture } from './pictures/takeOutPicture';
import { addLabel, changeLabel, decideLabel } from './labels/changeLabel';
import { changeDesk } from './classes/changeDesk';
import { changePostAddress } from './posts/changePostAddress';
import { beAtPost } from './posts/beAtPost';
import { beginPost } from './posts/beginPost';
import { handIn } from './posts/handIn';
import { narrowAudience } from './posts/narrowAudience';
import { restoreRevision } from './posts/restoreRevision';
import { savePost } from './posts/savePost';
import { takeBack } from './posts/takeBack';
import { askToOpenDraft } from './safety/askToOpenDraft';
import { decideOpening } from './safety/decideOpening';
import { seeConcern } from './concerns/seeConcern';
import { recordConsent } from './consents/recordConsent';
import { withdrawConsent } from './consents/withdrawConsent';
import { invite } from './invitations/invite';
import { resendInvitation } from './invitations/resendInvitation';
import { withdrawInvitation } from './invitations/withdrawInvitation';
import { erasePage } from './pages/erasePage';
import { makePage } from './pages/makePage';
import { placePage } from './pages/placePage';
import { savePage } from './pages/savePage';
import { hidePage, showPage } from './pages/showPage';
import { takeUpRevision } from './pages/takeUpRevision';
import { setPassphrase } from './passphrases/setPassphrase';
import { setPostPassphrase } from './passphrases/setPostPassphrase';
import { openSet } from './publications/openSet';
import { narrowPost } from './publications/narrowPost';
import { publish } from './publications/publish';
import { accept } from './reviews/accept';
import { giveBackGrade } from './reviews/giveBackGrade';
import { judgeRequirement } from './reviews/judgeRequirement';
import { judge } from './reviews/judge';
import { openHandIn } from './reviews/openHandIn';
import { sendBack } from './reviews/sendBack';
import { setGrade } from './reviews/setGrade';
import { writeNote } from './reviews/writeNote';

/** Everything that a signed-in person can do through the interface. A new use case is named here and nowhere else. */
export const USE_CASES = {
  makeAccount,
  changeAccount,
  retryJobs,
  searchPeople,
  previewErasure,
  deleteAnybody,
  restoreAnybody,
  changeRetention,
  makeClass,
  nameClass,
  checkAddress,
  changeAddress,
  changeYear,
  changeWords,
  changeDesk,
  addLabel,
  changeLabel,
  decideLabel,
  changeLook,
  changePrivacy,
  setPassphrase,
  setPostPassphrase,
  settleClass,
  restClass,
  copyClass,
  previewClassDeletion,
  deleteClass,
  restoreClass,
  changeClassCode,
  chooseSignIn,
  previewImport,
  importPeople,
  makePasscodes,
  changePerson,
  previewDeletion,
  deletePerson,
  restorePerson,
  changeRole,
  removeMember,
  decideJoining,
  decideJoiningAnywhere,
  withdrawJoining,
  handOn,
  handOnAnybody,
  seeConcern,
  askToOpenDraft,
  decideOpening,
  recordConsent,
  withdrawConsent,
  invite,
  resendInvitation,
  withdrawInvitation,
  groupStudents,
  removeStudents,
  takeInAgain,
  moveStudents,
  makeAssignment,
  changeAssignment,
  writeComment,
  tendComment,
  takeBackComment,
  makePage,
  savePage,
  showPage,
  hidePage,
  placePage,
  takeUpRevision,
  erasePage,
  setAssignment,
  giveAssignment,
  partAssignment,
  repeatAssignment,
  endSeries,
  adjustAssignment,
  dropAdjustment,
  tryRequirements,
  previewEvidence,
  reviseEvidence,
  keepRequirementSet,
  dropRequirementSet,
  beginPost,
  savePost,
  beAtPost,
  restoreRevision,
  changePostAddress,
  takeOutPicture,
  narrowAudience,
  handIn,
  takeBack,
  openHandIn,
  writeNote,
  judge,
  judgeRequirement,
  setGrade,
  sendBack,
  accept,
  giveBackGrade,
  publish,
  narrowPost,
  openSet,
} as const;

/** The use case of that name, or null. */
export function findUseCase(name: string): UseCase<unknown, unknown, unknown> | null {
  return Object.hasOwn(USE_CASES, name) ? USE_CASES[name as keyof typeof USE_CASES] : null;
}

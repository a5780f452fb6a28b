import type { UseCase } from './ground/access/useCase';
import { changeAccount } from './deeds/administration/changeAccount';
import { changeSchoolSpan } from './deeds/administration/changeSchoolSpan';
import { giveTeacher } from './deeds/administration/giveTeacher';
import { makeAccount } from './deeds/administration/makeAccount';
import {
  deleteAnybody,
  previewErasure,
  restoreAnybody,
  searchPeople,
} from './deeds/administration/deleteAnybody';
import { changeRetention } from './deeds/retention/changeRetention';
import { retryJobs } from './deeds/administration/retryJobs';
import { changeAssignment } from './deeds/assignments/changeAssignment';
import { makeAssignment } from './deeds/assignments/makeAssignment';
import { dropRequirementSet, keepRequirementSet } from './deeds/assignments/keepRequirementSet';
import { previewEvidence, reviseEvidence } from './deeds/evidence/reviseEvidence';
import { removeSource } from './deeds/sources/removeSource';
import { readRequirements } from './deeds/assignments/readRequirements';
import { tryRequirements } from './deeds/evidence/tryRequirements';
import { adjustAssignment, dropAdjustment } from './deeds/assignments/adjustAssignment';
import { giveAssignment, partAssignment } from './deeds/assignments/giveAssignment';
import { endSeries, repeatAssignment } from './deeds/assignments/repeatAssignment';
import {
  deleteAssignment,
  previewAssignmentDeletion,
  restoreAssignment,
} from './deeds/assignments/deleteAssignment';
import { putAwayAssignment } from './deeds/assignments/putAwayAssignment';
import { unsetAssignment } from './deeds/assignments/unsetAssignment';
import { setAssignment } from './deeds/assignments/setAssignment';
import { changeCommentRules } from './deeds/classes/changeCommentRules';
import { decideComment, takeBackComment } from './deeds/comments/decideComment';
import { writeComment } from './deeds/comments/writeComment';
import { changeClassCode } from './deeds/classes/changeClassCode';
import { changeAddress } from './deeds/classes/changeAddress';
import { changeLook } from './deeds/classes/changeLook';
import { openOrigin } from './deeds/origin/openOrigin';
import { seeOpenings } from './deeds/origin/seeOpenings';
import { changePrivacy, previewPrivacy } from './deeds/classes/changePrivacy';
import { changeWords } from './deeds/classes/changeWords';
import { changeYear } from './deeds/classes/changeYear';
import { checkAddress } from './deeds/classes/checkAddress';
import { deleteClass, previewClassDeletion } from './deeds/classes/deleteClass';
import { restoreClass } from './deeds/classes/restoreClass';
import { copyClass } from './deeds/copying/copyClass';
import { makeClass } from './deeds/classes/makeClass';
import { nameClass } from './deeds/classes/nameClass';
import { leaveLine } from './deeds/classes/leaveLine';
import { restClass } from './deeds/classes/restClass';
import { settleClass } from './deeds/classes/settleClass';
import { chooseSignIn } from './deeds/classes/chooseSignIn';
import { deletePerson, previewDeletion } from './deeds/people/deletePerson';
import { restorePerson } from './deeds/people/restorePerson';
import { changeLastDay } from './deeds/people/changeLastDay';
import { changeRole } from './deeds/people/changeRole';
import { decideJoining, decideJoiningAnywhere, withdrawJoining } from './deeds/people/decideJoining';
import { handOn, handOnAnybody } from './deeds/people/handOn';
import { handOverClass } from './deeds/people/handOverClass';
import { removeMember } from './deeds/people/removeMember';
import { keepPeerRule, dropPeerRule } from './deeds/peerReading/keepPeerRule';
import { makePeerGroups, leavePeerGroups } from './deeds/peerReading/makePeerGroups';
import { keepApart } from './deeds/peerReading/keepApart';
import { joinPeerReading } from './deeds/peerReading/joinPeerReading';
import { worryAboutPeerText } from './deeds/peerReading/worryAboutPeerText';
import { seePeerReading } from './deeds/peerReading/seePeerReading';
import {
  givePeerReading,
  keepPeerWords,
  openPeerReading,
  takeBackPeerWords,
  thankPeer,
} from './deeds/peerReading/sayToWriter';
import { changePerson } from './deeds/people/changePerson';
import { dropAbsence, noteAbsence } from './deeds/people/noteAbsence';
import { groupStudents } from './deeds/people/groupStudents';
import { importPeople } from './deeds/people/importPeople';
import { makePasscodes } from './deeds/people/makePasscodes';
import { moveStudents } from './deeds/people/moveStudents';
import { previewImport } from './deeds/people/previewImport';
import { removeStudents } from './deeds/people/removeStudents';
import { takeInAgain } from './deeds/people/takeInAgain';
import { listClassPictures } from './deeds/pictures/listClassPictures';
import { takeOutPicture } from './deeds/pictures/takeOutPicture';
import { tellWhoIsIn, whoIsIn } from './deeds/pictures/whoIsIn';
import { addLabel, changeLabel, decideLabel } from './deeds/labels/changeLabel';
import { changeAwayRule } from './deeds/classes/changeAwayRule';
import { changeDesk } from './deeds/classes/changeDesk';
import { changePostAddress } from './deeds/addresses/changePostAddress';
import { beAtPost } from './deeds/posts/beAtPost';
import { beginPost } from './deeds/posts/beginPost';
import { waitingPost } from './deeds/posts/waitingPost';
import { handIn } from './deeds/posts/handIn';
import { narrowAudience } from './deeds/posts/narrowAudience';
import { restoreRevision } from './deeds/posts/restoreRevision';
import { savePost } from './deeds/posts/savePost';
import { takeBack } from './deeds/posts/takeBack';
import { askToOpenDraft } from './deeds/safety/askToOpenDraft';
import { decideOpening } from './deeds/safety/decideOpening';
import { decide } from './deeds/reviews/decide';
import { undoDecision } from './deeds/reviews/undoDecision';
import { nameForDuty } from './deeds/administration/nameForDuty';
import { answerTeller } from './deeds/worries/answerTeller';
import { changePromise } from './deeds/worries/changePromise';
import { decideWords } from './deeds/worries/decideWords';
import { keepAnswer } from './deeds/worries/keepAnswer';
import { putWordsBack } from './deeds/worries/putWordsBack';
import { worryAboutHandIn } from './deeds/worries/worryAboutHandIn';
import { worryAboutNote } from './deeds/worries/worryAboutNote';
import { writeStep } from './deeds/worries/writeStep';
import { recordConsent } from './deeds/consents/recordConsent';
import { withdrawConsent } from './deeds/consents/withdrawConsent';
import { invite } from './deeds/invitations/invite';
import { resendInvitation } from './deeds/invitations/resendInvitation';
import { withdrawInvitation } from './deeds/invitations/withdrawInvitation';
import { erasePage } from './deeds/pages/erasePage';
import { makePage } from './deeds/pages/makePage';
import { placePage } from './deeds/pages/placePage';
import { savePage } from './deeds/pages/savePage';
import { hidePage, showPage } from './deeds/pages/showPage';
import { takeUpRevision } from './deeds/pages/takeUpRevision';
import { setPassphrase } from './deeds/passphrases/setPassphrase';
import { setPostPassphrase } from './deeds/passphrases/setPostPassphrase';
import { openAgain } from './deeds/publications/openAgain';
import { openSet } from './deeds/publications/openSet';
import { narrowPost } from './deeds/publications/narrowPost';
import { publish } from './deeds/publications/publish';
import { accept } from './deeds/reviews/accept';
import { giveBackGrade } from './deeds/reviews/giveBackGrade';
import { judgeRequirement } from './deeds/reviews/judgeRequirement';
import { judge } from './deeds/reviews/judge';
import { beAtReview } from './deeds/reviews/beAtReview';
import { compareOwnWords } from './deeds/evidence/compareOwnWords';
import { giveMoreTime } from './deeds/assignments/giveMoreTime';
import { excuseStudents } from './deeds/assignments/excuseStudents';
import { remindStudents } from './deeds/assignments/remindStudents';
import { planOpening } from './deeds/publications/planOpening';
import { dropOpening } from './deeds/publications/dropOpening';
import { overruleRequirement } from './deeds/reviews/overruleRequirement';
import { openHandIn } from './deeds/reviews/openHandIn';
import { sendBack } from './deeds/reviews/sendBack';
import { setGrade } from './deeds/reviews/setGrade';
import { askQuestion } from './deeds/questions/askQuestion';
import { takeBackQuestion } from './deeds/questions/takeBackQuestion';
import { seeAnswers } from './deeds/questions/seeAnswers';
import { answerQuestion } from './deeds/questions/answerQuestion';
import { answerAloud } from './deeds/questions/answerAloud';
import { dropAnswer } from './deeds/questions/dropAnswer';
import { closeTerm } from './deeds/gradebook/closeTerm';
import { dropColumn } from './deeds/gradebook/dropColumn';
import { keepFinalMark } from './deeds/gradebook/keepFinalMark';
import { openTerm } from './deeds/gradebook/openTerm';
import { takeOver } from './deeds/gradebook/takeOver';
import { weighTerms } from './deeds/gradebook/weighTerms';
import { giveBackColumn } from './deeds/gradebook/giveBackColumn';
import { keepColumn } from './deeds/gradebook/keepColumn';
import { keepFigures } from './deeds/gradebook/keepFigures';
import { keepOwnLine } from './deeds/gradebook/keepOwnLine';
import { keepRules } from './deeds/gradebook/keepRules';
import { readFigure } from './deeds/gradebook/readFigure';
import { previewMarks } from './deeds/gradebook/previewMarks';
import { takeMarks } from './deeds/gradebook/takeMarks';
import { previewRules } from './deeds/gradebook/previewRules';
import { askSecondReading } from './deeds/secondReadings/askSecondReading';
import { dropSecondReading } from './deeds/secondReadings/dropSecondReading';
import { finishSecondReading } from './deeds/secondReadings/finishSecondReading';
import { settleSecondReading } from './deeds/secondReadings/settleSecondReading';
import { lookAtName } from './deeds/reviews/lookAtName';
import { typeIn } from './deeds/posts/typeIn';
import { takeSlip } from './deeds/reviews/takeSlip';
import { answerNote } from './deeds/notes/answerNote';
import { dropNote } from './deeds/notes/dropNote';
import { keepNote } from './deeds/notes/keepNote';
import { sendNotes } from './deeds/notes/sendNotes';
import { lookForDetails } from './deeds/details/lookForDetails';
import { meanDetail } from './deeds/details/meanDetail';
import { settleNote } from './deeds/notes/settleNote';
import { dropSentence } from './deeds/noteBank/dropSentence';
import { keepSentence } from './deeds/noteBank/keepSentence';
import { listSentences } from './deeds/noteBank/listSentences';
import { takeSentence } from './deeds/noteBank/takeSentence';

/** Everything that a signed-in person can do through the interface. A new use case is named here and nowhere else. */
export const USE_CASES = {
  makeAccount,
  changeAccount,
  giveTeacher,
  retryJobs,
  searchPeople,
  previewErasure,
  deleteAnybody,
  restoreAnybody,
  changeRetention,
  changeSchoolSpan,
  makeClass,
  nameClass,
  checkAddress,
  changeAddress,
  changeYear,
  changeWords,
  changeDesk,
  changeAwayRule,
  addLabel,
  changeLabel,
  decideLabel,
  changeLook,
  changePrivacy,
  openOrigin,
  seeOpenings,
  previewPrivacy,
  setPassphrase,
  setPostPassphrase,
  settleClass,
  leaveLine,
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
  keepPeerRule,
  dropPeerRule,
  makePeerGroups,
  leavePeerGroups,
  keepApart,
  joinPeerReading,
  seePeerReading,
  worryAboutPeerText,
  givePeerReading,
  keepPeerWords,
  openPeerReading,
  takeBackPeerWords,
  thankPeer,
  noteAbsence,
  dropAbsence,
  previewDeletion,
  deletePerson,
  restorePerson,
  changeLastDay,
  changeRole,
  handOverClass,
  removeMember,
  decideJoining,
  decideJoiningAnywhere,
  withdrawJoining,
  handOn,
  handOnAnybody,
  nameForDuty,
  changePromise,
  worryAboutHandIn,
  worryAboutNote,
  putWordsBack,
  decideWords,
  keepAnswer,
  answerTeller,
  writeStep,
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
  decideComment,
  changeCommentRules,
  takeBackComment,
  makePage,
  savePage,
  showPage,
  hidePage,
  placePage,
  takeUpRevision,
  erasePage,
  setAssignment,
  unsetAssignment,
  putAwayAssignment,
  previewAssignmentDeletion,
  deleteAssignment,
  restoreAssignment,
  giveAssignment,
  partAssignment,
  repeatAssignment,
  endSeries,
  adjustAssignment,
  dropAdjustment,
  readRequirements,
  removeSource,
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
  listClassPictures,
  takeOutPicture,
  tellWhoIsIn,
  whoIsIn,
  narrowAudience,
  handIn,
  waitingPost,
  takeBack,
  compareOwnWords,
  giveMoreTime,
  excuseStudents,
  remindStudents,
  dropOpening,
  planOpening,
  overruleRequirement,
  beAtReview,
  lookAtName,
  askSecondReading,
  dropSecondReading,
  finishSecondReading,
  settleSecondReading,
  typeIn,
  takeSlip,
  openHandIn,
  answerNote,
  dropNote,
  keepNote,
  sendNotes,
  settleNote,
  meanDetail,
  lookForDetails,
  listSentences,
  keepSentence,
  dropSentence,
  takeSentence,
  judge,
  judgeRequirement,
  setGrade,
  sendBack,
  accept,
  decide,
  undoDecision,
  giveBackGrade,
  publish,
  narrowPost,
  openAgain,
  openSet,
  keepRules,
  previewRules,
  keepColumn,
  dropColumn,
  keepFigures,
  giveBackColumn,
  askQuestion,
  takeBackQuestion,
  seeAnswers,
  answerQuestion,
  answerAloud,
  dropAnswer,
  closeTerm,
  previewMarks,
  takeMarks,
  keepOwnLine,
  openTerm,
  takeOver,
  keepFinalMark,
  weighTerms,
  readFigure,
} as const;

/** The use case of that name, or null. */
export function findUseCase(name: string): UseCase<unknown, unknown, unknown> | null {
  return Object.hasOwn(USE_CASES, name) ? USE_CASES[name as keyof typeof USE_CASES] : null;
}

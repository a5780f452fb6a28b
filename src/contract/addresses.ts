/**
 * Where the pages of the desk are. The class stands in the address of each but of those that belong to a person, whatever class
 * they are in: Today, My writing, the reading pile, their classes, their account.
 */
export function addressesOf(classId: string) {
  const at = `/class/${classId}`;
  const post = (postId: string) => `${at}/writing/${postId}`;
  return {
    roster: at,
    cards: `${at}/cards`,
    invitations: `${at}/invitations`,
    openings: `${at}/openings`,
    labels: `${at}/labels`,
    comments: `${at}/comments`,
    pictures: `${at}/pictures`,
    privacy: `${at}/privacy`,
    settings: `${at}/settings`,
    ending: `${at}/ending`,
    look: `${at}/look`,
    roles: `${at}/roles`,
    log: `${at}/log`,
    whereWeAre: `${at}/here`,
    assignments: `${at}/assignments`,
    assignment: (assignmentId: string) => `${at}/assignments/${assignmentId}`,
    assignmentAsStudent: (assignmentId: string) => `${at}/assignments/${assignmentId}?as=student`,
    set: (assignmentId: string) => `${at}/set/${assignmentId}`,
    gradebook: `${at}/gradebook`,
    figures: `${at}/figures`,
    sheets: `${at}/sheets`,
    sheetsOf: (personIds: readonly string[]) => `${at}/sheets?for=${personIds.join(',')}`,
    gradebookPrint: `${at}/gradebook/print`,
    term: (term: string) => `${at}/gradebook/${term}`,
    peers: (assignmentId: string) => `${at}/peers/${assignmentId}`,
    peerText: (readingId: string) => `${at}/reading/${readingId}`,
    second: (assignmentId: string) => `${at}/second/${assignmentId}`,
    board: (assignmentId: string) => `${at}/board/${assignmentId}`,
    student: (personId: string) => `${at}/students/${personId}`,
    pages: `${at}/pages`,
    page: (pageId: string) => `${at}/pages/${pageId}`,
    post,
    origin: (postId: string) => `${at}/origin/${postId}`,
    receipt: (postId: string) => `${post(postId)}/receipt`,
    revisions: (postId: string) => `${post(postId)}/revisions`,
    draft: (postId: string) => `${at}/drafts/${postId}`,
  } as const;
}

/** What students ask those who teach them. */
export const QUESTIONS = '/questions';

/** A post before the teacher, in the pile that they have of all their classes. */
export function reviewAddress(postId: string): string {
  return `/pile/${postId}`;
}

/** Where what is taken along is fetched as a file: everything of oneself or of one student, a whole class, a class's roster. */
export const archiveAddress = {
  own: '/api/archive',
  ofPerson: (personId: string) => `/api/archive?person=${personId}`,
  ofClass: (classId: string) => `/api/archive?class=${classId}`,
  ofRoster: (classId: string) => `/api/archive?roster=${classId}`,
  ofGradebook: (classId: string) => `/api/archive?gradebook=${classId}`,
  ofOneRoster: (classId: string) => `/api/archive?oneroster=${classId}`,
} as const;

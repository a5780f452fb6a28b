// The columns of the table below are kept in line by hand.
/**
 * Relations that nobody can stand in yet; until they are built, each may do nothing by it: family of the child, a class that
 * ours is open to.
 */
export const RELATIONS_TO_COME = [
  'family',
  'partnerClass',
] as const;

/**
 * What a person is to the thing acted on. A co-teacher stands as a teacher here; who is let in until a day does not. A safety person
 * is whoever looks after that case, the head of school whom the school named. A teacher who reads a post a second time is its second
 * reader, and nothing else, until they are done with it. A peer is a classmate who was given the text to read before it is handed in.
 */
export const RELATIONS_NOW = [
  'visitor',
  'stranger',
  'administrator',
  'reader',
  'classmate',
  'leaver',
  'writer',
  'editor',
  'teacher',
  'supplyTeacher',
  'safetyPerson',
  'head',
  'secondReader',
  'peer',
] as const;

/** All of them, in the order of the table's columns. */
export const RELATIONS = [...RELATIONS_NOW, ...RELATIONS_TO_COME] as const;
export type Relation = (typeof RELATIONS)[number];

/** What must be true of the thing, or of who acts, besides; each is decided in `may.ts`. */
export type Condition =
  | 'never'
  | 'always'
  /** The person has a teacher's account in this install. */
  | 'staff'
  /** The class's ceiling lets people from outside in. */
  | 'open'
  /** The assignment is set: students can see it. */
  | 'set'
  /** The assignment says that teachers may read drafts. */
  | 'draftsOpen'
  /** There is a hand-in that was not taken back. */
  | 'handedIn'
  /** It waits for nothing that teachers alone look at, and does not stand under a post of who acts. */
  | 'forEditors'
  /** There is one, the class lets its student editors read what was handed in, and no worry keeps it away. */
  | 'editorsRead'
  /** The latest hand-in was not opened by a teacher. */
  | 'unread'
  /** There is one, and the class had said before it was begun that teachers may open where texts come from. */
  | 'saidSo'
  /** A teacher accepted the post. */
  | 'accepted'
  /** A revision is before readers, and this person is among its audience. */
  | 'published'
  /** The grade was given back. */
  | 'givenBack'
  /** They type in for its writer what was done on paper, and nobody has handed it in or written in it since. */
  | 'typesIn'
  /** They run the class; a co-teacher does not. */
  | 'runsIt'
  /** This teacher and this administrator have opened the draft together, and the time for it is not over. */
  | 'opened';

type Row = readonly [
  visitor: Condition,
  stranger: Condition,
  administrator: Condition,
  reader: Condition,
  classmate: Condition,
  leaver: Condition,
  writer: Condition,
  editor: Condition,
  teacher: Condition,
  supplyTeacher: Condition,
  safetyPerson: Condition,
  head: Condition,
  secondReader: Condition,
  peer: Condition,
  family: Condition,
  partnerClass: Condition,
];

/**
 * Who may do what. A student who acts on the class or an assignment stands as classmate; on an own post as writer, a
 * student editor too. An administrator who teaches a class stands there as a teacher and as an administrator, a teacher who
 * wrote a post as its writer too. A reader is invited to the class
 * blog: family, mostly. A leaver wrote the post and is not in the class any more. What does not stand here may nobody do.
 */
export const ACCESS = {
  //                   visitor      stranger     admin        reader       classmate    leaver       writer       editor         teacher       supply        safety       head         second         peer      family   partner
  'install.manage':    ['never',     'never',     'always',    'never',     'never',     'never',     'never',     'never',       'never',      'never',      'never',     'never',     'never',       'never', 'never', 'never'],
  'class.make':        ['never',     'staff',     'staff',     'never',     'never',     'never',     'never',     'never',       'never',      'staff',      'never',     'never',     'never',       'never', 'never', 'never'],
  'class.readBlog':    ['open',      'open',      'open',      'always',    'always',    'open',      'always',    'always',      'always',     'always',     'open',      'open',      'never',       'never', 'never', 'never'],
  'class.teach':       ['never',     'never',     'never',     'never',     'never',     'never',     'never',     'never',       'always',     'always',     'never',     'never',     'never',       'never', 'never', 'never'],
  'class.change':      ['never',     'never',     'never',     'never',     'never',     'never',     'never',     'never',       'always',     'always',     'never',     'never',     'never',       'never', 'never', 'never'],
  'class.guard':       ['never',     'never',     'never',     'never',     'never',     'never',     'never',     'never',       'always',     'never',      'never',     'never',     'never',       'never', 'never', 'never'],
  'class.delete':      ['never',     'never',     'never',     'never',     'never',     'never',     'never',     'never',       'runsIt',     'never',      'never',     'never',     'never',       'never', 'never', 'never'],
  'class.readLog':     ['never',     'never',     'never',     'never',     'never',     'never',     'never',     'never',       'always',     'always',     'never',     'never',     'never',       'never', 'never', 'never'],
  'roster.read':       ['never',     'never',     'never',     'never',     'never',     'never',     'never',     'never',       'always',     'never',      'never',     'never',     'never',       'never', 'never', 'never'],
  'roster.change':     ['never',     'never',     'never',     'never',     'never',     'never',     'never',     'never',       'always',     'never',      'never',     'never',     'never',       'never', 'never', 'never'],
  'assignment.read':   ['never',     'never',     'never',     'never',     'set',       'never',     'set',       'set',         'always',     'always',     'never',     'never',     'never',       'never', 'never', 'never'],
  'assignment.make':   ['never',     'never',     'never',     'never',     'never',     'never',     'never',     'never',       'always',     'always',     'never',     'never',     'never',       'never', 'never', 'never'],
  'assignment.change': ['never',     'never',     'never',     'never',     'never',     'never',     'never',     'never',       'always',     'always',     'never',     'never',     'never',       'never', 'never', 'never'],
  'assignment.erase':  ['never',     'never',     'never',     'never',     'never',     'never',     'never',     'never',       'always',     'never',      'never',     'never',     'never',       'never', 'never', 'never'],
  'question.ask':      ['never',     'never',     'never',     'never',     'set',       'never',     'set',       'set',         'never',      'never',      'never',     'never',     'never',       'never', 'never', 'never'],
  'question.answer':   ['never',     'never',     'never',     'never',     'never',     'never',     'never',     'never',       'always',     'always',     'never',     'never',     'never',       'never', 'never', 'never'],
  'peer.arrange':      ['never',     'never',     'never',     'never',     'never',     'never',     'never',     'never',       'always',     'always',     'never',     'never',     'never',       'never', 'never', 'never'],
  'peer.join':         ['never',     'never',     'never',     'never',     'set',       'never',     'set',       'set',         'never',      'never',      'never',     'never',     'never',       'never', 'never', 'never'],
  'peer.read':         ['never',     'never',     'never',     'never',     'never',     'never',     'never',     'never',       'never',      'never',      'never',     'never',     'never',       'always','never', 'never'],
  'peer.thank':        ['never',     'never',     'never',     'never',     'never',     'never',     'always',    'never',       'never',      'never',      'never',     'never',     'never',       'never', 'never', 'never'],
  'peer.oversee':      ['never',     'never',     'never',     'never',     'never',     'never',     'never',     'never',       'always',     'always',     'never',     'never',     'never',       'never', 'never', 'never'],
  'post.begin':        ['never',     'never',     'never',     'never',     'set',       'never',     'never',     'set',         'never',      'never',      'never',     'never',     'never',       'never', 'never', 'never'],
  'post.typeIn':       ['never',     'never',     'never',     'never',     'never',     'never',     'never',     'never',       'always',     'always',     'never',     'never',     'never',       'never', 'never', 'never'],
  'post.write':        ['never',     'never',     'never',     'never',     'never',     'never',     'always',    'never',       'typesIn',    'typesIn',    'never',     'never',     'never',       'never', 'never', 'never'],
  'post.readDraft':    ['never',     'never',     'never',     'never',     'never',     'always',    'always',    'never',       'draftsOpen', 'draftsOpen', 'never',     'never',     'draftsOpen',  'never', 'never', 'never'],
  'draft.askToOpen':   ['never',     'never',     'never',     'never',     'never',     'never',     'never',     'never',       'always',     'always',     'never',     'never',     'always',      'never', 'never', 'never'],
  'draft.readOpened':  ['never',     'never',     'opened',    'never',     'never',     'never',     'never',     'never',       'opened',     'opened',     'never',     'never',     'opened',      'never', 'never', 'never'],
  'post.handIn':       ['never',     'never',     'never',     'never',     'never',     'never',     'set',       'never',       'typesIn',    'typesIn',    'never',     'never',     'never',       'never', 'never', 'never'],
  'post.takeBack':     ['never',     'never',     'never',     'never',     'never',     'never',     'unread',    'never',       'never',      'never',      'never',     'never',     'never',       'never', 'never', 'never'],
  'post.readHandIn':   ['never',     'never',     'never',     'never',     'never',     'handedIn',  'handedIn',  'editorsRead', 'handedIn',   'handedIn',   'never',     'never',     'handedIn',    'never', 'never', 'never'],
  'post.review':       ['never',     'never',     'never',     'never',     'never',     'never',     'never',     'never',       'handedIn',   'handedIn',   'never',     'never',     'handedIn',    'never', 'never', 'never'],
  'reading.ask':       ['never',     'never',     'never',     'never',     'never',     'never',     'never',     'never',       'always',     'never',      'never',     'never',     'never',       'never', 'never', 'never'],
  'reading.finish':    ['never',     'never',     'never',     'never',     'never',     'never',     'never',     'never',       'never',      'never',      'never',     'never',     'handedIn',    'never', 'never', 'never'],
  'reading.settle':    ['never',     'never',     'never',     'never',     'never',     'never',     'never',     'never',       'handedIn',   'never',      'never',     'never',     'never',       'never', 'never', 'never'],
  'origin.read':       ['never',     'never',     'never',     'never',     'never',     'always',    'always',    'never',       'saidSo',     'never',      'never',     'never',     'saidSo',      'never', 'never', 'never'],
  'origin.open':       ['never',     'never',     'never',     'never',     'never',     'never',     'never',     'never',       'saidSo',     'never',      'never',     'never',     'saidSo',      'never', 'never', 'never'],
  'post.publish':      ['never',     'never',     'never',     'never',     'never',     'never',     'never',     'never',       'accepted',   'accepted',   'never',     'never',     'accepted',    'never', 'never', 'never'],
  'post.narrow':       ['never',     'never',     'never',     'never',     'never',     'never',     'never',     'never',       'published',  'published',  'never',     'never',     'published',   'never', 'never', 'never'],
  'post.read':         ['published', 'published', 'published', 'published', 'published', 'published', 'published', 'published',   'published',  'published',  'published', 'published', 'published',   'published', 'never', 'never'],
  'comment.read':      ['never',     'never',     'never',     'never',     'published', 'never',     'published', 'published',   'published',  'published',  'never',     'never',     'published',   'never', 'never', 'never'],
  'comment.write':     ['never',     'never',     'never',     'never',     'published', 'never',     'published', 'published',   'published',  'published',  'never',     'never',     'published',   'never', 'never', 'never'],
  'comment.tend':      ['never',     'never',     'never',     'never',     'never',     'never',     'never',     'forEditors',  'always',     'always',     'never',     'never',     'always',      'never', 'never', 'never'],
  'comment.takeBack':  ['never',     'never',     'never',     'never',     'never',     'never',     'always',    'never',       'never',      'never',      'never',     'never',     'never',       'never', 'never', 'never'],
  'page.read':         ['published', 'published', 'published', 'published', 'published', 'published', 'published', 'published',   'published',  'published',  'published', 'published', 'published',   'never', 'never', 'never'],
  'page.tend':         ['never',     'never',     'never',     'never',     'never',     'never',     'never',     'always',      'always',     'always',     'never',     'never',     'never',       'never', 'never', 'never'],
  'page.open':         ['never',     'never',     'never',     'never',     'never',     'never',     'never',     'never',       'always',     'always',     'never',     'never',     'never',       'never', 'never', 'never'],
  'page.erase':        ['never',     'never',     'never',     'never',     'never',     'never',     'never',     'never',       'always',     'never',      'never',     'never',     'never',       'never', 'never', 'never'],
  'handout.add':       ['never',     'never',     'never',     'never',     'never',     'never',     'never',     'always',      'always',     'always',     'never',     'never',     'never',       'never', 'never', 'never'],
  'note.read':         ['never',     'never',     'never',     'never',     'never',     'always',    'always',    'never',       'always',     'always',     'never',     'never',     'always',      'never', 'never', 'never'],
  'note.answer':       ['never',     'never',     'never',     'never',     'never',     'never',     'always',    'never',       'never',      'never',      'never',     'never',     'never',       'never', 'never', 'never'],
  'grade.read':        ['never',     'never',     'never',     'never',     'never',     'givenBack', 'givenBack', 'never',       'always',     'always',     'never',     'never',     'never',       'never', 'never', 'never'],
  'gradebook.own':     ['never',     'never',     'never',     'never',     'always',    'never',     'always',    'always',      'never',      'never',      'never',     'never',     'never',       'never', 'never', 'never'],
  'gradebook.read':    ['never',     'never',     'never',     'never',     'never',     'never',     'never',     'never',       'always',     'always',     'never',     'never',     'never',       'never', 'never', 'never'],
  'gradebook.grade':   ['never',     'never',     'never',     'never',     'never',     'never',     'never',     'never',       'always',     'always',     'never',     'never',     'never',       'never', 'never', 'never'],
  'gradebook.change':  ['never',     'never',     'never',     'never',     'never',     'never',     'never',     'never',       'always',     'never',      'never',     'never',     'never',       'never', 'never', 'never'],
  'picture.add':       ['never',     'never',     'never',     'never',     'always',    'never',     'always',    'always',      'always',     'always',     'never',     'never',     'never',       'never', 'never', 'never'],
  'picture.tell':      ['never',     'never',     'never',     'never',     'never',     'never',     'always',    'never',       'always',     'always',     'never',     'never',     'never',       'never', 'never', 'never'],
  'words.putBack':     ['never',     'never',     'never',     'never',     'never',     'never',     'never',     'never',       'always',     'always',     'never',     'never',     'always',      'never', 'never', 'never'],
  'case.tend':         ['never',     'never',     'never',     'never',     'never',     'never',     'never',     'never',       'never',      'never',      'always',    'never',     'never',       'never', 'never', 'never'],
  'promise.change':    ['never',     'never',     'always',    'never',     'never',     'never',     'never',     'never',       'never',      'never',      'always',    'never',     'never',       'never', 'never', 'never'],
  'school.watch':      ['never',     'never',     'never',     'never',     'never',     'never',     'never',     'never',       'never',      'never',      'never',     'always',    'never',       'never', 'never', 'never'],
} as const satisfies Record<string, Row>;

export type Action = keyof typeof ACCESS;
export const ACTIONS = Object.keys(ACCESS) as Action[];

/**
 * What nobody does to what they wrote themselves, whatever else they are: judge it, open it behind the writer's back, tend a worry
 * about it.
 */
export const NOT_ABOUT_ONESELF: readonly Action[] = [
  'post.review',
  'origin.open',
  'draft.askToOpen',
  'draft.readOpened',
  'words.putBack',
  'case.tend',
];

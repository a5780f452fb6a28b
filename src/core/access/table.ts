// The columns of the table below are kept in line by hand.
/** What a person is to the thing acted on. A co-teacher stands as a teacher here. */
export const RELATIONS = ['visitor', 'stranger', 'classmate', 'writer', 'teacher'] as const;
export type Relation = (typeof RELATIONS)[number];

/** What must be true of the thing besides; each is decided in `may.ts`. */
export type Condition =
  | 'never'
  | 'always'
  /** The class's ceiling lets everyone in. */
  | 'open'
  /** The assignment is set: students can see it. */
  | 'set'
  /** The assignment says that teachers may read drafts. */
  | 'draftsOpen'
  /** There is a hand-in that was not taken back. */
  | 'handedIn'
  /** The latest hand-in was not opened by a teacher. */
  | 'unread'
  /** A teacher accepted the post. */
  | 'accepted'
  /** A revision is before readers, and this person is among its audience. */
  | 'published'
  /** The grade was given back. */
  | 'givenBack';

type Row = readonly [
  visitor: Condition,
  stranger: Condition,
  classmate: Condition,
  writer: Condition,
  teacher: Condition,
];

/**
 * Who may do what. A student who acts on the class or an assignment stands as classmate; on an own post as writer.
 * What does not stand here may nobody do.
 */
export const ACCESS = {
  //                        visitor      stranger     classmate    writer       teacher
  'class.readBlog':        ['open',      'open',      'always',    'always',    'always'],
  'class.teach':           ['never',     'never',     'never',     'never',     'always'],
  'assignment.read':       ['never',     'never',     'set',       'set',       'always'],
  'assignment.make':       ['never',     'never',     'never',     'never',     'always'],
  'assignment.change':     ['never',     'never',     'never',     'never',     'always'],
  'post.begin':            ['never',     'never',     'set',       'never',     'never'],
  'post.write':            ['never',     'never',     'never',     'always',    'never'],
  'post.readDraft':        ['never',     'never',     'never',     'always',    'draftsOpen'],
  'post.handIn':           ['never',     'never',     'never',     'set',       'never'],
  'post.takeBack':         ['never',     'never',     'never',     'unread',    'never'],
  'post.readHandIn':       ['never',     'never',     'never',     'handedIn',  'handedIn'],
  'post.review':           ['never',     'never',     'never',     'never',     'handedIn'],
  'post.publish':          ['never',     'never',     'never',     'never',     'accepted'],
  'post.read':             ['published', 'published', 'published', 'published', 'published'],
  'note.read':             ['never',     'never',     'never',     'always',    'always'],
  'grade.read':            ['never',     'never',     'never',     'givenBack', 'always'],
  'picture.add':           ['never',     'never',     'always',    'always',    'always'],
} as const satisfies Record<string, Row>;

export type Action = keyof typeof ACCESS;
export const ACTIONS = Object.keys(ACCESS) as Action[];

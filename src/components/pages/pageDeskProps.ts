import type { PageAudience } from '../../core/access/audience';
import type { DocumentJson } from '../../core/document/openDocument';

/** What the server refused, with the reason. */

/** What was kept of a page. */
interface PageRevisionShown {
  readonly id: string;
  readonly title: string;
  /** When it was shown, or else written, in words. */
  readonly when: string;
  /** Empty where its writer is not known any more. */
  readonly by: string;
  readonly shown: boolean;
  readonly html: string;
}

export interface PageDeskProps {
  readonly page: {
    readonly id: string;
    readonly title: string;
    readonly body: DocumentJson;
    readonly version: number;
    /** Who reads it; null for nobody. */
    readonly audience: PageAudience | null;
    /** Whether what was written when the page was fetched is newer than what they read. */
    readonly newer: boolean;
    /** When readers got what they read now, in words. */
    readonly shownWhen: string | null;
    readonly asked: { readonly audience: PageAudience; readonly by: string } | null;
  };
  readonly classId: string;
  /** BCP 47, such as `en-GB`. */
  readonly language: string;
  readonly resting: boolean;
  /** Who writes, as readers know them. */
  readonly writer: string;
  /** Whether they may put a page before readers outside the class. */
  readonly opens: boolean;
  readonly erases: boolean;
  /** Who may read a page at most, the narrowest first. */
  readonly audiences: readonly PageAudience[];
  readonly revisions: readonly PageRevisionShown[];
}

/** What is written on from. */
export interface PageBase {
  readonly title: string;
  readonly body: DocumentJson;
  readonly version: number;
}

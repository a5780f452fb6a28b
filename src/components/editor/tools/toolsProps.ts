import type { Editor } from '@tiptap/react';
import type { Beside } from '../../../core/posts/beside';

/** What the tools of the writing desk work on, and what they open. */
export interface ToolsProps {
  readonly editor: Editor;
  /** Opens the class pictures, where new ones are brought too. */
  readonly onPictures: () => void;
  /** Opens a word processor's file or a text into the post. */
  readonly onDocument: (file: File) => void;
  /** Shows the post as HTML. */
  readonly onSource: () => void;
  /** BCP 47, such as `en-GB`. */
  readonly language: string;
  /** Whether unknown words are marked. */
  readonly spelt: boolean;
  readonly onSpelt: (on: boolean) => void;
  readonly lettering: Beside['lettering'];
  readonly onLettering: (lettering: Beside['lettering']) => void;
}

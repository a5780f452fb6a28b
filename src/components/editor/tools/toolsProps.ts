import type { Editor } from '@tiptap/react';
import type { Beside } from '../../../core/posts/beside';

/** What the tools of the writing desk work on, and what they open. What is absent has no tool. */
export interface ToolsProps {
  readonly editor: Editor;
  /** Opens the class pictures, where new ones are brought too. */
  readonly onPictures: () => void;
  /** Opens a word processor's file or a text into the post. */
  readonly onDocument: (file: File) => void;
  /** BCP 47, such as `en-GB`. */
  readonly language: string;
  /** Shows the post as HTML. */
  readonly onSource?: () => void;
  /** Whether unknown words are marked. */
  readonly spelling?: { readonly on: boolean; readonly onTurn: (on: boolean) => void };
  readonly lettering?: {
    readonly chosen: Beside['lettering'];
    readonly onChoose: (lettering: Beside['lettering']) => void;
  };
  /** Shows the few tools that everybody needs; the others stand under More. */
  readonly few?: boolean;
  /** Undoing beyond the text, where something stands over it; absent where the text is all there is. */
  readonly history?: {
    readonly canUndo: boolean;
    readonly canRedo: boolean;
    readonly undo: () => void;
    readonly redo: () => void;
  };
  /** Takes a file along that is given out with the text. */
  readonly onHandout?: (file: File) => void;
}

import type { Editor } from '@tiptap/react';
import type { RequirementAnswer } from '../../../core/requirements/answer';
import type { Beside } from '../../../core/posts/beside';
import type { Requirement } from '../../../core/requirements/requirement';
import type { ComposeProps } from '../composeProps';

/** The post that is at work, as trays read and change it. */
export interface PostAtWork {
  readonly assignment: ComposeProps['assignment'];
  readonly writer: ComposeProps['writer'];
  readonly editor: Editor;
  readonly title: string;
  readonly labels: readonly string[];
  readonly beside: Beside;
  readonly setBeside: (part: Partial<Beside>) => void;
  readonly setTitle: (title: string) => void;
  readonly setLabels: (labels: readonly string[]) => void;
  readonly addPictures: () => void;
  /** Adds a picture that does not stand in the text; its id, or null where it was refused. */
  readonly addPictureBeside: (file: File) => Promise<string | null>;
}

/** What every tray is given: its requirement, how it stands, and the post it can change. */
export interface TrayContentProps extends PostAtWork {
  readonly requirement: Requirement;
  readonly answer: RequirementAnswer;
  readonly lower: () => void;
}

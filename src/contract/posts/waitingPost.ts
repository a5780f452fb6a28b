import { deed } from '../deed';

/** What another page of ours needs to hand in a post whose press waits on this device. */
export const waitingPost = deed({
  name: 'waitingPost',
  on: 'post',
  action: 'post.handIn',
  looksOnly: true,
}).answers<{
  readonly classId: string;
  readonly title: string;
  readonly version: number;
  /** What opens the words that lie on the device: 32 bytes as base64, this writer's alone. */
  readonly sealKey: string;
}>();

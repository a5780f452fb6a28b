import type { DemoPost } from './demoPost';
import { INSTRUMENTS } from './instruments';
import { SAYINGS } from './sayings';
import { SKIES } from './skies';

/** Every post of the demo class. */
export const POSTS: readonly DemoPost[] = [...INSTRUMENTS, ...SAYINGS, ...SKIES];

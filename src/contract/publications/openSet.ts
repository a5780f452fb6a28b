import { deed } from '../deed';

/** Opens an assignment's whole set: every accepted post reaches its audience now, and later ones as they are accepted. */
export const openSet = deed({
  name: 'openSet',
  on: 'assignment',
  action: 'assignment.change',
}).answers<{ readonly published: number }>();

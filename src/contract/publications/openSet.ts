import { deed } from '../deed';

/** Opens an assignment's whole set: every accepted post reaches its audience now, and later ones as they are accepted. */
export const openSet = deed({
  name: 'openSet',
  on: 'assignment',
  action: 'assignment.change',
}).answers<{
  readonly published: number;
  /** The writers whose posts were left out: personal details in them would reach readers outside the class. */
  readonly leftOut: readonly string[];
}>();

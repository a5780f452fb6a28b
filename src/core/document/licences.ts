/**
 * What others may do with a picture, in the few kinds that children can choose between: anybody may use it; anybody
 * who says whose it is; only this class; or somebody else made it and allows this use.
 */
export const LICENCES = ['free', 'withName', 'classOnly', 'permitted'] as const;

/** Whether classmates may put a picture of this licence into their own posts. */
export function mayBeReused(licence: string): boolean {
  return licence === 'free' || licence === 'withName';
}

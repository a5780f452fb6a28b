import { nameOutside, type PersonName } from '../../../core/people/names';
import { FREE_OUTSIDE, namingWith, outside, type Consent } from '../../../core/privacy/consent';
import { tokenHash } from '../../ground/secrets/secrets';
import type { ClassRow } from '../../tables/classes';

/** Under which name a writer is read outside the class on a day: by the consents for them, and the class's rule. */
export function nameForReaders(
  writer: PersonName,
  consents: readonly Consent[],
  {
    inClass: { consentNeeded, namingRule },
    day,
  }: { readonly inClass: Pick<ClassRow, 'consentNeeded' | 'namingRule'>; readonly day: string },
): string {
  const { appears } = consentNeeded ? outside(consents, day, writer) : FREE_OUTSIDE;
  return nameOutside(writer, namingWith(appears, namingRule));
}

/** What is kept of such a name, to know it again and not to say it. */
export function nameHash(name: string): Buffer {
  return tokenHash(name);
}

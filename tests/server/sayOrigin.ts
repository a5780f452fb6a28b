import { changePrivacy } from '../../src/server/deeds/classes/changePrivacy';
import { as, NOW, type House, type Who } from './house';

const PRIVACY = {
  ceiling: 'ourClass',
  namingRule: 'firstName',
  searchEngines: false,
  editorsRead: false,
  consentNeeded: true,
} as const;

/** Somebody says whether teachers may open where a text came from, or, with nothing, keeps the privacy of the class without saying it. */
export function sayOrigin(house: House, who: Who, originSaid?: boolean, now = NOW) {
  const said = originSaid === undefined ? {} : { originSaid };
  return as(house, who, changePrivacy, { classId: house.classId, ...PRIVACY, ...said }, now);
}

import { getRequestConfig } from 'next-intl/server';
import messages from './en.json';

/** One catalogue per language; English is the first. */
export default getRequestConfig(() => Promise.resolve({ locale: 'en', messages, timeZone: 'UTC' }));

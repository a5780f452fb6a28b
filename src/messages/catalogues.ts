import type { HouseLanguage } from '../core/languages/languages';
import de from './de.json';
import en from './en.json';

/** What the house says, in each of its languages: a language that lacks a sentence of the English catalogue does not compile. */
export const CATALOGUES: Readonly<Record<HouseLanguage, typeof en>> = { en, de };

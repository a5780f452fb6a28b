import type messages from './en.json';

declare module 'use-intl' {
  /** What components may ask of the catalogue: a key that is not there does not compile. */
  interface AppConfig {
    Messages: typeof messages;
  }
}

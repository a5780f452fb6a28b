import pino from 'pino';
import { getSettings } from '../settings/settings';

let logger: pino.Logger | null = null;

/** The log. It carries ids and counts, never a child's text. */
export function log(): pino.Logger {
  logger ??= pino({ level: getSettings().logLevel, base: null, timestamp: pino.stdTimeFunctions.isoTime });
  return logger;
}

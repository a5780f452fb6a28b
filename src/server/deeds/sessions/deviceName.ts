const BROWSERS = [
  ['Edg/', 'Edge'],
  ['Firefox/', 'Firefox'],
  ['Chrome/', 'Chrome'],
  ['Safari/', 'Safari'],
] as const;
const SYSTEMS = [
  ['CrOS', 'Chromebook'],
  ['iPhone', 'iPhone'],
  ['iPad', 'iPad'],
  ['Android', 'Android'],
  ['Windows', 'Windows'],
  ['Mac OS X', 'Mac'],
  ['Linux', 'Linux'],
] as const;

/** What kind of browser and system a session is on, as far as the browser says: enough to tell one's own devices apart. */
export function deviceName(userAgent: string): string {
  const named = (list: readonly (readonly [string, string])[]) =>
    list.find(([mark]) => userAgent.includes(mark))?.[1] ?? '';
  return [named(BROWSERS), named(SYSTEMS)].filter(Boolean).join(', ');
}

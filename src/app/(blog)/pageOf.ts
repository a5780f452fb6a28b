/** The number of a page as it stands in an address; whatever is none is the first. */
export function pageOf(query: URLSearchParams): number {
  const page = query.get('page') ?? '';
  return /^[0-9]{1,6}$/.test(page) ? Math.max(1, Number(page)) : 1;
}

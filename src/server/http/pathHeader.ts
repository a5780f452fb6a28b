/** The header by which `proxy.ts` tells a page its own address. */
export const PATH_HEADER = 'x-path';

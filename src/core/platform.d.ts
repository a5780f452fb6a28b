// What every place that runs the core (browser, worker, server, command line) brings along although
// it is no part of the language. Only the core's own tsconfig reads this file.
declare class URL {
  constructor(address: string);
  readonly protocol: string;
  readonly hostname: string;
  hash: string;
  readonly href: string;
}
declare class TextDecoder {
  constructor(encoding: string, options?: { readonly fatal?: boolean });
  decode(bytes: Uint8Array): string;
}
declare class TextEncoder {
  encode(text: string): Uint8Array;
}

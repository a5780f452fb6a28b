/**
 * Whether what was said ends with a question: in Latin, wide, Arabic or Greek marks. The Greek one is typed as a semicolon, with which
 * nothing else ends that somebody answers.
 */
export function asksSomething(text: string): boolean {
  return /[?\uFF1F\u061F;\u037E]\s*$/u.test(text);
}

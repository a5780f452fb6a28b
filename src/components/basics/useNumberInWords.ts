import { useMadeWords } from './useMadeWords';

const LARGEST = 12;

/** A number as a heading begins with it: in words up to twelve, in figures beyond. */
export function useNumberInWords(): (number: number) => string {
  const amid = useNumberAmidWords();
  return (number) => {
    const word = amid(number);
    return word.charAt(0).toLocaleUpperCase() + word.slice(1);
  };
}

/** The same in the middle of a sentence. */
export function useNumberAmidWords(): (number: number) => string {
  const t = useMadeWords('numbers');
  return (number) =>
    Number.isInteger(number) && number >= 1 && number <= LARGEST ? t(String(number)) : String(number);
}

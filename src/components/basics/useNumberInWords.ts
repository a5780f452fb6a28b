import { useMadeWords } from './useMadeWords';

const LARGEST = 12;

/** A number as a heading begins with it: in words up to twelve, in figures beyond. */
export function useNumberInWords(): (number: number) => string {
  const t = useMadeWords('numbers');
  return (number) => {
    if (!Number.isInteger(number) || number < 1 || number > LARGEST) return String(number);
    const word = t(String(number));
    return word.charAt(0).toLocaleUpperCase() + word.slice(1);
  };
}

/** Other words for a passage, after the ones that stand there. */
export function SuggestedWords({ quote, suggested }: { readonly quote: string; readonly suggested: string }) {
  return (
    <p className="suggested-words" dir="auto">
      <del>{quote}</del> <ins>{suggested}</ins>
    </p>
  );
}

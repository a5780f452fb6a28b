/** A mark of the sprite by its id; what it means always stands in words beside it. */
export function Mark({ id, className }: { readonly id: string; readonly className?: string }) {
  return (
    <svg aria-hidden="true" {...(className ? { className } : {})}>
      <use href={`#${id}`} />
    </svg>
  );
}

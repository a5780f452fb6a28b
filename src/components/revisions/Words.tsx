import type { WordChange } from '../../core/changes/words';

/** Words as they were and as they are: removed ones struck out, added ones underlined, and named for those who listen. */
export function Words({ changes }: { readonly changes: readonly WordChange[] }) {
  return (
    <>
      {changes.map((change, index) => {
        if (change.kind === 'added') return <ins key={index}>{change.text}</ins>;
        if (change.kind === 'removed') return <del key={index}>{change.text}</del>;
        return <span key={index}>{change.text}</span>;
      })}
    </>
  );
}

import { useTranslations } from 'next-intl';
import type { ChangesMarked } from '../../core/posts/changesShown';
import { Words } from '../revisions/Words';

/** What changed of that which stands beside the text: title, labels, cover, teaser. Nothing where none of it did. */
export function ChangedBesideText({ changes }: { readonly changes: ChangesMarked }) {
  const t = useTranslations('revisions');
  const { title, subtitle, teaser, labels, cover } = changes;
  const lines = [
    { name: t('title'), words: title },
    { name: t('subtitle'), words: subtitle },
    { name: t('teaser'), words: teaser },
  ].filter(({ words }) => words.some((part) => part.kind !== 'same'));
  const said = [
    labels.added.length > 0 ? t('labelsAdded', { labels: labels.added.join(', ') }) : null,
    labels.removed.length > 0 ? t('labelsRemoved', { labels: labels.removed.join(', ') }) : null,
    cover ? t('cover') : null,
  ].filter((line) => line !== null);
  if (lines.length + said.length === 0) return null;
  return (
    <ul className="changed-text mb-3 grid gap-1 text-[14.5px] text-ink-2">
      {lines.map(({ name, words }) => (
        <li key={name}>
          {name} <Words changes={words} />
        </li>
      ))}
      {said.map((line) => (
        <li key={line}>{line}</li>
      ))}
    </ul>
  );
}

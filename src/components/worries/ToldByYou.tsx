import { useTranslations } from 'next-intl';

interface ToldByYouProps {
  readonly told: readonly {
    readonly id: string;
    readonly title: string;
    readonly words: string;
    readonly when: string;
    readonly reader: string | null;
    readonly by: string | null;
    readonly help: string;
    readonly answer: { readonly text: string; readonly by: string; readonly when: string } | null;
  }[];
}

/** What somebody told, and what was answered. Nobody else sees it. */
export function ToldByYou({ told }: ToldByYouProps) {
  const t = useTranslations('told');
  return (
    <main className="page" id="main">
      <h1 className="says">{t(told.length === 0 ? 'none' : 'heading')}</h1>
      <p className="under">{t('under')}</p>
      <ul className="mt-6 grid max-w-[640px] gap-7">
        {told.map((one) => (
          <li key={one.id}>
            <p className="calm">{t('aboutTitle', { title: one.title, when: one.when })}</p>
            <blockquote className="said" dir="auto">
              {one.words}
            </blockquote>
            {one.answer ? (
              <div className="note loose mt-3">
                <b>{t('answer', { by: one.answer.by, when: one.answer.when })}</b>
                <p className="either-way">{one.answer.text}</p>
              </div>
            ) : one.by === null ? null : (
              <p className="mt-2">
                {one.reader === null
                  ? t('waitsTeachers', { by: one.by })
                  : t('waits', { reader: one.reader, by: one.by })}
              </p>
            )}
            {one.help ? <p className="mt-2 whitespace-pre-wrap">{one.help}</p> : null}
          </li>
        ))}
      </ul>
    </main>
  );
}

'use client';

import { useTranslations } from 'next-intl';
import { useState } from 'react';
import { changeLook } from '../../contract/classes/changeLook';
import { BANNERS, LETTERINGS, LOOK_TOKENS, lookProperties, LOOKS, type Look } from '../../core/looks/looks';
import { useDeed } from '../basics/useDeed';
import { Banner, type BlogShown } from '../blog/Banner';
import { Blog } from '../blog/Blog';
import { PostCard, type CardShown } from '../blog/PostCard';
import { KeepLine } from './KeepLine';
import { useMadeWords } from '../basics/useMadeWords';

export interface LookFormProps {
  readonly classId: string;
  readonly blog: BlogShown;
  readonly today: string;
  /** The newest posts of the blog, to see the look on. */
  readonly cards: readonly CardShown[];
}

const CHOICES = { look: LOOKS, banner: BANNERS, lettering: LETTERINGS } as const;
const SWATCHES = ['porch', 'sky-2', 'sky-3', 'ground'];

/** The look of a class blog, shown as its readers will see it while it is chosen. */
export function LookForm({ classId, blog, today, cards }: LookFormProps) {
  const t = useTranslations('look');
  const named = useMadeWords('look');
  const words = useTranslations('blog');
  const { act, busy, problem } = useDeed();
  const { look, banner, lettering } = blog;
  const [chosen, setChosen] = useState<Look>({ look, banner, lettering });
  const [kept, setKept] = useState(false);
  const [first = sample(t, 1, today), ...others] =
    cards.length > 0 ? cards : ([1, 2, 3] as const).map((which) => sample(t, which, today));
  const changed = chosen.look !== look || chosen.banner !== banner || chosen.lettering !== lettering;
  return (
    <main className="page" id="main">
      <h1 className="says">{t('heading', { title: blog.title })}</h1>
      <p className="under">{t('under')}</p>
      <div className="mt-6 grid items-start gap-10 lg:grid-cols-[400px_minmax(0,1fr)]">
        <form
          className="grid gap-6"
          onSubmit={async (event) => {
            event.preventDefault();
            setKept(await act(changeLook, { classId, ...chosen }));
          }}
        >
          {(['look', 'banner', 'lettering'] as const).map((part) => (
            <fieldset key={part}>
              <legend className="section-head w-full">{t(`${part}.heading`)}</legend>
              {CHOICES[part].map((name) => (
                <label key={name} className="look-choice">
                  <input
                    type="radio"
                    name={part}
                    checked={chosen[part] === name}
                    onChange={() => setChosen({ ...chosen, [part]: name })}
                  />
                  <span
                    style={
                      part === 'lettering'
                        ? {
                            font: `500 19px/1.3 ${lookProperties({ ...chosen, lettering: name as Look['lettering'] })['--read']}`,
                          }
                        : undefined
                    }
                  >
                    {named(`${part}.${name}`)}
                  </span>
                  {part === 'look' ? <Swatches look={name as Look['look']} /> : null}
                </label>
              ))}
            </fieldset>
          ))}
          <KeepLine busy={busy} changed={changed} kept={kept} problem={problem} />
        </form>
        <div className="look-shown" aria-hidden="true" inert>
          <Blog look={chosen}>
            <Banner t={words} blog={{ ...blog, ...chosen }} signedIn={false} readerName={null} />
            <div className="front">
              <div>
                <PostCard t={words} card={first} lead />
                <div className="others">
                  {others.map((card) => (
                    <PostCard key={card.title} t={words} card={card} />
                  ))}
                </div>
              </div>
              <div className="beside">
                <section>
                  <h2>{t('sample.labels')}</h2>
                  <p>{t('sample.labelList')}</p>
                </section>
              </div>
            </div>
          </Blog>
        </div>
      </div>
    </main>
  );
}

/** The first colours of a look, beside its name; the words say what they are. */
function Swatches({ look }: { readonly look: Look['look'] }) {
  const t = useTranslations('look');
  return (
    <span className="swatches" role="img" aria-label={t('swatches')}>
      {SWATCHES.map((token) => (
        <i key={token} style={{ background: LOOK_TOKENS[look][token] ?? `var(--${token})` }} />
      ))}
    </span>
  );
}

/** A post to look at while a class has none. */
function sample(
  t: ReturnType<typeof useTranslations<'look'>>,
  which: 1 | 2 | 3,
  published: string,
): CardShown {
  return {
    address: '#',
    title: t(`sample.title${which}`),
    subtitle: '',
    teaser: t(`sample.teaser${which}`),
    words: 210 + which * 34,
    assignmentTitle: t('sample.assignment'),
    published,
    cover: null,
    writer: {
      name: t(`sample.writer${which}`),
      monogram: t(`sample.writer${which}`).slice(0, 1),
      address: null,
    },
  };
}

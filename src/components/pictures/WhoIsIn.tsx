'use client';

import { useTranslations } from 'next-intl';
import { useEffect, useId, useState } from 'react';
import { tellWhoIsIn } from '../../contract/pictures/tellWhoIsIn';
import { whoIsIn, type WhoIsIn as Told } from '../../contract/pictures/whoIsIn';
import { call } from '../basics/call';
import { useAsking } from '../basics/useAsking';

interface WhoIsInProps {
  readonly classId: string;
  readonly pictureId: string;
  readonly onClose: () => void;
}

type Who = 'nobody' | 'people' | null;

/** Says who is in a picture: whoever of them has not agreed to be shown keeps it within the class. */
export function WhoIsIn({ classId, pictureId, onClose }: WhoIsInProps) {
  const t = useTranslations('pictures.who');
  const name = useId();
  const { busy, problem, wait } = useAsking();
  /** Null until it is known; false where it is another's picture. */
  const [told, setTold] = useState<Told | false | null>(null);
  const [who, setWho] = useState<Who>(null);
  const [drawn, setDrawn] = useState<number | null>(null);
  useEffect(() => {
    let here = true;
    void call(whoIsIn, { classId, pictureId }).then((outcome) => {
      if (!here) return;
      setTold(outcome.ok && outcome.value);
      if (!outcome.ok) return;
      const { people, others } = outcome.value;
      if (outcome.value.told) setWho(people.length === 0 && others === 'none' ? 'nobody' : 'people');
    });
    return () => {
      here = false;
    };
  }, [classId, pictureId]);
  if (told === null) return <p role="status">{t('looking')}</p>;
  if (told === false) return <p>{t('notYours')}</p>;
  if (!told.tells) return <p>{t('teacherSaid')}</p>;
  const change = (part: Partial<Told>) => setTold({ ...told, ...part });
  const keep = async () => {
    const people = who === 'people' ? told.people : [];
    const others = who === 'people' ? told.others : 'none';
    const outcome = await wait(call(tellWhoIsIn, { classId, pictureId, people, others }));
    if (!outcome.ok) return;
    if (outcome.value.drawnBack.length > 0) setDrawn(outcome.value.drawnBack.length);
    else onClose();
  };
  const complete =
    who === 'nobody' || (who === 'people' && (told.people.length > 0 || told.others !== 'none'));
  return (
    <fieldset className="who-is-in">
      <legend>{t('legend')}</legend>
      {(['nobody', 'people'] as const).map((one) => (
        <label key={one}>
          <input type="radio" name={name} checked={who === one} onChange={() => setWho(one)} /> {t(one)}
        </label>
      ))}
      {who === 'people' ? (
        <>
          <span className="names">
            {told.students.map((student) => (
              <label key={student.personId}>
                <input
                  type="checkbox"
                  checked={told.people.includes(student.personId)}
                  onChange={({ target }) =>
                    change({
                      people: target.checked
                        ? [...told.people, student.personId]
                        : told.people.filter((one) => one !== student.personId),
                    })
                  }
                />{' '}
                <bdi>{student.name}</bdi>
              </label>
            ))}
            <label>
              <input
                type="checkbox"
                checked={told.others !== 'none'}
                onChange={({ target }) => change({ others: target.checked ? 'there' : 'none' })}
              />{' '}
              {t('others')}
            </label>
          </span>
          {told.teaches && told.others !== 'none' ? (
            <label>
              <input
                type="checkbox"
                checked={told.others === 'agreed'}
                onChange={({ target }) => change({ others: target.checked ? 'agreed' : 'there' })}
              />{' '}
              {t('agreed')}
            </label>
          ) : null}
        </>
      ) : null}
      <small className="text-ink-2">{t('why')}</small>
      {drawn === null ? null : <p role="status">{t('drawn', { count: drawn })}</p>}
      <span className="flex gap-4">
        {drawn === null ? (
          <button type="button" className="btn" disabled={busy || !complete} onClick={() => void keep()}>
            {t('keep')}
          </button>
        ) : null}
        <button type="button" className="act" data-leave="" onClick={onClose}>
          {t(drawn === null ? 'leave' : 'understood')}
        </button>
      </span>
      <span role="alert" className="problem">
        {problem}
      </span>
    </fieldset>
  );
}

'use client';

import { useTranslations } from 'next-intl';
import { useState } from 'react';
import { listOneRosterClasses, type OneRosterClass } from '../../core/roster/readOneRoster';
import { useRefusal } from '../basics/useRefusal';
import { fileAsBase64, LARGEST_FILE } from './fileAsBase64';
import type { RosterSource } from '../../core/roster/rosterSource';

interface OneRosterFilesProps {
  readonly onProblem: (problem: string) => void;
  readonly onSource: (source: RosterSource) => void;
}

const NAMES = ['users', 'classes', 'enrollments'] as const;
type Files = Partial<Record<(typeof NAMES)[number], File>>;

/** The three OneRoster files that a school's office exports, and then which of their classes is meant. */
export function OneRosterFiles({ onProblem, onSource }: OneRosterFilesProps) {
  const t = useTranslations('roster.oneRoster');
  const refusal = useRefusal();
  const [files, setFiles] = useState<Files>({});
  const [classes, setClasses] = useState<readonly OneRosterClass[]>([]);
  const add = async (chosen: FileList | null) => {
    const next = { ...files };
    for (const file of chosen ?? []) {
      const name = NAMES.find((one) => file.name.toLowerCase() === `${one}.csv`);
      if (!name) return onProblem(t('whichFile', { name: file.name }));
      if (file.size > LARGEST_FILE) return onProblem(refusal({ code: 'roster.tooLarge' }));
      next[name] = file;
    }
    setFiles(next);
    onProblem('');
    if (!next.classes || !next.enrollments || !next.users) return;
    const bytes = async (file: File) => new Uint8Array(await file.arrayBuffer());
    const read = listOneRosterClasses(await bytes(next.classes), {
      users: await bytes(next.users),
      enrollments: await bytes(next.enrollments),
    });
    if (!read.ok) onProblem(refusal({ code: `roster.${read.problem}` }));
    else setClasses(read.classes);
  };
  const choose = async (oneRosterClass: string) => {
    if (!files.users || !files.enrollments) return;
    onSource({
      kind: 'oneRoster',
      users: await fileAsBase64(files.users),
      enrollments: await fileAsBase64(files.enrollments),
      oneRosterClass,
    });
  };
  return (
    <div className="grid gap-3 border-t border-line pt-3">
      <p className="under">{t('how')}</p>
      <input
        type="file"
        multiple
        accept=".csv"
        aria-label={t('files')}
        onChange={(event) => void add(event.target.files)}
      />
      <p className="text-[14px] text-ink-2">
        {NAMES.map((name) => (
          <span key={name} className="block">
            {t(files[name] ? 'there' : 'missing', { name: `${name}.csv` })}
          </span>
        ))}
      </p>
      {classes.length > 0 ? (
        <ul className="grid gap-2" aria-label={t('classes')}>
          {classes.map((one) => (
            <li key={one.id}>
              <button type="button" className="btn w-full !justify-start" onClick={() => void choose(one.id)}>
                {t('class', { title: one.title, students: one.students })}
              </button>
            </li>
          ))}
        </ul>
      ) : null}
    </div>
  );
}

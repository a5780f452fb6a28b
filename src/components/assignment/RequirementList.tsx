'use client';

import {
  closestCenter,
  DndContext,
  KeyboardSensor,
  PointerSensor,
  useSensor,
  useSensors,
} from '@dnd-kit/core';
import {
  arrayMove,
  SortableContext,
  sortableKeyboardCoordinates,
  verticalListSortingStrategy,
} from '@dnd-kit/sortable';
import { useTranslations } from 'next-intl';
import { useEffect, useId, useState } from 'react';
import type { RequirementAnswer } from '../../core/requirements/answer';
import type { Requirement } from '../../core/requirements/requirement';
import type { AssignmentDraft } from '../../core/assignments/assignmentSettings';
import { leadTo } from '../basics/leadTo';
import { newKey } from '../basics/newKey';
import { useRequirementName } from '../railing/RequirementLine';
import { useNumberInWords } from '../basics/useNumberInWords';
import type { BuilderProps } from './builderProps';
import { FORMS, GROUPS } from './forms/forms';
import { GivenSources } from './GivenSources';
import { RequirementSentence } from './RequirementSentence';
import { RequirementSets } from './RequirementSets';
import { ofKind } from '../../core/requirements/ofKind';
import { useMadeWords } from '../basics/useMadeWords';

interface RequirementListProps extends BuilderProps {
  /** How each comes out on what they are tried on. */
  readonly answers: readonly RequirementAnswer[];
  readonly change: (part: Partial<AssignmentDraft>) => void;
  readonly problemAt: (field: string) => string;
}

/** The requirements, each a sentence, in an order that dragging and keys change, and the kinds that can be added. */
export function RequirementList(props: RequirementListProps) {
  const { draft, classLabels, answers, change, problemAt } = props;
  const t = useTranslations('builder');
  const inWords = useNumberInWords();
  const names = useMadeWords('requirements');
  const [openId, setOpenId] = useState<string | null>(null);
  const [fresh, setFresh] = useState('');
  const [sorting, setSorting] = useState(false);
  const { requirements } = draft;
  const set = (changed: readonly Requirement[]) => change({ requirements: changed });
  const firstOfOwnWords = requirements.find((one) => one.kind === 'ownWords')?.id;
  const bonus = requirements.filter((requirement) => requirement.weight === 'bonus').length;
  const add = (kind: string) => {
    const id = newRequirementId();
    set([...requirements, { id, kind, weight: 'required', ...ofKind(FORMS, kind)?.fresh }]);
    setOpenId(id);
    setFresh(id);
  };
  // A bay that was added is where one goes on.
  useEffect(() => {
    if (fresh) leadTo(`requirements.${requirements.findIndex((one) => one.id === fresh)}`);
    // Only when one was added, not when the list changes later.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [fresh]);
  return (
    <>
      <h1 className="font-read text-[24px] font-semibold">
        {t('things', {
          count: requirements.length - bonus,
          number: inWords(requirements.length - bonus),
          bonus,
        })}
      </h1>
      <Sortable requirements={requirements} onOrder={set} onSorting={setSorting}>
        <ul className="mt-2">
          {requirements.map((requirement, index) => (
            <RequirementSentence
              key={requirement.id}
              requirement={requirement}
              answer={answers[index] ?? null}
              classLabels={classLabels}
              number={draft.number}
              problem={problemAt(`requirements.${index}`)}
              // Folded, all of them are equally high while one is moved.
              isOpen={openId === requirement.id && !sorting}
              at={`requirements.${index}`}
              below={
                requirement.id === firstOfOwnWords ? (
                  <GivenSources assignmentId={props.assignmentId} sources={props.sources} />
                ) : null
              }
              onOpen={() => setOpenId(requirement.id)}
              onChange={(changed) => set(requirements.with(index, changed))}
              onRemove={() => set(requirements.toSpliced(index, 1))}
            />
          ))}
        </ul>
      </Sortable>
      <section className="mt-5 grid gap-2" aria-label={t('addBay')} data-at="requirements">
        <h2 className="font-bold">{t('addBay')}</h2>
        {GROUPS.map((group) => (
          <div key={group} className="grid items-baseline gap-x-4 sm:grid-cols-[130px_1fr]">
            <span className="text-ink-2">{t(`groups.${group}`)}</span>
            <span className="flex flex-wrap gap-x-5 gap-y-2">
              {Object.entries(FORMS)
                .filter(([, one]) => one.group === group)
                .map(([kind, { Icon }]) => (
                  <button key={kind} type="button" className="act" onClick={() => add(kind)}>
                    <Icon aria-hidden="true" size={15} /> {names(`${kind}.name`)}
                  </button>
                ))}
            </span>
          </div>
        ))}
      </section>
      <RequirementSets
        {...props}
        onUse={(used) => set([...requirements, ...used.map((one) => ({ ...one, id: newRequirementId() }))])}
      />
    </>
  );
}

function newRequirementId(): string {
  return newKey().slice(0, 8);
}

interface SortableProps {
  readonly requirements: readonly Requirement[];
  readonly onOrder: (requirements: readonly Requirement[]) => void;
  /** Told when one is taken up, and when it is put down. */
  readonly onSorting: (sorting: boolean) => void;
  readonly children: React.ReactNode;
}

/** Puts requirements in order, by dragging or with the keys, and says aloud what happens. */
function Sortable({ requirements, onOrder, onSorting, children }: SortableProps) {
  const t = useTranslations('builder.order');
  const nameOf = useRequirementName();
  const id = useId();
  const sensors = useSensors(
    // A press that does not move is a press.
    useSensor(PointerSensor, { activationConstraint: { distance: 5 } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  );
  const place = (of: string | number) => requirements.findIndex((one) => one.id === of);
  const named = (of: string | number) => {
    const requirement = requirements[place(of)];
    return requirement ? nameOf(requirement) : '';
  };
  return (
    <DndContext
      id={id}
      sensors={sensors}
      collisionDetection={closestCenter}
      accessibility={{
        screenReaderInstructions: { draggable: t('how') },
        announcements: {
          onDragStart: ({ active }) => t('taken', { name: named(active.id), place: place(active.id) + 1 }),
          onDragOver: ({ active, over }) =>
            over ? t('over', { name: named(active.id), place: place(over.id) + 1 }) : undefined,
          onDragEnd: ({ active, over }) =>
            t('put', { name: named(active.id), place: place(over?.id ?? active.id) + 1 }),
          onDragCancel: ({ active }) => t('left', { name: named(active.id) }),
        },
      }}
      onDragStart={() => onSorting(true)}
      onDragCancel={() => onSorting(false)}
      onDragEnd={({ active, over }) => {
        onSorting(false);
        if (over && over.id !== active.id)
          onOrder(arrayMove([...requirements], place(active.id), place(over.id)));
      }}
    >
      <SortableContext items={requirements.map((one) => one.id)} strategy={verticalListSortingStrategy}>
        {children}
      </SortableContext>
    </DndContext>
  );
}

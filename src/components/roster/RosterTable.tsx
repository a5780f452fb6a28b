'use client';

import {
  createColumnHelper,
  flexRender,
  getCoreRowModel,
  getFilteredRowModel,
  getSortedRowModel,
  useReactTable,
  type RowSelectionState,
  type SortingState,
} from '@tanstack/react-table';
import { ArrowDown, ArrowUp, Search } from 'lucide-react';
import { useTranslations } from 'next-intl';
import { useId, useMemo, useState, type ReactNode } from 'react';
import { fold } from '../../core/text/alike';
import { SelectedBar } from './SelectedBar';
import { StudentRow } from './StudentRow';
import { useOneStop } from './useOneStop';
import { needsHelp, type RosterProps, type RosterStudent } from './rosterProps';

interface RosterTableProps extends RosterProps {
  readonly onEdit: (personId: string) => void;
}

const column = createColumnHelper<RosterStudent>();

/** How consent stands: what needs an eye comes first. */
const CONSENT_STATES = ['none', 'endsSoon', 'holds'] as const;
const SIGN_INS = ['noCard', 'notUsed', 'locked', 'used', 'ownAccount', 'otherHome'] as const;

/** Whether a consent holds today, and goes on beyond this month. @param today a local date */
function consentOf({ consents }: RosterStudent, today: string): (typeof CONSENT_STATES)[number] {
  const holding = consents.filter((one) => one.holds);
  if (holding.length === 0) return 'none';
  return holding.every(({ until }) => until?.slice(0, 7) === today.slice(0, 7)) ? 'endsSoon' : 'holds';
}

interface FilterProps {
  readonly label: string;
  readonly value: string;
  readonly onChoose: (value: string) => void;
  readonly children: ReactNode;
}

/** Shows only some of the students. */
function Filter({ label, value, onChoose, children }: FilterProps) {
  const t = useTranslations('roster.filter');
  return (
    <select
      className="field !w-auto"
      aria-label={label}
      value={value}
      onChange={(event) => onChoose(event.target.value)}
    >
      <option value="">{t('any', { label })}</option>
      {children}
    </select>
  );
}

/** The students by name, those first who need their teacher to get in; sorted, searched, several chosen at once. */
export function RosterTable(props: RosterTableProps) {
  const { students, assignments, today, onEdit } = props;
  const t = useTranslations('roster');
  const id = useId();
  const [sorting, setSorting] = useState<SortingState>([]);
  const [search, setSearch] = useState('');
  const [group, setGroup] = useState('');
  const [consent, setConsent] = useState('');
  const [card, setCard] = useState('');
  const [selection, setSelection] = useState<RowSelectionState>({});
  const groups = [...new Set(students.map((one) => one.group).filter(Boolean))].sort();
  const data = useMemo(
    () =>
      students.filter(
        (one) =>
          (group === '' || one.group === group) &&
          (consent === '' || consentOf(one, today) === consent) &&
          (card === '' || one.signIn === card),
      ),
    [students, group, consent, card, today],
  );
  const columns = useMemo(
    () => [
      column.accessor('name', { header: t('columns.name'), sortingFn: 'text' }),
      column.accessor('penName', { header: t('columns.penName'), sortingFn: 'text' }),
      column.accessor('signIn', { header: t('columns.signIn') }),
      column.accessor((one) => CONSENT_STATES.indexOf(consentOf(one, today)), {
        id: 'consent',
        header: t('columns.consent'),
      }),
      column.accessor('lastSeenAt', { header: t('columns.lastSeen'), sortUndefined: 'last' }),
      column.accessor('posts', { header: t('columns.posts', { of: assignments }) }),
    ],
    [t, assignments, today],
  );
  const table = useReactTable({
    data,
    columns,
    state: { sorting, globalFilter: search, rowSelection: selection },
    onSortingChange: setSorting,
    onRowSelectionChange: setSelection,
    getRowId: (student) => student.personId,
    globalFilterFn: (row, _, wanted: string) => isFound(row.original, wanted),
    getCoreRowModel: getCoreRowModel(),
    getSortedRowModel: getSortedRowModel(),
    getFilteredRowModel: getFilteredRowModel(),
  });
  const stop = useOneStop();
  const { rows } = table.getRowModel();
  // Once somebody sorts, one list in that order is what they asked for.
  const first = sorting.length === 0 ? rows.filter((row) => needsHelp(row.original)) : [];
  const rest = sorting.length === 0 ? rows.filter((row) => !needsHelp(row.original)) : rows;
  const chosen = table.getSelectedRowModel().rows.map((row) => row.original);
  return (
    <>
      <div className="mt-4 flex flex-wrap items-center gap-4">
        <label className="relative min-w-[200px] flex-1" htmlFor={`${id}-search`}>
          <span className="sr-only">{t('search')}</span>
          <Search aria-hidden="true" size={16} className="absolute left-3 top-3 text-ink-2" />
          <input
            id={`${id}-search`}
            className="field !pl-9"
            type="search"
            placeholder={t('search')}
            value={search}
            onChange={(event) => setSearch(event.target.value)}
          />
        </label>
        <Filter label={t('filter.consent')} value={consent} onChoose={setConsent}>
          {CONSENT_STATES.map((state) => (
            <option key={state} value={state}>
              {t(`filter.consents.${state}`)}
            </option>
          ))}
        </Filter>
        <Filter label={t('filter.card')} value={card} onChoose={setCard}>
          {SIGN_INS.map((state) => (
            <option key={state} value={state}>
              {t(`filter.cards.${state}`)}
            </option>
          ))}
        </Filter>
        {groups.length > 0 ? (
          <label className="flex items-center gap-2" htmlFor={`${id}-group`}>
            {t('group')}
            <select
              id={`${id}-group`}
              className="field !w-auto"
              value={group}
              onChange={(event) => setGroup(event.target.value)}
            >
              <option value="">{t('allGroups')}</option>
              {groups.map((one) => (
                <option key={one}>{one}</option>
              ))}
            </select>
          </label>
        ) : null}
      </div>
      {chosen.length > 0 ? <SelectedBar {...props} chosen={chosen} onDone={() => setSelection({})} /> : null}
      <div
        className="mt-4 overflow-x-auto"
        role="region"
        aria-label={t('table')}
        aria-describedby={`${id}-keys`}
      >
        <p id={`${id}-keys`} className="sr-only">
          {t('arrows')}
        </p>
        <table ref={stop.table} className="posts-table people-table" onKeyDown={stop.onKeyDown}>
          <thead>
            {table.getHeaderGroups().map((headers) => (
              <tr key={headers.id}>
                <th scope="col" className="w-9">
                  <input
                    type="checkbox"
                    aria-label={t('chooseAll')}
                    checked={table.getIsAllRowsSelected()}
                    onChange={table.getToggleAllRowsSelectedHandler()}
                  />
                </th>
                {headers.headers.map((header) => {
                  const sorted = header.column.getIsSorted();
                  return (
                    <th
                      key={header.id}
                      scope="col"
                      aria-sort={sorted ? (sorted === 'asc' ? 'ascending' : 'descending') : 'none'}
                    >
                      {header.column.getCanSort() ? (
                        <button type="button" onClick={header.column.getToggleSortingHandler()}>
                          {flexRender(header.column.columnDef.header, header.getContext())}
                          {sorted === 'asc' ? <ArrowUp aria-hidden="true" size={14} /> : null}
                          {sorted === 'desc' ? <ArrowDown aria-hidden="true" size={14} /> : null}
                        </button>
                      ) : (
                        flexRender(header.column.columnDef.header, header.getContext())
                      )}
                    </th>
                  );
                })}
                <th scope="col">
                  <span className="sr-only">{t('columns.act')}</span>
                </th>
              </tr>
            ))}
          </thead>
          <tbody>
            {first.map((row) => (
              <StudentRow key={row.id} row={row} onEdit={onEdit} />
            ))}
            {first.length > 0 && rest.length > 0 ? (
              <tr>
                <th scope="rowgroup" colSpan={8} className="among">
                  {t('areIn', { count: rest.length })} <small>{t('byName')}</small>
                </th>
              </tr>
            ) : null}
            {rest.map((row) => (
              <StudentRow key={row.id} row={row} onEdit={onEdit} />
            ))}
          </tbody>
        </table>
        {rows.length === 0 ? <p className="under p-4">{t('nobodyFound')}</p> : null}
      </div>
    </>
  );
}

function isFound(student: RosterStudent, wanted: string): boolean {
  // However it is typed: "zoe" finds Zoë.
  const text = fold(
    [
      student.name,
      student.givenName,
      student.familyName,
      student.penName,
      student.group,
      student.email,
      student.schoolId,
    ].join(' '),
  );
  return fold(wanted)
    .trim()
    .split(/\s+/)
    .every((word) => text.includes(word));
}

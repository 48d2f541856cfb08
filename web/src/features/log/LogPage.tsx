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
import { Camera, Download } from 'lucide-react';
import { useMemo, useState } from 'react';
import { Link } from 'react-router';
import { counted, setTo, text } from '@yellowmist/core';
import { OVERALL } from '@yellowmist/contract';
import { problemText, useCooksQuery, useLatestCooksQuery } from '../../state/api';
import { useUnits } from '../../state/useUnits';
import { Choice } from '../../ui/Choice';
import { AT_FIRST, More, useParts } from '../../ui/More';
import { Chosen } from './Chosen';
import { Experiments } from './Experiments';
import { LogBin } from './LogBin';
import { NoteCook } from './NoteCook';
import { NotesWaiting } from './NotesWaiting';
import { ANY, dayOf, fits, rowsOf, type LogFilters, type LogRow } from './rows';
import { TriedSeen } from './TriedSeen';
import { cameOutWords, OVERALL_WORDS } from './words';
import { PageHeading } from '../../ui/PageHeading';
import * as texts from './texts';

const column = createColumnHelper<LogRow>();

const COLUMNS = [
  column.accessor((r) => r.cook.startedAt, { id: 'when', header: texts.when }),
  column.accessor((r) => r.logged.name, { id: 'dish', header: texts.dish }),
  column.accessor((r) => r.logged.fryer, { id: 'fryer', header: texts.fryer }),
  column.accessor((r) => r.logged.tempC * 100 + r.logged.minutes, { id: 'setting', header: texts.setting }),
  column.accessor((r) => cameOutWords(r.logged), { id: 'came', header: texts.howItCameOut }),
  column.accessor((r) => r.logged.record?.seen.overall ?? '', { id: 'overall', header: texts.allInAll }),
];

/** What is searched for stands anywhere in a line. */
const anywhere = ({ original: { cook, logged } }: { original: LogRow }, _: string, wanted: string): boolean =>
  [
    logged.name,
    logged.fryer,
    cook.name,
    cameOutWords(logged),
    logged.record?.seen.taste ?? '',
    logged.record?.seen.overall ?? '',
  ]
    .join(' ')
    .toLowerCase()
    .includes(wanted.trim().toLowerCase());

const howMany = (shown: number, all: number): string => (shown === all ? texts.inAll(all) : texts.ofShown(shown, all));

/** All cooks that are over: a table that sorts and filters, and goes out as CSV. */
export function LogPage() {
  // The latest are there at once, however long the log is; the rest comes after them.
  const latest = useLatestCooksQuery(AT_FIRST, { refetchOnMountOrArgChange: true });
  const whole = useCooksQuery(undefined, { refetchOnMountOrArgChange: true, skip: latest.isLoading });
  const cooks = whole.data ?? latest.data;
  const error = whole.error ?? latest.error;
  const { tell } = useUnits();
  const [sorting, setSorting] = useState<SortingState>([{ id: 'when', desc: true }]);
  const [wanted, setWanted] = useState('');
  const [chosen, setChosen] = useState<RowSelectionState>({});
  const [filters, setFilters] = useState<LogFilters>(ANY);
  const rows = useMemo(() => rowsOf(cooks ?? []), [cooks]);
  const fryers = useMemo(() => [...new Set(rows.map((r) => r.logged.fryer))].sort(), [rows]);
  const wantedRows = useMemo(() => rows.filter((row) => fits(row, filters)), [rows, filters]);
  // What the table gives is used here alone, and memoized nowhere.
  // eslint-disable-next-line react-hooks/incompatible-library
  const table = useReactTable({
    data: wantedRows,
    columns: COLUMNS,
    getRowId: ({ cook, logged }) => `${cook.id}.${logged.dish}`,
    state: { sorting, globalFilter: wanted, rowSelection: chosen },
    onRowSelectionChange: setChosen,
    onSortingChange: setSorting,
    onGlobalFilterChange: setWanted,
    globalFilterFn: anywhere,
    getCoreRowModel: getCoreRowModel(),
    getSortedRowModel: getSortedRowModel(),
    getFilteredRowModel: getFilteredRowModel(),
  });
  const shown = table.getRowModel().rows;
  const { drawn, rest, more } = useParts(shown);
  return (
    <div className="mx-auto w-full max-w-6xl p-4">
      <PageHeading className="text-3xl">{texts.logbook}</PageHeading>
      <p className="mt-1 max-w-3xl text-sm">{texts.whatWasCookedAnd}</p>
      <NoteCook />
      <NotesWaiting />
      {error && <p role="alert">{problemText(error)}</p>}
      {cooks && rows.length === 0 && <p className="mt-4">{texts.nothingIsOverYet}</p>}
      {rows.length > 0 && (
        <>
          <div className="mt-4 flex flex-wrap items-end gap-3">
            <label className="text-xs">
              {texts.findInLog}
              <input
                type="search"
                className="input block h-9 w-64 text-sm"
                value={wanted}
                onChange={(e) => setWanted(e.target.value)}
              />
            </label>
            <Choice
              className="w-36"
              label={texts.allInAll}
              value={filters.overall}
              options={[
                { value: 'any', label: 'any' },
                ...OVERALL.map((value) => ({ value, label: OVERALL_WORDS[value] })),
                { value: 'none', label: texts.notNotedYet },
              ]}
              onChange={(overall) => setFilters({ ...filters, overall })}
            />
            <Choice
              className="w-36"
              label={texts.fryer}
              value={filters.fryer}
              options={[{ value: 'any', label: 'any' }, ...fryers.map((name) => ({ value: name, label: name }))]}
              onChange={(fryer) => setFilters({ ...filters, fryer })}
            />
            <a className="btn h-9" href="/api/cooks?as=csv" download>
              <Download aria-hidden className="size-4" />
              {texts.allAsCsv}
            </a>
            <span role="status" className="text-sm leading-9">
              {whole.data ? howMany(shown.length, rows.length) : texts.fetchingRest}
            </span>
          </div>
          <Chosen rows={table.getSelectedRowModel().rows.map((r) => r.original)} onClear={() => setChosen({})} />
          <table className="mt-2 w-full text-left max-md:block">
            <thead className="max-md:sr-only">
              {table.getHeaderGroups().map((group) => (
                <tr key={group.id} className="border-b-2 border-base-content/60">
                  <th className="w-11">
                    <span className="sr-only">{texts.chosen}</span>
                  </th>
                  {group.headers.map((header) => (
                    <th
                      key={header.id}
                      className="pr-3 font-normal"
                      aria-sort={SORTED[String(header.column.getIsSorted())]}
                    >
                      <button
                        type="button"
                        className="min-h-11 text-sm hover:underline"
                        onClick={header.column.getToggleSortingHandler()}
                      >
                        {flexRender(header.column.columnDef.header, header.getContext())}
                        <span aria-hidden> {MARKS[String(header.column.getIsSorted())]}</span>
                      </button>
                    </th>
                  ))}
                </tr>
              ))}
            </thead>
            <tbody className="max-md:block">
              {drawn.map(({ id, original: { cook, logged }, getIsSelected, toggleSelected }) => (
                <tr
                  key={id}
                  className="border-b border-base-300 max-md:flex max-md:flex-wrap max-md:items-baseline max-md:gap-x-3 max-md:py-2"
                >
                  <td>
                    <label className="flex size-11 items-center justify-center">
                      <input
                        type="checkbox"
                        className="checkbox"
                        aria-label={texts.choose(logged.name, dayOf(cook))}
                        checked={getIsSelected()}
                        onChange={(e) => toggleSelected(e.target.checked)}
                      />
                    </label>
                  </td>
                  <td className="py-1 pr-3 text-sm whitespace-nowrap max-md:order-1 max-md:p-0">
                    {dayOf(cook)}
                    {cook.rehearsal && <span className="block text-xs">{texts.rehearsal}</span>}
                  </td>
                  <td className="pr-3 max-md:basis-[calc(100%-5rem)] max-md:p-0">
                    <Link
                      to={`/log/${cook.id}?dish=${logged.dish}`}
                      className="flex min-h-11 items-center gap-2 font-bold break-words hover:underline"
                    >
                      <TriedSeen seen={logged.record?.seen ?? {}} className="h-8 w-13 shrink-0" />
                      {logged.name}
                    </Link>
                  </td>
                  <td className="pr-3 text-sm max-md:order-1 max-md:p-0">{logged.fryer}</td>
                  <td className="pr-3 text-sm whitespace-nowrap max-md:order-1 max-md:p-0">
                    {texts.min(tell(text`${setTo(logged.tempC, 5)}`), logged.minutes)}
                    {cook.cookedBy?.what === 'other' && (
                      <span className="block text-xs">{cook.cookedBy.name ?? texts.anotherRecipe}</span>
                    )}
                  </td>
                  <td className="pr-3 text-sm max-md:order-1 max-md:p-0">
                    {cameOutWords(logged) || (logged.record ? '' : texts.notNotedYet)}
                    {cook.photos > 0 && (
                      <span className="ml-2 inline-flex items-center gap-1 whitespace-nowrap">
                        <Camera aria-hidden className="size-3.5" /> {counted(cook.photos, 'photograph')}
                      </span>
                    )}
                  </td>
                  <td className="text-sm whitespace-nowrap max-md:order-1">
                    {logged.record?.seen.overall ? OVERALL_WORDS[logged.record.seen.overall] : ''}
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
          <More rest={rest} onMore={more} />
        </>
      )}
      <Experiments />
      <LogBin />
    </div>
  );
}

const MARKS: Record<string, string> = { asc: '↑', desc: '↓', false: '' };
const SORTED: Record<string, 'ascending' | 'descending' | 'none'> = {
  asc: 'ascending',
  desc: 'descending',
  false: 'none',
};

'use client';

import {
  type ColumnDef,
  getCoreRowModel,
  getFilteredRowModel,
  getSortedRowModel,
  type SortingState,
  useReactTable,
} from '@tanstack/react-table';
import { ArrowDown, ArrowUp } from 'lucide-react';
import { type ReactNode, useId, useMemo, useState } from 'react';
import { FIELD } from './styles';

export interface Column<Row> {
  readonly id: string;
  readonly header: string;
  /** What is sorted and searched by; null comes last. */
  readonly value: (row: Row) => string | number | null;
  /** What stands in the cell; left out: the value. */
  readonly cell?: (row: Row) => ReactNode;
  /** What is searched where the value is no text. */
  readonly words?: (row: Row) => string;
}

interface Props<Row> {
  readonly caption: string;
  readonly rows: readonly Row[];
  readonly keyOf: (row: Row) => string;
  /** The first is the row's own name. */
  readonly columns: readonly Column<Row>[];
  readonly sortedBy: string;
}

/** A list that is sorted by a tap on a heading and narrowed by typing. */
export function SortTable<Row>({ caption, rows, keyOf, columns, sortedBy }: Props<Row>) {
  const [sorting, setSorting] = useState<SortingState>([{ id: sortedBy, desc: false }]);
  const [filter, setFilter] = useState('');
  const filterId = useId();
  const table = useReactTable<Row>({
    data: useMemo(() => [...rows], [rows]),
    columns: useMemo(
      () =>
        columns.map(
          ({ id, header, value }): ColumnDef<Row> => ({
            id,
            header,
            accessorFn: (row) => value(row) ?? undefined,
            sortUndefined: 'last',
            sortingFn: 'alphanumeric',
          }),
        ),
      [columns],
    ),
    state: { sorting, globalFilter: filter },
    onSortingChange: setSorting,
    globalFilterFn: ({ original }, _, asked: string) => {
      const text = columns.map(({ value, words }) => words?.(original) ?? value(original) ?? '').join(' ');
      return text.toLowerCase().includes(asked.trim().toLowerCase());
    },
    getRowId: keyOf,
    getCoreRowModel: getCoreRowModel(),
    getSortedRowModel: getSortedRowModel(),
    getFilteredRowModel: getFilteredRowModel(),
  });
  const shown = table.getRowModel().rows;
  return (
    <>
      <div className="mt-3 max-w-sm print:hidden">
        <label htmlFor={filterId} className="text-sm">
          Show only rows with
        </label>
        <input id={filterId} className={FIELD} value={filter} onChange={(event) => setFilter(event.target.value)} />
      </div>
      <p role="status" className="text-muted mt-1 text-sm">
        {filter.trim() === '' ? '' : `${shown.length} of ${rows.length}`}
      </p>
      <div className="overflow-x-auto print:overflow-visible">
        <table className="mt-2 w-full border-collapse text-left text-sm print:text-xs">
          <caption className="sr-only">{caption}</caption>
          <thead>
            <tr className="border-b-2 border-ink">
              {table.getFlatHeaders().map(({ column }) => {
                const sorted = column.getIsSorted();
                const Arrow = sorted === 'desc' ? ArrowDown : ArrowUp;
                return (
                  <th
                    key={column.id}
                    scope="col"
                    className="pr-4 print:pr-1.5"
                    aria-sort={sorted === false ? 'none' : sorted === 'asc' ? 'ascending' : 'descending'}
                  >
                    <button
                      type="button"
                      className="flex min-h-11 items-center gap-1 text-left font-bold hover:underline"
                      onClick={() => column.toggleSorting(sorted === 'asc')}
                    >
                      {String(column.columnDef.header)}
                      <Arrow
                        aria-hidden="true"
                        strokeWidth={3}
                        className={`size-4 shrink-0 print:hidden ${sorted === false ? 'invisible' : ''}`}
                      />
                    </button>
                  </th>
                );
              })}
            </tr>
          </thead>
          <tbody>
            {shown.map(({ id, original }) => (
              <tr key={id} className="border-b border-line align-top print:break-inside-avoid">
                {columns.map(({ id: column, value, cell }, i) => {
                  const what = cell ? cell(original) : value(original);
                  return i === 0 ? (
                    <th key={column} scope="row" className="py-2 pr-4 font-semibold print:py-1 print:pr-1.5">
                      {what}
                    </th>
                  ) : (
                    <td key={column} className="py-2 pr-4 print:py-1 print:pr-1.5">
                      {what}
                    </td>
                  );
                })}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      {shown.length === 0 && <p className="text-muted py-2">No row has that.</p>}
    </>
  );
}

import type { ReactNode } from 'react';

export interface CardRow {
  key: string;
  /** In the order of the heads. */
  cells: readonly ReactNode[];
  /** It is what the cook has now. */
  marked?: boolean;
}

/**
 * A table that on a phone lays each row out as a card, every cell under its column's head; the first cell is the row's
 * own head. The roles say again what the elements lose when they are laid out as a grid.
 */
export function CardTable({
  heads,
  rows,
  foot,
  hiddenHeads = [],
}: {
  heads: readonly string[];
  rows: readonly CardRow[];
  foot?: readonly ReactNode[];
  /** Heads that only readers hear. */
  hiddenHeads?: readonly string[];
}) {
  const cells = (all: readonly ReactNode[]) =>
    all.map((cell, k) => (
      <td
        key={heads[k]}
        role="cell"
        data-head={hiddenHeads.includes(heads[k]) || k === 0 ? undefined : heads[k]}
        className="max-md:empty:hidden max-md:first:col-span-full max-md:data-head:before:block max-md:data-head:before:text-xs max-md:data-head:before:opacity-85 max-md:data-head:before:content-[attr(data-head)] md:px-2 md:py-1.5"
      >
        {cell}
      </td>
    ));
  const row = 'max-md:grid max-md:grid-cols-2 max-md:gap-x-4 max-md:gap-y-1 max-md:px-2 max-md:py-2';
  return (
    <table role="table" className="mt-2 w-full text-sm max-md:block">
      <thead role="rowgroup" className="max-md:sr-only">
        <tr role="row" className="border-b-2 border-base-content/50 text-left text-xs">
          {heads.map((head) => (
            <th key={head} role="columnheader" scope="col" className="px-2 py-1 font-semibold">
              {hiddenHeads.includes(head) ? <span className="sr-only">{head}</span> : head}
            </th>
          ))}
        </tr>
      </thead>
      <tbody role="rowgroup" className="max-md:block">
        {rows.map(({ key, cells: own, marked }) => (
          <tr
            key={key}
            role="row"
            className={`border-b border-base-300 align-top ${row} ${marked ? 'bg-primary/15' : ''}`}
          >
            {cells(own)}
          </tr>
        ))}
      </tbody>
      {foot && (
        <tfoot role="rowgroup" className="font-semibold max-md:block">
          <tr role="row" className={row}>
            {cells(foot)}
          </tr>
        </tfoot>
      )}
    </table>
  );
}

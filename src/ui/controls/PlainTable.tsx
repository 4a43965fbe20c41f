import type { ReactNode } from 'react';

interface Props {
  readonly caption: string;
  readonly head: readonly string[];
  /** The first of each row is its own name. */
  readonly rows: readonly { readonly key: string; readonly cells: readonly ReactNode[] }[];
}

/** A short table that is read as it stands. */
export function PlainTable({ caption, head, rows }: Props) {
  return (
    // biome-ignore lint/a11y/noNoninteractiveTabindex: wider than a phone it is scrolled, by keys too
    <fieldset aria-label={caption} tabIndex={0} className="mt-4 min-w-0 overflow-x-auto print:overflow-visible">
      <table className="border-collapse text-left text-sm">
        <caption className="text-left font-display text-lg font-bold">{caption}</caption>
        <thead>
          <tr className="border-b-2 border-ink">
            {head.map((name) => (
              <th key={name} scope="col" className="py-1 pr-4">
                {name}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {rows.map(({ key, cells: [first, ...others] }) => (
            <tr key={key} className="border-b border-line">
              <th scope="row" className="py-1.5 pr-4 font-semibold">
                {first}
              </th>
              {others.map((cell, i) => (
                <td key={head[i + 1]} className="py-1.5 pr-4">
                  {cell}
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
    </fieldset>
  );
}

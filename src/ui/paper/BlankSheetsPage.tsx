'use client';

import { PrintButton } from '../controls/PrintButton';
import { BlankLines } from '../hive/BlankLines';
import { BackToPaper } from './BackToPaper';

interface Props {
  /** Null: no apiary; hives without a name. */
  readonly apiary: string | null;
  /** In the order of the round. */
  readonly hives: readonly { readonly id: string; readonly name: string; readonly stand: string }[];
}

/** So many fit on a sheet. */
const UNNAMED = ['1', '2', '3', '4'];

/** Inspections to be filled in by hand: a box for each hive, in the order in which they are entered afterwards. */
export function BlankSheetsPage({ apiary, hives }: Props) {
  const boxes =
    apiary === null
      ? UNNAMED.map((id) => ({
          id,
          title: 'Hive ______________________',
          stand: 'apiary and day ______________________',
        }))
      : hives.map(({ id, name, stand }, i) => ({ id, title: `${i + 1}. ${name}`, stand }));
  return (
    <div className="sheet mx-auto max-w-4xl">
      <div className="mt-2 flex flex-wrap items-center gap-3 print:hidden">
        <BackToPaper />
        <PrintButton />
      </div>
      <h1 className="mt-4 text-2xl">{apiary === null ? 'Inspections' : `${apiary}: inspections`}</h1>
      {apiary !== null && (
        <p className="mt-1">Day ____________________ From ________ to ________ By ____________________</p>
      )}
      {boxes.map(({ id, title, stand }) => (
        <section key={id} aria-label={title} className="mt-3 break-inside-avoid border-2 border-ink p-2 text-sm">
          <h2 className="text-lg">
            {title} <span className="text-muted text-sm font-normal">{stand}</span>
          </h2>
          <BlankLines />
        </section>
      ))}
    </div>
  );
}

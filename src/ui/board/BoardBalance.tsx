import type { HiveBalance } from '../../views/board-balance';
import { roomDaysWords } from '../../views/board-balance';

interface Props {
  readonly before: readonly HiveBalance[];
  readonly after: readonly HiveBalance[];
  readonly unitName: (unit: string) => string;
}

const COLUMNS = ['brood', 'honey', 'pollen', 'comb'] as const;
const COLUMN_WORDS = { brood: 'brood', honey: 'honey', pollen: 'pollen', comb: 'comb to lay in' } as const;

const inKg = (kg: number) => `${Math.round(kg)} kg`;

/** What each hive has before the frames are moved, and after: frames, laying room, weights. */
export function BoardBalance({ before, after, unitName }: Props) {
  const row = (when: string, one: HiveBalance) => (
    <tr key={`${when} ${one.unit}`} className="border-t border-line align-top">
      <th scope="row" className="py-1 pr-3 text-left font-bold">{`${when}: ${unitName(one.unit)}`}</th>
      {COLUMNS.map((column) => (
        <td key={column} className="px-2 py-1 text-right">
          {one[column]}
        </td>
      ))}
      <td className="px-2 py-1">{roomDaysWords(one.roomDays)}</td>
      <td className="py-1 pl-2">
        {one.boxes.map(({ name, kg }) => `${name} ${inKg(kg)}`).join(', ')}
        {one.boxes.length > 1 && <b>{`; ${inKg(one.kg)} in all`}</b>}
      </td>
    </tr>
  );
  return (
    <section aria-label="Before and after" className="mt-4 overflow-x-auto">
      <table className="w-full border-collapse text-sm">
        <caption className="border-t-2 border-ink pt-1 text-left text-lg font-bold">Before and after</caption>
        <thead>
          <tr className="text-muted text-left">
            <th scope="col" className="pr-3 font-normal">
              Frames of
            </th>
            {COLUMNS.map((column) => (
              <th key={column} scope="col" className="px-2 text-right font-normal">
                {COLUMN_WORDS[column]}
              </th>
            ))}
            <th scope="col" className="px-2 font-normal">
              laying room
            </th>
            <th scope="col" className="pl-2 font-normal">
              weight, from the floor up
            </th>
          </tr>
        </thead>
        <tbody>
          {before.map((one) => row('Before', one))}
          {after.map((one) => row('After', one))}
        </tbody>
      </table>
    </section>
  );
}

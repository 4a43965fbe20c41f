import type { Arrangement } from '../../core/space/arrangement';
import { type BalanceFrom, balanceOf, type HiveBalance, roomDaysWords } from '../../views/board-balance';
import { wholeMassWords } from '../../words/measures';

interface Props {
  readonly before: Arrangement;
  readonly after: Arrangement;
  readonly from: Omit<BalanceFrom, 'queenUnit'>;
  /** In which hive the queen is, before and after; null: not known. */
  readonly queenUnits: readonly [before: string | null, after: string | null];
  readonly unitName: (unit: string) => string;
}

const COLUMNS = ['brood', 'honey', 'pollen', 'comb'] as const;
const COLUMN_WORDS = { brood: 'brood', honey: 'honey', pollen: 'pollen', comb: 'comb to lay in' } as const;

const weightWords = ({ boxes, kg }: HiveBalance) =>
  `${boxes.map((box) => `${box.name} ${wholeMassWords(box.kg)}`).join(', ')}${boxes.length > 1 ? `; ${wholeMassWords(kg)} in all` : ''}`;

/** What each hive has before the frames are moved, and after: frames, laying room, weights. */
export function BoardBalance({ before, after, from, queenUnits, unitName }: Props) {
  const row = (when: string, one: HiveBalance) => (
    <tr key={`${when} ${one.unit}`} className="border-t border-line align-top">
      <th scope="row" className="py-1 pr-3 text-left font-bold">{`${when}: ${unitName(one.unit)}`}</th>
      {COLUMNS.map((column) => (
        <td key={column} className="px-2 py-1 text-right">
          {one[column]}
        </td>
      ))}
      <td className="px-2 py-1">{roomDaysWords(one.roomDays)}</td>
      <td className="py-1 pl-2">{weightWords(one)}</td>
    </tr>
  );
  const of = (when: string, where: Arrangement, queenUnit: string | null) =>
    balanceOf(where, { ...from, queenUnit }).map((one) => ({ when, one }));
  const all = [...of('Before', before, queenUnits[0]), ...of('After', after, queenUnits[1])];
  return (
    <section aria-label="Before and after" className="mt-4">
      <h2 className="border-t-2 border-ink pt-1 text-lg">Before and after</h2>
      <ul className="text-sm wide:hidden">
        {all.map(({ when, one }) => (
          <li key={`${when} ${one.unit}`} className="border-b border-line py-1.5">
            <b>{`${when}: ${unitName(one.unit)}. `}</b>
            {`Laying room: ${roomDaysWords(one.roomDays)}. Frames: ${COLUMNS.map((column) => `${one[column]} ${COLUMN_WORDS[column]}`).join(', ')}. ${weightWords(one)}.`}
          </li>
        ))}
      </ul>
      <table className="hidden w-full border-collapse text-sm wide:table">
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
        <tbody>{all.map(({ when, one }) => row(when, one))}</tbody>
      </table>
    </section>
  );
}

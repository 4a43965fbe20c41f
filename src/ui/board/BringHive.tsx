import type { BoardChange } from '../../views/board-state';
import type { OtherHive } from './BoardPage';

interface Props {
  /** Those that are not on the board yet. */
  readonly others: readonly OtherHive[];
  readonly change: (change: BoardChange) => void;
}

/** Brings the hive of another colony of the apiary onto the board, so that frames can go between the two. */
export function BringHive({ others, change }: Props) {
  if (others.length === 0) return null;
  return (
    <label className="mt-3 block text-sm">
      Bring in the hive of
      <select
        className="ml-2 min-h-11 border-2 border-ink bg-paper px-2"
        value=""
        onChange={({ target: { value } }) => {
          const other = others.find(({ id }) => id === value);
          if (other) change({ type: 'bring', unit: { name: other.id, hive: other.hive } });
        }}
      >
        <option value="">another colony here …</option>
        {others.map(({ id, name }) => (
          <option key={id} value={id}>
            {name}
          </option>
        ))}
      </select>
    </label>
  );
}

import type { NeedyColony } from '../../views/cells-view';

/** Said before a live cell is destroyed. `labels`: which, as in `take b and c down`. */
export function NeedyNote({ needy, labels }: { needy: readonly NeedyColony[]; labels: string }) {
  return (
    <div className="border-willow mt-2 border-l-4 pl-3 text-sm" role="note">
      <p className="font-bold">{`Before you take ${labels} down: a cell is wanted.`}</p>
      <ul>
        {needy.map(({ id, name, apiary, why }) => (
          <li key={id}>
            <b>{name}</b> ({apiary}): {why}
          </li>
        ))}
      </ul>
    </div>
  );
}

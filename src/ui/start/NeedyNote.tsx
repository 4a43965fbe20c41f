import type { NeedyColony } from '../../views/cells-view';

/** Said before a live cell is destroyed. */
export function NeedyNote({ needy }: { needy: readonly NeedyColony[] }) {
  return (
    <div className="border-willow mt-2 border-l-4 pl-3 text-sm" role="note">
      <p className="font-bold">Before you break any down: a colony needs one.</p>
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

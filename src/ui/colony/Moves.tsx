import type { MoveLine } from '../../views/moves-view';

/** Which dates have moved, and what moved them. */
export function Moves({ moves }: { moves: readonly MoveLine[] }) {
  if (moves.length === 0) return null;
  return (
    <section className="mt-6" aria-label="What moved">
      <h2 className="border-t-2 border-ink pt-2 text-lg">What moved</h2>
      <ul>
        {moves.map(({ key, when, words }) => (
          <li key={key} className="border-b border-line py-1.5 text-sm">
            <b>{when}:</b> {words}.
          </li>
        ))}
      </ul>
    </section>
  );
}

/** What a correction will move, before it is saved. */
export function CorrectionMoves({ moves }: { moves: readonly string[] }) {
  return (
    <section aria-label="What the correction moves" className="mt-3">
      <h3 className="text-muted text-sm">What the correction moves</h3>
      <ul className="text-sm font-semibold">
        {moves.map((words) => (
          <li key={words}>{words}.</li>
        ))}
      </ul>
    </section>
  );
}

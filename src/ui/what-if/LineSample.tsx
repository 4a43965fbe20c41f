import { LINES } from './lines';

/** How the line of a choice is drawn. */
export function LineSample({ index }: { readonly index: number }) {
  const line = LINES[index] ?? LINES[0];
  return (
    <svg aria-hidden="true" width="44" height="12" className="shrink-0">
      <line
        x1="0"
        x2="44"
        y1="6"
        y2="6"
        stroke={`var(--color-${line.colour})`}
        strokeWidth="3"
        strokeDasharray={line.dashes.join(' ')}
      />
    </svg>
  );
}

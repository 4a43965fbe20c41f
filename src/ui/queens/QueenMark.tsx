import { markColour } from '../../core/queens/mark-colour';

/** Paint as keepers use it, whatever the light of the page. */
const PAINT = { blue: '#2f6fc4', white: '#ffffff', yellow: '#e3b505', red: '#c0262d', green: '#2e8b3d' } as const;

/** The dot of her year; an empty ring where it is not known. Its words stand beside it. */
export function QueenMark({ year }: { readonly year: number | null }) {
  return (
    <svg aria-hidden="true" viewBox="0 0 16 16" className="size-4 shrink-0">
      <circle
        cx="8"
        cy="8"
        r="6"
        fill={year === null ? 'none' : PAINT[markColour(year)]}
        stroke="var(--color-ink)"
        strokeWidth="1.5"
        strokeDasharray={year === null ? '2 2' : undefined}
      />
    </svg>
  );
}

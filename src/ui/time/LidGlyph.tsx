import type { DayFit } from '../../core/weather/weather-of';

const LIDS: { readonly [F in Exclude<DayFit, 'unknown'>]: string } = {
  // Stood on its edge beside the hive, lifted at one side, lying flat.
  open: 'M11 5.4 L14.6 0.9',
  brief: 'M1 5.2 L12.5 1.6',
  shut: 'M0.5 4.4 L12.5 4.4',
};
const BOX = 'M2 6.2 V10 H11 V6.2';

/** The lid of a hive as the weather of a day wants it: up, ajar or down. Nothing where the weather is not known. */
export function LidGlyph({ fit, className = '' }: { readonly fit: DayFit; readonly className?: string }) {
  if (fit === 'unknown') return null;
  return (
    <svg viewBox="0 0 16 11" aria-hidden="true" data-lid={fit} className={`h-2.5 w-4 ${className}`}>
      <path
        d={`${BOX} ${LIDS[fit]}`}
        fill={fit === 'shut' ? 'currentColor' : 'none'}
        stroke="currentColor"
        strokeWidth="1.9"
        strokeLinecap="round"
      />
    </svg>
  );
}

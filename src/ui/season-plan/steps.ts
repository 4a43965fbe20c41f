/** Up to where a chart goes, and at which steps it has lines. */
export interface Steps {
  readonly step: number;
  readonly most: number;
}

const NICE = [1, 2, 5, 10, 20, 50, 100] as const;
const LINES_AT_MOST = 3;

/** Whole steps that leave room above the greatest value. @example greatest 17: lines at 10 and 20, up to 22 */
export function stepsFor(greatest: number): Steps {
  const step = NICE.find((one) => greatest / one <= LINES_AT_MOST) ?? Math.ceil(greatest / LINES_AT_MOST);
  return { step, most: Math.max(1, greatest) * 1.25 };
}

/** The values at which there are lines, but for the lowest. */
export const valuesOf = ({ step, most }: Steps): readonly number[] =>
  Array.from({ length: Math.floor(most / step) }, (_, i) => (i + 1) * step);

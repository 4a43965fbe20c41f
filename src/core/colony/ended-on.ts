import { type Day, earliestOf } from '../calendar/day';

/** A union as a colony's part in it: it became part of another, unless that was given up. */
export interface UnionPart {
  readonly queen: string;
  readonly programme: { readonly on: Day; readonly endedOn: Day | null };
}

/** A union that was given up has parted the two again. */
const isUnited = ({ queen, programme }: UnionPart): boolean => queen === 'ends' && programme.endedOn === null;

/** The day on which a colony ended, as it was put down or because it became part of another one; null: it is there still. */
export function endedOn(putDown: Day | null, parts: readonly UnionPart[]): Day | null {
  const unions = parts.filter(isUnited).map(({ programme }) => programme.on);
  const [first, ...others] = putDown === null ? unions : [putDown, ...unions];
  return first === undefined ? null : earliestOf(first, ...others);
}

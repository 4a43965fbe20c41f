import { cellLabel } from './cell-label';

/** What has a letter in a colony: its own cells, and those that came to it. */
interface Lettered {
  readonly cells: readonly { readonly colonyId: string; readonly label: string }[];
  readonly cellMoves: readonly { readonly toColonyId: string; readonly label: string }[];
}

/** Gives out letters for new cells: the one that is wished for where the colony has it free, or its next free one. */
export function cellLabels({ cells, cellMoves }: Lettered) {
  const taken = new Map<string, { readonly labels: Set<string>; next: number }>();
  const ofColony = (colonyId: string) => {
    const own = taken.get(colonyId) ?? { labels: new Set<string>(), next: 0 };
    taken.set(colonyId, own);
    return own;
  };
  for (const { colonyId, label } of cells) ofColony(colonyId).labels.add(label);
  for (const { toColonyId, label } of cellMoves) ofColony(toColonyId).labels.add(label);
  return (colonyId: string, wished: string | null): string => {
    const own = ofColony(colonyId);
    if (wished !== null && /^[a-z]{1,4}$/.test(wished) && !own.labels.has(wished)) {
      own.labels.add(wished);
      return wished;
    }
    while (own.labels.has(cellLabel(own.next))) own.next += 1;
    const label = cellLabel(own.next);
    own.labels.add(label);
    return label;
  };
}

/** What a season file holds, and what it would replace. */
export interface SeasonPreview {
  readonly incoming: FactCounts;
  readonly present: FactCounts;
  readonly colonyNames: readonly string[];
  readonly firstDay: string | null;
  readonly lastDay: string | null;
}

export type FactCounts = Readonly<
  Record<
    | 'apiaries'
    | 'colonies'
    | 'queens'
    | 'queenEvents'
    | 'inspections'
    | 'cells'
    | 'cellObservations'
    | 'settings'
    | 'revisions',
    number
  >
>;

/** `2 apiaries, 11 colonies, 34 inspections, 20 cells`. */
export function countWords({ apiaries, colonies, inspections, cells }: FactCounts): string {
  const count = (n: number, one: string, many: string) => `${n} ${n === 1 ? one : many}`;
  return [
    count(apiaries, 'apiary', 'apiaries'),
    count(colonies, 'colony', 'colonies'),
    count(inspections, 'inspection', 'inspections'),
    count(cells, 'cell', 'cells'),
  ].join(', ');
}

/** A queen with her mother, as far as that was noted. */
export interface Daughter {
  readonly id: string;
  readonly motherQueenId: string | null;
}

/** A queen with her daughters, and theirs. */
export interface Family<Q extends Daughter> {
  readonly queen: Q;
  readonly daughters: readonly Family<Q>[];
}

/**
 * Families of queens, each from the first of whom is known. A mother who is not among the queens counts as not known; so does one who would be
 * her own daughter's daughter.
 */
export function families<Q extends Daughter>(queens: readonly Q[]): readonly Family<Q>[] {
  const known = new Map(queens.map((queen) => [queen.id, queen]));
  const motherOf = ({ id, motherQueenId }: Q): Q | undefined => {
    const mother = motherQueenId === null ? undefined : known.get(motherQueenId);
    return mother && !descendsFrom(mother, id, known) ? mother : undefined;
  };
  const daughters = new Map<string, Q[]>();
  const first: Q[] = [];
  for (const queen of queens) {
    const mother = motherOf(queen);
    if (mother) daughters.set(mother.id, [...(daughters.get(mother.id) ?? []), queen]);
    else first.push(queen);
  }
  const familyOf = (queen: Q): Family<Q> => ({ queen, daughters: (daughters.get(queen.id) ?? []).map(familyOf) });
  return first.map(familyOf);
}

/** Whether a queen is another one, or comes of her; ends where mothers go round in a circle. */
export function descendsFrom<Q extends Daughter>(queen: Q, ancestorId: string, known: ReadonlyMap<string, Q>): boolean {
  const seen = new Set<string>();
  for (let one: Q | undefined = queen; one && !seen.has(one.id); ) {
    if (one.id === ancestorId) return true;
    seen.add(one.id);
    one = one.motherQueenId === null ? undefined : known.get(one.motherQueenId);
  }
  return false;
}

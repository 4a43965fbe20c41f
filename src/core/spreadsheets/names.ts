import type { SeasonFacts } from '../formats/season-file';

/** Names of what rows refer to by identifier; one that is no more has none. */
export interface Names {
  readonly colony: (id: string | null) => string | null;
  readonly apiary: (id: string | null) => string | null;
  readonly apiaryOf: (colonyId: string) => string | null;
}

export function namesOf({ colonies, apiaries }: Pick<SeasonFacts, 'colonies' | 'apiaries'>): Names {
  const colonyNames = new Map(colonies.map(({ id, name }) => [id, name]));
  const apiaryNames = new Map(apiaries.map(({ id, name }) => [id, name]));
  const apiaryIds = new Map(colonies.map(({ id, apiaryId }) => [id, apiaryId]));
  const named = (names: ReadonlyMap<string, string>) => (id: string | null) =>
    id === null ? null : (names.get(id) ?? null);
  const apiary = named(apiaryNames);
  return { colony: named(colonyNames), apiary, apiaryOf: (id) => apiary(apiaryIds.get(id) ?? null) };
}

/** What is there: entered by mistake and taken out counts as never entered. */
export const standing = <Row extends { readonly deletedAt: string | null }>(rows: readonly Row[]): readonly Row[] =>
  rows.filter(({ deletedAt }) => deletedAt === null);

/** The earliest first; those of one minute stay in their order. */
export const byTime = <Row extends { readonly at: string }>(rows: readonly Row[]): readonly Row[] =>
  [...rows].sort((a, b) => (a.at < b.at ? -1 : a.at > b.at ? 1 : 0));

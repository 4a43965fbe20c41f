import type { Day } from '../calendar/day';

/** On which day each check is on a round. */
export const plannedOn = (
  rounds: readonly { readonly on: Day; readonly checks: readonly string[] }[],
): ReadonlyMap<string, Day> => new Map(rounds.flatMap(({ on, checks }) => checks.map((id) => [id, on] as const)));

import { type Day, formatDay, parseDay } from '../core/calendar/day';
import { CELL_STAGES, type CellStage } from '../core/cells/stage';
import { THOROUGHNESS, type Thoroughness } from '../core/cells/thoroughness';

/** What was tapped on the cell clock: one cell, as seen on some days, and when it was looked for and not there. */
export interface ClockState {
  readonly sights: readonly { readonly on: Day; readonly stage: CellStage }[];
  readonly checks: readonly { readonly on: Day; readonly thoroughness: Thoroughness }[];
  readonly queenRemoved: Day | null;
}

/** More than anybody looks at one cell; an address with more is cut off there. */
const MOST = 12;

/**
 * Writes the state as the query part of an address, so that it can be shared:
 * `seen=2027-05-10.larva-large&seen=2027-05-13.sealed-fresh&empty=2027-05-03.cleared&queenless=2027-05-08`.
 */
export function writeClockQuery({ sights, checks, queenRemoved }: ClockState): string {
  const query = new URLSearchParams();
  for (const { on, stage } of sights) query.append('seen', `${formatDay(on)}.${stage}`);
  for (const { on, thoroughness } of checks) query.append('empty', `${formatDay(on)}.${thoroughness}`);
  if (queenRemoved !== null) query.append('queenless', formatDay(queenRemoved));
  return query.toString();
}

/** Reads such an address. Parts that make no sense are left out: an address is not the place for error messages. */
export function readClockQuery(query: URLSearchParams): ClockState {
  const pairs = (name: string) =>
    query
      .getAll(name)
      .slice(0, MOST)
      .flatMap((text) => {
        const on = parseDay(text.slice(0, 10));
        return on !== null && text[10] === '.' ? [{ on, word: text.slice(11) }] : [];
      });
  return {
    sights: pairs('seen').flatMap(({ on, word }) => {
      const stage = CELL_STAGES.find((known) => known === word);
      return stage ? [{ on, stage }] : [];
    }),
    checks: pairs('empty').flatMap(({ on, word }) => {
      const thoroughness = THOROUGHNESS.find((known) => known === word);
      return thoroughness ? [{ on, thoroughness }] : [];
    }),
    queenRemoved: parseDay(query.get('queenless') ?? ''),
  };
}

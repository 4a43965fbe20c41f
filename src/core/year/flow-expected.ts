import { type Day, day, daysBetween, yearOf } from '../calendar/day';
import type { DayRange } from '../calendar/window';
import { type ApiaryYear, spansOf } from './apiary-year';
import { onYear, placeInYear, type YearSpan } from './month-day';

interface Expecting {
  /** The main flow of one year as its keeper expects it, `YYYY-MM-DD`. */
  readonly mainFlowFrom: string | null;
  readonly mainFlowTo: string | null;
  readonly year?: ApiaryYear | null | undefined;
}

/** What was said of one year's main flow; null: nothing. */
export const flowSaid = ({ mainFlowFrom, mainFlowTo }: Expecting): DayRange | null =>
  mainFlowFrom !== null && mainFlowTo !== null ? { from: day(mainFlowFrom), to: day(mainFlowTo) } : null;

/** A stretch that comes every year as it lies in the year that its first day is in. */
export function spanInYear({ from, to }: YearSpan, year: number): DayRange {
  const isOver = placeInYear(to) < placeInYear(from);
  return { from: onYear(from, year), to: onYear(to, year + (isOver ? 1 : 0)) };
}

/** A flow said of one year stands for that year only: so long after it the usual one is expected again. */
const SAID_STANDS = 183;

/**
 * The main flow that is on or comes next: as said of this year, else as it comes every year. What was said stands for its own season; once
 * that is over and flows are known of every year, the next one of those is expected.
 */
export function flowExpected(place: Expecting, today: Day): DayRange | null {
  const said = flowSaid(place);
  const usual = spansOf(place.year ?? null, 'flow');
  if (said && (usual.length === 0 || daysBetween(said.to, today) < SAID_STANDS)) return said;
  const next = [-1, 0, 1]
    .flatMap((by) => usual.map((span) => spanInYear(span, yearOf(today) + by)))
    .filter(({ to }) => to >= today)
    .sort((a, b) => a.from - b.from)[0];
  return next ?? null;
}

/** The main flows of a season: what was said of it stands for the usual one that lies nearest. */
export function flowsOfSeason(place: Expecting, season: DayRange): readonly DayRange[] {
  const usual = spansOf(place.year ?? null, 'flow')
    .flatMap((span) => [yearOf(season.from), yearOf(season.to)].map((year) => spanInYear(span, year)))
    .filter(({ from }, i, all) => isWithin(from, season) && all.findIndex((one) => one.from === from) === i)
    .sort((a, b) => a.from - b.from);
  const said = flowSaid(place);
  if (!said || !isWithin(said.from, season)) return usual;
  const [nearest] = [...usual].sort((a, b) => Math.abs(a.from - said.from) - Math.abs(b.from - said.from));
  return [...usual.filter((one) => one !== nearest), said].sort((a, b) => a.from - b.from);
}

const isWithin = (on: Day, { from, to }: DayRange) => from <= on && on <= to;

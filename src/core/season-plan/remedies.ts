import { addDays, type Day } from '../calendar/day';
import { methodNamed } from '../methods/methods';
import type { Intention } from './intentions';
import {
  isStillMeant,
  type LoadAsked,
  type PlannedColony,
  type PlannedWeek,
  plannedDay,
  plannedWeeks,
  type ShortThing,
} from './load';

/** An act put on another day. */
export interface Moved {
  readonly colonyId: string;
  readonly key: string;
  readonly to: Day;
}

/** A week with more work than free hours, and what would do. */
export interface TooMuch {
  readonly week: PlannedWeek;
  /** Over what is free, min. */
  readonly over: number;
  /** Acts that can be put on another day of their windows, so that it goes; null: none can, or not enough. */
  readonly move: readonly Moved[] | null;
  /** Acts of the week that would have to go, the longest first, so that the rest goes; null: inspections alone are too much. */
  readonly fewer: readonly { readonly colonyId: string; readonly key: string }[] | null;
}

/** No more acts than this are put elsewhere for one week: whoever has to move more had better drop some. */
const MOVES_AT_MOST = 6;

const withMove = (asked: LoadAsked, { colonyId, key, to }: Moved): LoadAsked =>
  changed(asked, colonyId, (one) => (one.key === key ? [{ ...one, on: to, isMoved: true }] : [one]));
const without = (asked: LoadAsked, colonyId: string, key: string): LoadAsked =>
  changed(asked, colonyId, (one) => (one.key === key ? [] : [one]));

function changed(asked: LoadAsked, colonyId: string, each: (one: Intention) => readonly Intention[]): LoadAsked {
  const colonies = asked.colonies.map(
    (colony): PlannedColony =>
      colony.id === colonyId ? { ...colony, intentions: colony.intentions.flatMap(each) } : colony,
  );
  return { ...asked, colonies };
}

const overOf = (weeks: readonly PlannedWeek[]): number =>
  weeks.reduce((sum, { minutes, free }) => sum + Math.max(0, minutes - free), 0);

/** Weeks with more work than free hours, each with what would do. */
export function weeksTooFull(asked: LoadAsked): readonly TooMuch[] {
  const weeks = plannedWeeks(asked);
  return weeks
    .filter(({ minutes, free }) => minutes > free)
    .map((week) => ({
      week,
      over: week.minutes - week.free,
      move: movesFor(asked, week),
      fewer: fewerFor(asked, week),
    }));
}

const isIn = (on: Day, { from, to }: { readonly from: Day; readonly to: Day }) => from <= on && on <= to;

/** Acts of a week that are no follow-ups of another. */
const actsIn = ({ colonies, today }: LoadAsked, week: PlannedWeek) =>
  colonies.flatMap(({ id: colonyId, intentions }) =>
    intentions
      .filter((one) => isStillMeant(one) && isIn(plannedDay(one, today), week))
      .map((intention) => ({ colonyId, intention })),
  );

/** One act after the other goes where it takes most from what is too much, within its window; until the week goes, without filling another. */
function movesFor(asked: LoadAsked, week: PlannedWeek): readonly Moved[] | null {
  let [now, moves]: [LoadAsked, readonly Moved[]] = [asked, []];
  const tooMuch = (of: LoadAsked) => {
    const there = plannedWeeks(of).find(({ from }) => from === week.from);
    return there ? there.minutes - there.free : 0;
  };
  while (tooMuch(now) > 0) {
    if (moves.length === MOVES_AT_MOST) return null;
    const [before, others] = [tooMuch(now), overOf(plannedWeeks(now))];
    const best = actsIn(now, week)
      .flatMap(({ colonyId, intention: { key, window } }) =>
        [daysApart(window.earliest, week, -1), daysApart(window.latest, week, 1)].flatMap((to): readonly Moved[] =>
          to === null || to < now.today || !isIn(to, { from: window.earliest, to: window.latest })
            ? []
            : [{ colonyId, key, to }],
        ),
      )
      .map((move) => {
        const next = withMove(now, move);
        return { move, next, left: tooMuch(next), over: overOf(plannedWeeks(next)) };
      })
      .filter(({ left, over }) => left < before && over < others)
      .sort((a, b) => a.over - b.over || a.left - b.left)[0];
    if (!best) return null;
    [now, moves] = [best.next, [...moves, best.move]];
  }
  return moves;
}

/** The day nearest to a week on one side of it that a window reaches; null: it does not reach there. */
function daysApart(end: Day, { from, to }: PlannedWeek, side: -1 | 1): Day | null {
  // In the middle of the week before or after it, where the window goes so far.
  if (side < 0) return end < from ? (Math.max(end, addDays(from, -3)) as Day) : null;
  return end > to ? (Math.min(end, addDays(to, 3)) as Day) : null;
}

function fewerFor(asked: LoadAsked, week: PlannedWeek): TooMuch['fewer'] {
  let now = asked;
  const gone: { readonly colonyId: string; readonly key: string }[] = [];
  const isFull = () => {
    const there = plannedWeeks(now).find(({ from }) => from === week.from);
    return there !== undefined && there.minutes > there.free;
  };
  while (isFull()) {
    const longest = now.colonies
      .flatMap(({ id: colonyId, intentions }) =>
        intentions.filter(isStillMeant).map((intention) => {
          const next = without(now, colonyId, intention.key);
          const there = plannedWeeks(next).find(({ from }) => from === week.from);
          return {
            colonyId,
            key: intention.key,
            next,
            left: there?.minutes ?? 0,
            kind: methodNamed(intention.method).kind,
          };
        }),
      )
      .sort((a, b) => a.left - b.left)[0];
    const before = plannedWeeks(now).find(({ from }) => from === week.from)?.minutes ?? 0;
    if (!longest || longest.left >= before) return null;
    gone.push({ colonyId: longest.colonyId, key: longest.key });
    now = longest.next;
  }
  return gone;
}

/** How many of the acts that take a thing would have to go for it to do: the fewest. */
export function fewerTakers({ short, takers }: ShortThing): number {
  let [left, gone] = [short, 0];
  for (const { count } of takers.toSorted((a, b) => b.count - a.count)) {
    if (left <= 0) break;
    left -= count;
    gone += 1;
  }
  return gone;
}

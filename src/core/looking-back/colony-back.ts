import { type Day, daysBetween } from '../calendar/day';
import type { DayRange } from '../calendar/window';
import type { ColonyFacts } from '../colony/facts';
import type { MethodName, UnitQueen } from '../methods/method';
import { lays, laysSinceOf, programmeOf } from '../queens/queen-questions';
import type { ColonyState } from '../state/fold';

/** How a method came out: its young or bought queen lays; it was given up; something of it is still to be done; or nothing is any more. */
export const CAME_OUT = ['queen-lays', 'given-up', 'under-way', 'over'] as const;
export type CameOut = (typeof CAME_OUT)[number];

export interface MethodBack {
  readonly programmeId: string;
  readonly method: MethodName;
  readonly on: Day;
  readonly cameOut: CameOut;
  /** A swarm left a colony of it afterwards, in the same span. */
  readonly swarmedAfter: boolean;
}

/** Checks of methods by when they were made, against their windows. */
export interface ChecksBack {
  readonly early: number;
  readonly inTime: number;
  readonly late: number;
  /** Left out by the keeper. */
  readonly leftOut: number;
  /** Never made: their window is over. */
  readonly missed: number;
}

/** How old a cell was when it was found, in days since its egg; `least` null: its first day is not known. */
export interface FoundCell {
  readonly on: Day;
  readonly least: number;
  readonly most: number | null;
}

/** What a colony's season came to. */
export interface ColonyBack {
  readonly inspections: number;
  readonly primes: number;
  readonly casts: number;
  readonly cellsFound: number;
  /** The one that was furthest on when it was found; null: none was found. */
  readonly oldestCell: FoundCell | null;
  /** Each as old as it was when it was found, in order of the day. */
  readonly found: readonly FoundCell[];
  readonly methods: readonly MethodBack[];
  readonly checks: ChecksBack;
  /** First days of the span: drones seen flying, a cell with an egg or more; null: not seen. */
  readonly firstDrones: Day | null;
  readonly firstCharged: Day | null;
}

/** What a method does to the queen of a unit that is to come to another. */
const NEW_QUEEN: ReadonlySet<UnitQueen> = new Set(['taken', 'either', 'gone', 'caged']);

/** A season of one colony, as it stood at the end of the span or stands today, between two days, both included. */
export function colonyBack(
  state: Pick<ColonyState, 'inspections' | 'cells' | 'followUps' | 'parts' | 'queen' | 'ended'>,
  facts: Pick<ColonyFacts, 'queenEvents' | 'changes'>,
  span: DayRange,
  today: Day,
): ColonyBack {
  const isIn = (on: Day) => span.from <= on && on <= span.to;
  const looks = state.inspections.filter(({ inspection }) => isIn(inspection.on)).map(({ inspection }) => inspection);
  const events = facts.queenEvents.filter(({ on }) => isIn(on));
  const swarms = events.filter(({ kind }) => kind === 'swarmed');
  const found = state.cells.flatMap(({ firstSeen, dates: { laid } }): FoundCell[] =>
    isIn(firstSeen) && laid
      ? [
          {
            on: firstSeen,
            least: daysBetween(laid.to, firstSeen),
            most: laid.from === null ? null : daysBetween(laid.from, firstSeen),
          },
        ]
      : [],
  );
  const first = (isOne: (look: (typeof looks)[number]) => boolean): Day | null => looks.find(isOne)?.on ?? null;
  return {
    inspections: looks.length,
    primes: swarms.length,
    casts: events.filter(({ kind }) => kind === 'cast-left').length,
    cellsFound: found.length,
    found: found.toSorted((a, b) => a.on - b.on),
    oldestCell: found.reduce<FoundCell | null>(
      (oldest, one) => (oldest && oldest.least >= one.least ? oldest : one),
      null,
    ),
    methods: state.parts
      .filter(({ programme }) => isIn(programme.on))
      .map(({ queen, programme: { id: programmeId, method, on, endedOn } }) => {
        // Of a colony that is no more nothing is still to be done.
        const isOpen =
          !state.ended && state.followUps.some((one) => one.programmeId === programmeId && one.status === 'due');
        const isWaiting = !state.ended && programmeOf(state.queen)?.id === programmeId && !lays(state.queen);
        // Of the part that was left to come to a new queen; the other had one who laid all along.
        const laysSince = laysSinceOf(state.queen);
        const isNew = NEW_QUEEN.has(queen) && laysSince !== null && laysSince > on;
        const cameOut: CameOut =
          endedOn !== null ? 'given-up' : isNew ? 'queen-lays' : isOpen || isWaiting ? 'under-way' : 'over';
        return { programmeId, method, on, cameOut, swarmedAfter: swarms.some((swarm) => swarm.on > on) };
      }),
    checks: checksBack(state, facts, isIn, today),
    firstDrones: first(({ drones }) => drones === 'flying'),
    firstCharged: found.reduce<Day | null>((day, { on }) => (day === null || on < day ? on : day), null),
  };
}

function checksBack(
  { followUps }: Pick<ColonyState, 'followUps'>,
  { changes }: Pick<ColonyFacts, 'changes'>,
  isIn: (on: Day) => boolean,
  today: Day,
): ChecksBack {
  const skipped = new Set(changes.filter(({ kind }) => kind === 'skipped').map(({ key }) => key));
  const counts = { early: 0, inTime: 0, late: 0, leftOut: 0, missed: 0 };
  for (const { key, window, status, on } of followUps) {
    if (!isIn(window.ideal)) continue;
    if (status === 'answered' || status === 'seen') {
      const made = on ?? window.ideal;
      counts[made < window.earliest ? 'early' : made > window.latest ? 'late' : 'inTime'] += 1;
    } else if (skipped.has(key)) counts.leftOut += 1;
    else if (status === 'due' && window.latest < today) counts.missed += 1;
  }
  return counts;
}

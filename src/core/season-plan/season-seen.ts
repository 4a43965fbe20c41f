import { type Day, dayOfMinute } from '../calendar/day';
import type { ColonyFacts } from '../colony/facts';
import type { ReadingName } from '../inspections/reading';
import type { MethodName } from '../methods/method';
import { lays } from '../queens/queen-questions';
import { hiveChanges } from '../space/hive-changes';
import type { ColonyState } from '../state/fold';

/** What a colony's facts say to what was meant to be done with it. Days are in order of time, up to the day it is asked. */
export interface SeasonSeen {
  /** Methods that were begun on it, whatever became of them. */
  readonly begun: readonly { readonly programmeId: string; readonly method: MethodName; readonly on: Day }[];
  /** Boxes that it was given without a method of that name. */
  readonly boxes: readonly { readonly what: 'super-on' | 'brood-box-on'; readonly on: Day }[];
  /** Days on which charged cells were found in it. */
  readonly charged: readonly Day[];
  readonly swarmed: readonly Day[];
  readonly hasLayingQueen: boolean;
  /** Null: it lives. */
  readonly endedOn: Day | null;
}

/** Readings of a colony in which there are charged cells, or were until it swarmed. */
const CHARGED: ReadonlySet<ReadingName> = new Set(['preparing', 'swarm-imminent', 'swarmed', 'cast-risk']);

/** @param colonyId the colony itself: a method begun on another of which it is a part is that one's */
export function seasonSeen(colonyId: string, facts: ColonyFacts, state: ColonyState): SeasonSeen {
  const { today, inspections, queen } = state;
  const looks = inspections.map(({ inspection, reading }) => ({ on: inspection.on, reading: reading.reading }));
  const events = facts.queenEvents.filter(({ kind, on }) => kind === 'swarmed' && on <= today).map(({ on }) => on);
  const inOrder = (days: readonly Day[]) => [...new Set(days)].sort((a, b) => a - b);
  return {
    begun: facts.parts
      .filter(({ programme }) => programme.colonyId === colonyId && programme.on <= today)
      .map(({ programme: { id, method, on } }) => ({ programmeId: id, method, on }))
      .filter(({ programmeId }, i, all) => all.findIndex((one) => one.programmeId === programmeId) === i)
      .sort((a, b) => a.on - b.on),
    boxes: boxesGiven(facts, today),
    charged: inOrder(looks.filter(({ reading }) => CHARGED.has(reading)).map(({ on }) => on)),
    swarmed: inOrder([...events, ...looks.filter(({ reading }) => reading === 'swarmed').map(({ on }) => on)]),
    hasLayingQueen: lays(queen),
    endedOn: facts.endedOn !== null && facts.endedOn <= today ? facts.endedOn : null,
  };
}

function boxesGiven({ surveys }: ColonyFacts, today: Day): SeasonSeen['boxes'] {
  const inTime = surveys.filter(({ on }) => on <= today).sort((a, b) => (a.at < b.at ? -1 : a.at > b.at ? 1 : 0));
  return inTime.flatMap((survey, i) => {
    const before = inTime[i - 1];
    if (!before) return [];
    return hiveChanges(before.hive, survey.hive).flatMap(({ what }) =>
      what === 'super-on' || what === 'brood-box-on' ? [{ what, on: dayOfMinute(survey.at) }] : [],
    );
  });
}

import { addDays, type Day } from '../core/calendar/day';
import { weekdayWords } from '../core/calendar/words';
import type { ColonyState } from '../core/colony/fold';
import { bestDay, type Check, urgencyOf } from '../core/schedule/check';
import { dueWords } from '../core/schedule/due-words';
import { shutOn } from '../core/schedule/leave-shut-wins';
import type { Tone } from './marks';
import { situationWords } from './situation-words';

export interface RoundHive {
  readonly colonyId: string;
  readonly name: string;
  readonly stand: string;
  readonly situation: string;
  /** Why it is in the round, the most pressing first. */
  readonly due: readonly { readonly key: string; readonly words: string; readonly why: string; readonly tone: Tone }[];
}

/** One apiary's hives in the order in which they are gone through. */
export interface RoundView {
  readonly due: readonly RoundHive[];
  /** Not due: to be looked at where there is time, or where it is passed anyway. */
  readonly others: readonly RoundHive[];
  readonly leaveShut: readonly { readonly colonyId: string; readonly name: string; readonly words: string }[];
}

interface Standing {
  readonly colony: { readonly id: string; readonly name: string; readonly stand: string };
  readonly state: ColonyState;
}

/** What may carry trouble from hive to hive is opened last. */
const isSuspect = ({ state }: Standing) => state.lastLook?.reading.reading === 'drone-laying';

/** Healthy ones first, those in doubt last; among equals the one that presses most. What is to be left shut is named apart. */
export function roundView(standings: readonly Standing[], day: Day): RoundView {
  const open = standings.filter(({ state }) => !state.ended && !isShut(state, day));
  const isDue = ({ state }: Standing) => state.schedule.checks.some((check) => belongsTo(check, day));
  const order = (a: Standing, b: Standing) => Number(isSuspect(a)) - Number(isSuspect(b)) || pressing(a) - pressing(b);
  return {
    due: open
      .filter(isDue)
      .sort(order)
      .map((standing) => roundHive(standing, day)),
    others: open
      .filter((standing) => !isDue(standing))
      .sort(order)
      .map((standing) => roundHive(standing, day)),
    leaveShut: standings.flatMap(({ colony, state }) => {
      const shut = state.ended ? null : isShut(state, day);
      if (!shut) return [];
      const words = `Nobody opens it before ${weekdayWords(addDays(shut.to, 1))}`;
      return [{ colonyId: colony.id, name: colony.name, words }];
    }),
  };
}

/** Due on a day: its window is open then, or it is late. A check that the keeper put on a day is due then and after. */
export function belongsTo({ window, plannedFor }: Pick<Check, 'window' | 'plannedFor'>, day: Day): boolean {
  return plannedFor === null ? window.earliest <= day : plannedFor <= day;
}

/** Left shut on that day, with nothing that has to come first. */
function isShut({ schedule }: ColonyState, day: Day) {
  const pressingNow = schedule.checks.some((check) => belongsTo(check, day));
  return pressingNow ? null : shutOn(schedule.leaveShut, day);
}

const pressing = ({ state }: Standing) => state.schedule.checks[0]?.window.latest ?? Number.POSITIVE_INFINITY;

function roundHive({ colony, state }: Standing, day: Day): RoundHive {
  const due = state.schedule.checks
    .filter((check) => belongsTo(check, day))
    .sort((a, b) => a.window.latest - b.window.latest || bestDay(a) - bestDay(b));
  return {
    colonyId: colony.id,
    name: colony.name,
    stand: colony.stand,
    situation: situationWords(state),
    due: due.map((check) => ({
      key: check.key,
      words: dueWords(check, day),
      why: check.why,
      tone: urgencyOf(check, day),
    })),
  };
}

import { addDays, type Day } from '../core/calendar/day';
import { hasTimeAlone, isDayFor, type RoundDay } from '../core/rounds/asked';
import { minutesHere, type TimeHere } from '../core/rounds/minutes-here';
import { LATE_WITHIN } from '../core/rounds/plan-fortnight';
import { PLANNED_DAYS } from '../core/rounds/planned-days';
import { inRoundOrder } from '../core/rounds/round-order';
import { toVisit, type VisitCheck, visitedColony } from '../core/rounds/to-visit';
import { OPENING_MINUTES, USUAL_MINUTES } from '../core/rounds/work';
import { colonyOnDay } from '../core/schedule/standing';
import { withinSentence } from '../words/capital';
import { orderOf } from '../words/due';
import { herePhrases } from '../words/pages/minutes-here';
import { tooLateWords } from '../words/schedule';
import type { OutboxEntry } from './outbox-entry';
import type { Pack } from './pack';
import { standingsOnDevice } from './rounds-at-hand';

export interface MinutesAtHand {
  /** In the order in which the hives are seen to. */
  readonly now: readonly { readonly colonyId: string; readonly name: string; readonly words: string }[];
  readonly waits: readonly { readonly key: string; readonly words: string; readonly isLost: boolean }[];
  /** What that comes to. */
  readonly says: string;
}

/** What to do with so many minutes at one apiary, from what is kept on the device and was entered on it since. */
export function minutesAtHand(
  pack: Pack,
  outbox: readonly OutboxEntry[],
  today: Day,
  apiaryId: string,
  time: TimeHere,
): MinutesAtHand {
  const last = addDays(today, PLANNED_DAYS - 1);
  const days: readonly RoundDay[] = (pack.plan?.days ?? []).map(({ on, freeMinutes, there }) => ({
    on,
    fit: 'unknown',
    freeMinutes,
    there: new Map(there),
  }));
  const wayMinutes = pack.plan?.apiaries.find(({ id }) => id === apiaryId)?.wayMinutes ?? 0;
  const due = standingsOnDevice(pack, outbox, today)
    .standing.filter(({ colony, state }) => colony.apiaryId === apiaryId && !state.ended)
    .map(({ colony, state }) => {
      const visits = toVisit(visitedColony(colony, state), { today, last }, pack.plan?.minutes ?? USUAL_MINUTES).filter(
        (visit) => visit.window.earliest <= today && !isShut(visit, today),
      );
      return { colony, state, visits, onDay: colonyOnDay(state.schedule, today) };
    });
  const hives = inRoundOrder(due, pack.plan?.gifts ?? []);
  const canWait = (visit: VisitCheck): Day | null => {
    // What is late already is no lighter for it: a few days more it is only late.
    const latest = visit.window.latest < today ? addDays(today, LATE_WITHIN) : visit.window.latest;
    // Without a plan nothing is known of the days to come: they count as fit.
    if (days.length === 0) return latest > today ? latest : null;
    const later = days.filter(({ on }) => on > today && on <= latest);
    return later.findLast((day) => isDayFor(visit, day, NO_DAYS) && hasTimeAlone(visit, day, wayMinutes))?.on ?? null;
  };
  const visitOf = new Map(hives.flatMap(({ visits }) => visits.map((visit) => [visit.id, visit] as const)));
  const nameOf = new Map(hives.map(({ colony }) => [colony.id, colony.name]));
  const chosen = minutesHere(
    hives.map(({ colony, visits }) => ({
      id: colony.id,
      tasks: visits.map((visit) => ({
        id: visit.id,
        minutes: visit.minutes - (visit.check.opens ? OPENING_MINUTES : 0),
        opens: visit.check.opens,
        weight: visit.weight,
        canWaitUntil: canWait(visit),
      })),
    })),
    time,
  );
  const order = (id: string) => withinSentence(orderOf((visitOf.get(id) as VisitCheck).check));
  return {
    now: chosen.now.map(({ hive, tasks, minutes }) => ({
      colonyId: hive,
      name: nameOf.get(hive) ?? '',
      words: herePhrases.now(tasks.map(order), minutes),
    })),
    waits: chosen.waits.map(({ hive, task, canWaitUntil }) => ({
      key: task,
      words: herePhrases.waits(
        nameOf.get(hive) ?? '',
        order(task),
        canWaitUntil,
        tooLateWords((visitOf.get(task) as VisitCheck).check.code),
      ),
      isLost: canWaitUntil === null,
    })),
    says: herePhrases.says(chosen.minutes, chosen.waits.filter(({ canWaitUntil }) => canWaitUntil === null).length),
  };
}

const NO_DAYS: ReadonlySet<Day> = new Set();

const isShut = ({ shut = [] }: VisitCheck, today: Day) => shut.some(({ from, to }) => today >= from && today <= to);

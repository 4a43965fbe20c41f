import 'server-only';
import { addDays, type Day, day, latestOf, yearOf } from '../../core/calendar/day';
import { isMethod } from '../../core/choices/choice';
import { choose } from '../../core/choices/choose';
import { type KitWork, type Need, needsOfWork, spareNuc } from '../../core/kit/needs';
import { type KitRound, type MetNeed, meetNeeds } from '../../core/kit/shortages';
import type { MethodName } from '../../core/methods/method';
import { markColour } from '../../core/queens/mark-colour';
import { PLANNED_DAYS } from '../../core/rounds/planned-days';
import { plannedOn } from '../../core/rounds/planned-on';
import { visitId } from '../../core/rounds/to-visit';
import { bestDay, isDaily } from '../../core/schedule/check';
import { yearAt } from '../../core/settings/settings';
import { seasonPart } from '../../core/year/beekeeping-year';
import type { Book } from '../../db/open';
import { openLists } from '../../db/repositories/frame-plans';
import type { AllApiaries, StandingColony } from '../../views/all-apiaries';
import { type ShortageLine, shortageLines } from '../../views/kit-view';
import { askedOfColony, plansOf } from '../asked-of-colony';
import type { FortnightNow } from '../rounds/fortnight-now';
import { type StockNow, stockNow } from './stock-now';

export interface KitNow extends StockNow {
  readonly met: readonly MetNeed[];
  readonly rounds: readonly KitRound[];
}

/** A start that a keeper is planning, as if it were today. */
export interface ConsideredStart {
  readonly colonyId: string;
  readonly method: MethodName;
}

/** What lies where, what is needed in the days that are planned, and how it gets there. */
export function kitNow(
  opened: Book,
  all: AllApiaries,
  today: Day,
  planned: FortnightNow | null,
  considered: ConsideredStart | null = null,
): KitNow {
  const now = stockNow(opened, all, today);
  if (now.isUnreckoned) return { ...now, met: [], rounds: [] };
  const rounds = (planned?.fortnight.rounds ?? [])
    .map(({ on, apiary }): KitRound => ({ on, apiaryId: apiary }))
    .sort((a, b) => a.on - b.on);
  const pen = `pen-${markColour(yearOf(today))}` as const;
  const needs = [
    ...workToCome(opened, all, today, planned, considered).flatMap((work) => needsOfWork(work, pen)),
    ...spares(all, today),
  ];
  const met = meetNeeds(needs, {
    stock: now.stock,
    apiaries: all.apiaries.map(({ id }) => id),
    suspected: new Set(
      all.apiaries.flatMap(({ id, diseaseSuspectedSince }) => (diseaseSuspectedSince === null ? [] : [id])),
    ),
    rounds,
  });
  return { ...now, met, rounds };
}

/** What of the kit of a start that is being planned does not lie where its colony stands; nothing where nobody ever counted. */
export function kitForStart(
  opened: Book,
  all: AllApiaries,
  today: Day,
  planned: FortnightNow | null,
  start: ConsideredStart,
): readonly ShortageLine[] {
  const { entries, met } = kitNow(opened, all, today, planned, start);
  if (entries.length === 0) return [];
  const own = met.filter(({ need: { because } }) => because.kind === 'method' && because.colonyId === start.colonyId);
  return shortageLines(all, own, today);
}

/** What is to be done at the hives in the days that are planned, each on the day of its round, else on its best day. */
function workToCome(
  opened: Book,
  all: AllApiaries,
  today: Day,
  planned: FortnightNow | null,
  considered: ConsideredStart | null,
): readonly KitWork[] {
  const on = plannedOn(planned?.fortnight.rounds ?? []);
  const last = addDays(today, PLANNED_DAYS - 1);
  const lists = new Map<string, { readonly method: MethodName; readonly on: Day }>(
    openLists(opened.db).map(({ colonyId, method, on: listed }) => [colonyId, { method, on: day(listed) }]),
  );
  if (considered) lists.set(considered.colonyId, { method: considered.method, on: today });
  return all.colonies.flatMap((standing): KitWork[] => {
    const { colony, state } = standing;
    const list = lists.get(colony.id);
    const at = { colonyId: colony.id, apiaryId: colony.apiaryId };
    const checks = state.schedule.checks
      .filter(({ code }) => !isDaily(code))
      .map((check) => ({ check, on: on.get(visitId(colony.id, check.key)) ?? latestOf(today, bestDay(check)) }))
      .filter((one) => one.on <= last);
    const act = checks.find(({ check }) => check.code === 'act');
    const decided: KitWork[] = list
      ? [
          {
            ...at,
            on: considered?.colonyId === colony.id ? today : (act?.on ?? latestOf(today, list.on)),
            code: 'act',
            method: { name: list.method, isDecided: true },
          },
        ]
      : [];
    const others = checks.flatMap(({ check: { code }, on: doneOn }): KitWork[] => {
      if (code !== 'act') return [{ ...at, on: doneOn, code, method: null }];
      const name = list ? null : methodFor(opened, all, standing, today);
      return name === null ? [] : [{ ...at, on: doneOn, code, method: { name, isDecided: false } }];
    });
    return [...decided, ...others].filter((work) => work.on <= last);
  });
}

/** The method that comes first of a colony's choices; null: what comes first is none. */
function methodFor(opened: Book, all: AllApiaries, standing: StandingColony, today: Day): MethodName | null {
  const { first } = choose(askedOfColony(all, plansOf(opened.db, today), standing, today));
  return isMethod(first) ? first : null;
}

/** In the swarm season a nuc is in hand at every apiary with colonies, from today on, or from its first day within those that are planned. */
function spares({ apiaries, colonies, settings }: AllApiaries, today: Day): readonly Need[] {
  return apiaries.flatMap((apiary) => {
    const { id } = apiary;
    if (!colonies.some(({ colony }) => colony.apiaryId === id)) return [];
    const year = yearAt(apiary, settings);
    const days = Array.from({ length: PLANNED_DAYS }, (_, i) => addDays(today, i));
    const from = days.find((on) => seasonPart(on, year) === 'swarm-season');
    return from === undefined ? [] : spareNuc(id, from);
  });
}

import { formatDay } from '../calendar/day';
import { grouped } from '../grouped';
import type { Span } from '../settings/free-time';
import { fitAt, mayBeDone, type RoundCheck, type RoundDay, type RoundsAsked } from './asked';
import type { PlannedRound, RoundsPlan } from './plan-rounds';
import type { Roads } from './road';
import { overrunDays, waysOf } from './statement';
import type { Stop } from './timetable';

/** A rule that a plan breaks, and the check, the apiary or the day of which it does. */
export interface BrokenRule {
  readonly rule:
    | 'not-that-day'
    | 'minutes'
    | 'too-long'
    | 'not-fit-so-long'
    | 'hours'
    | 'pinned'
    | 'together'
    | 'told-once';
  readonly of: string;
}

/**
 * What a plan breaks of the rules, read off the plan itself and without the programme that it came from: none, or the solver or its
 * statement is at fault.
 */
export function brokenRules(
  asked: RoundsAsked,
  { rounds, late, days: driven }: Pick<RoundsPlan, 'rounds' | 'late' | 'days'>,
): readonly BrokenRule[] {
  const { days, checks, pinned, together } = asked;
  const forbidden = new Set(asked.forbidden);
  const ways = waysOf(asked);
  const { roads } = ways;
  const overrun = overrunDays(asked, ways);
  const dayAt = new Map(days.map((day) => [day.on, day]));
  const checkOf = new Map(checks.map((check) => [check.id, check]));
  const doneOn = new Map(rounds.flatMap(({ on, checks: ids }) => ids.map((id) => [id, on] as const)));
  const broken: BrokenRule[] = [];
  for (const { on, apiary, checks: ids, minutes } of rounds) {
    const day = dayAt.get(on);
    let work = 0;
    for (const id of ids) {
      const check = checkOf.get(id);
      if (!check || !day || check.apiary !== apiary || !mayBeDone(check, day, forbidden) || overrun.has(on))
        broken.push({ rule: 'not-that-day', of: id });
      work += check?.minutes ?? Number.NaN;
    }
    if (work !== minutes) broken.push({ rule: 'minutes', of: apiary });
    const fit = day && fitAt(day, apiary);
    const own = ids.flatMap((id) => checkOf.get(id) ?? []);
    const isOver = (list: typeof own, most: number) => list.reduce((sum, one) => sum + one.minutes, 0) > most;
    if (
      fit &&
      (isOver(own, fit.briefMinutes) ||
        isOver(
          own.filter(({ opens }) => opens),
          fit.openMinutes,
        ))
    )
      broken.push({ rule: 'not-fit-so-long', of: apiary });
  }
  const byDay = grouped(rounds, (round) => round.on);
  for (const [on, own] of byDay) {
    const work = own.reduce((sum, round) => sum + round.minutes, 0);
    const told = driven.find((one) => one.on === on);
    const least = roads.least(own.map(({ apiary }) => apiary));
    // By the clock it may be longer than the shortest.
    const road = dayAt.get(on)?.free ? Math.max(least, told?.road ?? 0) : least;
    if (told?.road !== road || told.work !== work) broken.push({ rule: 'minutes', of: formatDay(on) });
    if (!overrun.has(on) && road + work > (dayAt.get(on)?.freeMinutes ?? -1))
      broken.push({ rule: 'too-long', of: formatDay(on) });
    const day = dayAt.get(on);
    if (day?.free && own.some(({ checks: ids }) => ids.length > 0))
      broken.push(...byTheClock(day, own, told?.stops ?? [], checkOf, roads));
  }
  if (driven.length !== byDay.size) broken.push({ rule: 'minutes', of: '' });
  for (const pin of pinned)
    if (!rounds.some(({ on, apiary }) => on === pin.on && apiary === pin.apiary))
      broken.push({ rule: 'pinned', of: pin.apiary });
  for (const [one, other] of together)
    if (doneOn.get(one) !== doneOn.get(other)) broken.push({ rule: 'together', of: one });
  const last = days.at(-1)?.on ?? Number.NEGATIVE_INFINITY;
  const due = checks.filter(
    ({ id, window }) => window.latest <= last && !((doneOn.get(id) ?? last + 1) <= window.latest),
  );
  const isTold = (at: number) =>
    late[at]?.id === due[at]?.id && late[at]?.on === (doneOn.get(due[at]?.id ?? '') ?? null);
  if (due.length !== late.length || !due.every((_, at) => isTold(at))) broken.push({ rule: 'told-once', of: '' });
  if (doneOn.size !== rounds.reduce((sum, round) => sum + round.checks.length, 0))
    broken.push({ rule: 'told-once', of: '' });
  return broken;
}

/** What is wrong with the hours of a day: each stop's, the road between them, the way there and home. */
function byTheClock(
  day: RoundDay,
  rounds: readonly PlannedRound[],
  stops: readonly Stop[],
  checkOf: ReadonlyMap<string, RoundCheck>,
  roads: Roads,
): readonly BrokenRule[] {
  const broken: BrokenRule[] = [];
  const half = (apiary: string) => Math.ceil(roads.way(apiary) / 2);
  if (stops.length !== rounds.length) broken.push({ rule: 'hours', of: formatDay(day.on) });
  for (const { apiary, minutes, checks } of rounds) {
    const stop = stops.find((one) => one.apiary === apiary);
    const open = checks.reduce((sum, id) => sum + (checkOf.get(id)?.opens ? (checkOf.get(id)?.minutes ?? 0) : 0), 0);
    const there = fitAt(day, apiary);
    const isIn = ({ from, to }: Span) => stop !== undefined && from <= stop.from && stop.to <= to;
    const isLongEnough = ({ from, to }: Span) =>
      stop !== undefined && Math.min(to, stop.to) - Math.max(from, stop.from) >= open;
    if (!stop || stop.to - stop.from !== minutes) broken.push({ rule: 'hours', of: apiary });
    if (minutes > 0 && !(there.brief ?? day.free ?? []).some(isIn)) broken.push({ rule: 'hours', of: apiary });
    if (open > 0 && !(there.open ?? day.free ?? []).some(isLongEnough)) broken.push({ rule: 'hours', of: apiary });
  }
  for (const [i, { apiary, to }] of stops.entries()) {
    const next = stops[i + 1];
    if (!next) continue;
    const road = Math.min(
      half(apiary) + half(next.apiary),
      roads.between(apiary, next.apiary) ?? Number.POSITIVE_INFINITY,
    );
    if (next.from < to + road) broken.push({ rule: 'hours', of: next.apiary });
  }
  const [first, last] = [stops[0], stops.at(-1)];
  if (first && first.from < (day.free?.[0]?.from ?? 0) + half(first.apiary))
    broken.push({ rule: 'hours', of: first.apiary });
  if (last && last.to + half(last.apiary) > (day.free?.at(-1)?.to ?? 0))
    broken.push({ rule: 'hours', of: last.apiary });
  return broken;
}

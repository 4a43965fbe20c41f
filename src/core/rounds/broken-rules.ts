import { formatDay } from '../calendar/day';
import { grouped } from '../grouped';
import { fitAt, mayBeDone, type RoundsAsked } from './asked';
import type { RoundsPlan } from './plan-rounds';
import { overrunDays } from './statement';

/** A rule that a plan breaks, and the check, the apiary or the day of which it does. */
export interface BrokenRule {
  readonly rule: 'not-that-day' | 'minutes' | 'too-long' | 'not-fit-so-long' | 'pinned' | 'together' | 'told-once';
  readonly of: string;
}

/**
 * What a plan breaks of the rules, read off the plan itself and without the programme that it came from: none, or the solver or its
 * statement is at fault.
 */
export function brokenRules(
  asked: RoundsAsked,
  { rounds, unmet }: Pick<RoundsPlan, 'rounds' | 'unmet'>,
): readonly BrokenRule[] {
  const { days, apiaries, checks, pinned, together } = asked;
  const forbidden = new Set(asked.forbidden);
  const overrun = overrunDays(asked);
  const dayAt = new Map(days.map((day) => [day.on, day]));
  const checkOf = new Map(checks.map((check) => [check.id, check]));
  const wayOf = new Map(apiaries.map(({ id, wayMinutes }) => [id, wayMinutes]));
  const doneOn = new Map(rounds.flatMap(({ on, checks: ids }) => ids.map((id) => [id, on] as const)));
  const broken: BrokenRule[] = [];
  for (const { on, apiary, checks: ids, minutes } of rounds) {
    const day = dayAt.get(on);
    let work = wayOf.get(apiary) ?? Number.NaN;
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
  for (const [on, own] of grouped(rounds, (round) => round.on)) {
    const minutes = own.reduce((sum, round) => sum + round.minutes, 0);
    if (!overrun.has(on) && minutes > (dayAt.get(on)?.freeMinutes ?? -1))
      broken.push({ rule: 'too-long', of: formatDay(on) });
    const day = dayAt.get(on);
    const fits = day ? apiaries.map(({ id }) => fitAt(day, id)) : [];
    const done = own.flatMap(({ checks: ids }) => ids.flatMap((id) => checkOf.get(id) ?? []));
    const inFit = (list: typeof done, most: 'openMinutes' | 'briefMinutes') =>
      list.reduce((sum, one) => sum + one.minutes, 0) <= Math.max(0, ...fits.map((fit) => fit[most]));
    if (
      !inFit(done, 'briefMinutes') ||
      !inFit(
        done.filter(({ opens }) => opens),
        'openMinutes',
      )
    )
      broken.push({ rule: 'not-fit-so-long', of: formatDay(on) });
  }
  for (const pin of pinned)
    if (!rounds.some(({ on, apiary }) => on === pin.on && apiary === pin.apiary))
      broken.push({ rule: 'pinned', of: pin.apiary });
  for (const [one, other] of together)
    if (doneOn.get(one) !== doneOn.get(other)) broken.push({ rule: 'together', of: one });
  const told = [...doneOn.keys(), ...unmet.map(({ id }) => id)];
  if (told.length !== checks.length || new Set(told).size !== checks.length) broken.push({ rule: 'told-once', of: '' });
  return broken;
}

import type { Day } from '../calendar/day';
import { fitAt, type RoundApiary, type RoundCheck, type RoundDay, type RoundsAsked } from './asked';
import { overrunDays } from './statement';

interface Load {
  readonly day: RoundDay;
  /** Ways and work, and the work alone. */
  minutes: number;
  open: number;
  all: number;
  readonly at: Map<string, { count: number; open: number; all: number; readonly isPinned: boolean }>;
}

/** What each day has on it, as checks are put on it and taken off again. */
export interface DayLoads {
  /** The way that a check adds on a day; null: it does not go into it. */
  readonly wayAdded: (check: RoundCheck, on: Day) => number | null;
  readonly put: (check: RoundCheck, on: Day) => void;
  readonly take: (check: RoundCheck, on: Day) => void;
}

/** The days of a question with their pinned rounds and nothing else. */
export function dayLoads(asked: RoundsAsked): DayLoads {
  const { days, apiaries, pinned } = asked;
  const apiaryOf = new Map<string, RoundApiary>(apiaries.map((one) => [one.id, one]));
  const overrun = overrunDays(asked);
  const loads = new Map<Day, Load>(
    days.map((day) => {
      const pins = new Set(pinned.filter(({ on }) => on === day.on).map(({ apiary }) => apiary));
      const ways = [...pins].reduce((sum, id) => sum + (apiaryOf.get(id)?.wayMinutes ?? 0), 0);
      const at = new Map(apiaries.map(({ id }) => [id, { count: 0, open: 0, all: 0, isPinned: pins.has(id) }]));
      return [day.on, { day, minutes: ways, open: 0, all: 0, at }];
    }),
  );
  const most = new Map(
    days.map((day) => {
      const fits = apiaries.map(({ id }) => fitAt(day, id));
      const of = (which: 'openMinutes' | 'briefMinutes') => Math.max(0, ...fits.map((fit) => fit[which]));
      return [day.on, { open: of('openMinutes'), all: of('briefMinutes') }];
    }),
  );
  const there = (check: RoundCheck, on: Day) => {
    const load = loads.get(on) as Load;
    return { load, here: load.at.get(check.apiary) as NonNullable<ReturnType<Load['at']['get']>> };
  };
  const wayOf = (check: RoundCheck, on: Day) => {
    const { here } = there(check, on);
    return here.count > 0 || here.isPinned ? 0 : (apiaryOf.get(check.apiary)?.wayMinutes ?? 0);
  };
  return {
    wayAdded(check, on) {
      if (overrun.has(on)) return null;
      const { load, here } = there(check, on);
      const fit = fitAt(load.day, check.apiary);
      const limit = most.get(on) as { open: number; all: number };
      const opened = check.opens ? check.minutes : 0;
      const way = wayOf(check, on);
      const goesIn =
        load.minutes + way + check.minutes <= load.day.freeMinutes &&
        here.all + check.minutes <= fit.briefMinutes &&
        load.all + check.minutes <= limit.all &&
        (!check.opens || (here.open + opened <= fit.openMinutes && load.open + opened <= limit.open));
      return goesIn ? way : null;
    },
    put(check, on) {
      const { load, here } = there(check, on);
      load.minutes += wayOf(check, on) + check.minutes;
      load.all += check.minutes;
      here.all += check.minutes;
      here.count += 1;
      if (!check.opens) return;
      load.open += check.minutes;
      here.open += check.minutes;
    },
    take(check, on) {
      const { load, here } = there(check, on);
      here.count -= 1;
      load.minutes -= wayOf(check, on) + check.minutes;
      load.all -= check.minutes;
      here.all -= check.minutes;
      if (!check.opens) return;
      load.open -= check.minutes;
      here.open -= check.minutes;
    },
  };
}

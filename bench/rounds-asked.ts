import { addDays, day } from '../src/core/calendar/day';
import type { FortnightAsked } from '../src/core/rounds/plan-fortnight';
import { plannedDays } from '../src/core/rounds/planned-days';
import type { VisitCheck } from '../src/core/rounds/to-visit';
import { KIND_OF, OPENING_MINUTES, USUAL_MINUTES } from '../src/core/rounds/work';
import { verbatim } from '../src/core/says/together';
import { aCheck } from '../src/core/schedule/check';
import { USUAL_WEEK } from '../src/core/settings/free-time';
import { stationHours } from '../src/simulated/station';

export const TODAY = day('2027-05-16');

/** A small repeatable source of numbers from 0 up to 1. */
function seeded(seed: number): () => number {
  let state = seed;
  return () => {
    state = (Math.imul(state, 1664525) + 1013904223) >>> 0;
    return state / 2 ** 32;
  };
}

/** Mid-season: each colony has a look due about once in nine days, one in three a follow-up beside, one in eight cells. */
export function asked(colonies: number, apiaries: number, seed: number): FortnightAsked {
  const next = seeded(seed);
  const pick = <T>(list: readonly T[]) => list[Math.floor(next() * list.length)] as T;
  const ids = Array.from({ length: apiaries }, (_, i) => `a${i}`);
  const visits: VisitCheck[] = [];
  const add = (colony: string, apiary: string, code: keyof typeof KIND_OF, weight: number, length: number) => {
    const first = Math.floor(next() * 13) - 2;
    const ideal = first + Math.floor(next() * (length + 1));
    const window = {
      earliest: addDays(TODAY, first),
      ideal: addDays(TODAY, ideal),
      latest: addDays(TODAY, first + length),
    };
    if (window.latest < TODAY) return;
    const check = aCheck({ key: `${code}:${colony}`, code, window, why: verbatim('') });
    const kind = KIND_OF[code];
    const minutes = USUAL_MINUTES[kind] + OPENING_MINUTES;
    visits.push({
      id: `${colony} ${check.key}`,
      apiary,
      window,
      minutes,
      opens: code !== 'supers-check',
      weight,
      colonyId: colony,
      check,
      kind,
      isLate: false,
    });
  };
  for (let i = 0; i < colonies; i++) {
    const [colony, apiary] = [`c${i}`, ids[i % apiaries] as string];
    add(colony, apiary, 'look', next() < 0.125 ? 100 : 2, 2 + Math.floor(next() * 3));
    if (next() < 0.33)
      add(colony, apiary, pick(['thin-cells', 'eggs', 'supers-check', 'make-room']), pick([100, 5, 2, 2]), 3);
  }
  const hours = stationHours(
    { seed: 'valley', warmerC: 0.3, spells: [{ from: addDays(TODAY, 2), to: addDays(TODAY, 3), byC: -5, wet: true }] },
    addDays(TODAY, -1),
    TODAY,
  );
  return {
    days: plannedDays({
      today: TODAY,
      minute: '2027-05-16T10:00',
      time: { freeWeek: USUAL_WEEK, away: [], extraHours: [] },
      hours: new Map(ids.map((one) => [one, hours])),
      apiaries: ids,
      sunset: () => null,
    }),
    apiaries: ids.map((one, i) => ({ id: one, wayMinutes: 10 + 8 * i })),
    between: [],
    visits,
    pinned: [],
    forbidden: [],
    together: [],
    seen: new Map(),
    gifts: [],
  };
}

import { addDays, type Day, daysBetween } from '../calendar/day';
import { isEgg, isLarva } from '../cells/stage';
import type { ColonyFacts } from '../colony/facts';
import type { ScaleFlow } from '../scale/flows';
import { framesOf } from '../space/hive';
import { seasonAround, seasonStarting } from '../year/beekeeping-year';
import { type MonthDay, monthDayOf } from '../year/month-day';
import type { PlaceYear } from '../year/place-year';

/** What a year at an apiary is told by. */
export const YEAR_SIGNS = [
  'drone-brood',
  'drones-flying',
  'cups-with-eggs',
  'charged-cells',
  'last-cells',
  'flow-begins',
  'flow-ends',
] as const;
export type YearSign = (typeof YEAR_SIGNS)[number];

/** When a sign was seen in former years. */
export interface SignSeen {
  readonly sign: YearSign;
  /** The day in the middle of all years: of two the earlier one. */
  readonly middle: MonthDay;
  readonly earliest: MonthDay;
  readonly latest: MonthDay;
  /** How many years stand behind it. */
  readonly years: number;
}

type Signs = { readonly [S in YearSign]?: Day };

interface Seen {
  readonly facts: readonly ColonyFacts[];
  /** By the scales there. */
  readonly flows: readonly ScaleFlow[];
}

/**
 * The signs of the year as they were seen at an apiary, season by season up to today, and where the middle of them lies. The season that is on
 * counts for what has begun, and not for what may still come.
 */
export function signsSeen({ facts, flows }: Seen, place: PlaceYear, today: Day): readonly SignSeen[] {
  const present = seasonAround(today, place);
  const bySeason = new Map<number, Signs>();
  const note = (sign: YearSign, on: Day, isLater: (a: Day, b: Day) => boolean) => {
    if (on > today) return;
    const { year } = seasonAround(on, place);
    const known = bySeason.get(year) ?? {};
    const before = known[sign];
    if (before === undefined || isLater(on, before)) bySeason.set(year, { ...known, [sign]: on });
  };
  const first = (a: Day, b: Day) => a < b;
  const last = (a: Day, b: Day) => a > b;
  for (const { inspections, surveys } of facts) {
    for (const { on, drones, cells } of inspections) {
      if (drones === 'flying' || drones === 'sealed-only') note('drone-brood', on, first);
      if (drones === 'flying') note('drones-flying', on, first);
      for (const { found } of cells) {
        if (found === 'not-found' || found === 'cup-dry' || found === 'removed') continue;
        if (isEgg(found)) note('cups-with-eggs', on, first);
        if (isLarva(found)) note('charged-cells', on, first);
        note('last-cells', on, last);
      }
    }
    for (const { on, hive } of surveys)
      if (framesOf(hive).some(({ sides }) => sides?.some((side) => (side.drone ?? 0) > 0)))
        note('drone-brood', on, first);
  }
  for (const { from, to } of longestBySeason(flows, place)) {
    note('flow-begins', from, first);
    if (to !== null) note('flow-ends', to, last);
  }
  return YEAR_SIGNS.flatMap((sign) => {
    const isOpenYet = (year: number) => year === present.year && (sign === 'last-cells' || sign === 'flow-ends');
    const offsets = [...bySeason]
      .filter(([year, signs]) => signs[sign] !== undefined && !isOpenYet(year))
      .map(([year, signs]) => daysBetween(seasonStarting(year, place).from, signs[sign] as Day))
      .sort((a, b) => a - b);
    const [earliest, latest] = [offsets[0], offsets.at(-1)];
    const middle = offsets[Math.floor((offsets.length - 1) / 2)];
    if (earliest === undefined || latest === undefined || middle === undefined) return [];
    // Days of a season go by its first day, so that none is torn by the turn of the year.
    const dayAt = (offset: number) => monthDayOf(addDays(present.from, offset));
    return [{ sign, middle: dayAt(middle), earliest: dayAt(earliest), latest: dayAt(latest), years: offsets.length }];
  });
}

function longestBySeason(flows: readonly ScaleFlow[], place: PlaceYear): readonly ScaleFlow[] {
  const longest = new Map<number, ScaleFlow>();
  const days = ({ from, to }: ScaleFlow) => (to === null ? 0 : daysBetween(from, to));
  for (const flow of flows) {
    const { year } = seasonAround(flow.from, place);
    const before = longest.get(year);
    if (!before || days(flow) > days(before)) longest.set(year, flow);
  }
  return [...longest.values()];
}

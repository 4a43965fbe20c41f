import { addDays, type Day, daysBetween } from '../calendar/day';
import type { DayRange } from '../calendar/window';
import { type Bound, boundBy } from './bound';
import { combOf, type Hive, layingBoxes } from './hive';
import { type LayingRate, layingRate } from './laying-rate';
import { daysOfRoom, isShortNow, ROOM_AT_MOST, type RoomInput, roomAfter } from './laying-room';
import { COUNTED_RATE, likelyHolds, mayHold } from './may-hold';
import { type Flow, kgOn, nectarPerDay, type RoomFigures } from './nectar';
import type { SurveyManner } from './survey';

/** The frames of a hive on one day, as they were surveyed or as they were left after frames were moved. */
export interface HiveOnDay {
  readonly on: Day;
  readonly hive: Hive;
  readonly manner: SurveyManner;
  readonly flow: Flow;
}

/** What earlier surveys tell of how she lays. */
export interface LaidBefore {
  /** The best rate that they showed, eggs a day: a queen who was hemmed in then and now is judged by it. */
  readonly shown: number;
  /** Brood came into the hive or left it on this day; null: not of late. */
  readonly broodMovedOn: Day | null;
}

export const NOTHING_BEFORE: LaidBefore = { shown: 0, broodMovedOn: null };

/** What the room of the last survey says of her for the next one; null: there was none. */
export const knownFrom = (room: Pick<Room, 'wouldLayPerDay' | 'broodMovedOn'> | null): LaidBefore =>
  room ? { shown: room.wouldLayPerDay, broodMovedOn: room.broodMovedOn } : NOTHING_BEFORE;

/** What presses whatever the days say. */
export interface Pressure {
  readonly isShortNow: boolean;
  readonly bound: Bound | null;
}

/** Whether she is short of room or hemmed in now, by what the frames hold most likely. */
export function pressureOf(
  { on, hive, manner, flow }: HiveOnDay,
  figures: RoomFigures,
  { shown, broodMovedOn }: LaidBefore = NOTHING_BEFORE,
): Pressure {
  const likely = likelyHolds(hive, manner);
  const rate = (one: Hive) => rateSince(one, figures, on, broodMovedOn);
  return {
    isShortNow: isShortNow(roomInput(likely, rate(likely).now, flow, figures)),
    bound: boundIn(likely, Math.max(rate(hive).high, shown), flow, figures),
  };
}

const rateSince = ({ boxes }: Hive, { sizes }: RoomFigures, on: Day, broodMovedOn: Day | null): LayingRate =>
  layingRate(combOf(boxes, sizes), broodMovedOn === null ? undefined : daysBetween(broodMovedOn, on));

/** How much room a queen has, and until when. */
export interface Room extends Pressure {
  readonly on: Day;
  readonly rate: LayingRate;
  /** Eggs a day that she would lay with room: what being hemmed in is reckoned by. */
  readonly wouldLayPerDay: number;
  /** Days from `on`, by all that the brood tells of and all that the frames may hold: the fewest, the most, and as they were told. */
  readonly days: { readonly least: number; readonly most: number; readonly byNow: number };
  /** Cells of her boxes that nobody looked at: none of them counts at the early end, all of them at the late. */
  readonly unseen: number;
  /** The frames were only counted, so that what they hold is known less well. */
  readonly isCounted: boolean;
  /** Brood came or went on frames then, and tells no trend since; null: it did not. */
  readonly broodMovedOn: Day | null;
  /** What comes in a day where that brings the earlier end forward, in kg; null: it is the same without. */
  readonly nectarDecides: number | null;
  /** She runs out between these days; null: not within sight, or she does not lay. An open end is null in `to`. */
  readonly out: { readonly from: Day; readonly to: Day | null } | null;
  /** Free cells day by day from `on`: the fewest and the most. */
  readonly course: readonly { readonly day: Day; readonly low: number; readonly high: number }[];
}

/**
 * The laying room of a hive from what its frames held: she can lay in the brood boxes below any excluder. All the brood of the hive
 * tells how fast she lays, also what was lifted above one. What was only counted may hold less brood, and something else or nothing
 * instead: the earlier end is the earliest of all that may be, the later end the latest; whether she is short of room or hemmed in
 * goes by what is likely.
 */
export function roomOf(found: HiveOnDay, figures: RoomFigures, before: LaidBefore = NOTHING_BEFORE): Room {
  const { on, hive, manner, flow } = found;
  const { broodMovedOn } = before;
  const { sizes } = figures;
  const rateOf = (one: Hive) => rateSince(one, figures, on, broodMovedOn);
  const rate = rateOf(hive);
  const { unseen } = combOf(layingBoxes(hive), sizes);
  const wouldLayPerDay = Math.max(rate.high, before.shown);
  const likely = likelyHolds(hive, manner);
  const may = mayHold(hive, manner).map((one) => {
    const { low, high } = rateOf(one);
    const spread = manner === 'counts' ? COUNTED_RATE.value / 100 : 0;
    const input = (layingPerDay: number) => roomInput(one, layingPerDay, flow, figures);
    const atLow = input(low * (1 - spread));
    // What nobody looked at may be full, or all of it free.
    return { early: input(high * (1 + spread)), late: { ...atLow, empty: atLow.empty + unseen } };
  });
  const fewest = (of: (input: RoomInput) => number) => Math.min(...may.map(({ early }) => of(early)));
  const most = (of: (input: RoomInput) => number) => Math.max(...may.map(({ late }) => of(late)));
  const days = {
    least: fewest(daysOfRoom),
    most: most(daysOfRoom),
    byNow: daysOfRoom(roomInput(likely, rateOf(likely).now, flow, figures)),
  };
  const inSight = (count: number) => count < ROOM_AT_MOST.value;
  const isDecidedByNectar =
    flow !== 'none' && fewest((input) => daysOfRoom({ ...input, nectarPerDay: 0 })) > days.least;
  return {
    on,
    rate,
    wouldLayPerDay,
    unseen,
    isCounted: manner === 'counts',
    broodMovedOn,
    nectarDecides: isDecidedByNectar ? kgOn(flow, figures.nectarKg) : null,
    days,
    out:
      rate.now > 0 && inSight(days.least)
        ? { from: addDays(on, days.least), to: inSight(days.most) ? addDays(on, days.most) : null }
        : null,
    ...pressureOf(found, figures, before),
    course: Array.from({ length: ROOM_AT_MOST.value + 1 }, (_, after) => ({
      day: addDays(on, after),
      low: fewest((input) => roomAfter(input, after)),
      high: most((input) => roomAfter(input, after)),
    })),
  };
}

/** Days of room still left on a later day, going by the earlier end; never below zero. */
export function roomLeft({ on, days }: Pick<Room, 'on' | 'days'>, today: Day): number {
  return Math.max(0, days.least - daysBetween(on, today));
}

/** The days on which she runs out as a range that can be drawn: an open end closes with what is in sight. */
export function outRange({ on, out }: Pick<Room, 'on' | 'out'>): DayRange | null {
  return out && { from: out.from, to: out.to ?? addDays(on, ROOM_AT_MOST.value) };
}

/** The laying boxes of a hive as laying room is reckoned from them. */
function roomInput(hive: Hive, layingPerDay: number, flow: Flow, figures: RoomFigures): RoomInput {
  const { eggs, larvae, sealed, empty, undrawn } = combOf(layingBoxes(hive), figures.sizes);
  const incoming = nectarPerDay(hive, flow, figures);
  return { eggs, larvae, sealed, empty, undrawn, isFlow: flow !== 'none', nectarPerDay: incoming, layingPerDay };
}

/** Days of laying room in a hive for a queen who lays at a given rate, by what its frames hold most likely. */
export const daysAtRate = (
  hive: Hive,
  layingPerDay: number,
  { manner, flow, figures }: Pick<HiveOnDay, 'manner' | 'flow'> & { readonly figures: RoomFigures },
): number => daysOfRoom(roomInput(likelyHolds(hive, manner), layingPerDay, flow, figures));

/** What hems the queen of a hive in, at the rate that she would lay with room; null: nothing does. */
export function boundIn(hive: Hive, layingPerDay: number, flow: Flow, figures: RoomFigures): Bound | null {
  return boundBy(
    combOf(layingBoxes(hive), figures.sizes),
    layingPerDay,
    daysOfRoom(roomInput(hive, layingPerDay, flow, figures)),
  );
}

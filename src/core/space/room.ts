import { addDays, type Day, daysBetween } from '../calendar/day';
import type { DayRange } from '../calendar/window';
import { type Bound, boundBy } from './bound';
import type { FrameSize } from './frame-size';
import { combOf, type Hive, layingBoxes } from './hive';
import { type LayingRate, layingRate } from './laying-rate';
import { daysOfRoom, isShortNow, ROOM_AT_MOST, type RoomInput, roomAfter } from './laying-room';
import { type Flow, nectarPerDay } from './nectar';

/** The frames of a hive on one day, as they were surveyed or as they were left after frames were moved. */
export interface HiveOnDay {
  readonly on: Day;
  readonly hive: Hive;
  readonly flow: Flow;
}

/** How much room a queen has, and until when. */
export interface Room {
  readonly on: Day;
  readonly rate: LayingRate;
  /** Eggs a day that she would lay with room: what being hemmed in is reckoned by. */
  readonly wouldLayPerDay: number;
  /** Days from `on`, by the highest and the lowest rate that the brood tells of. */
  readonly days: { readonly least: number; readonly most: number; readonly byNow: number };
  /** Cells of her boxes that nobody looked at: none of them counts at the early end, all of them at the late. */
  readonly unseen: number;
  /** She runs out between these days; null: not within sight, or she does not lay. An open end is null in `to`. */
  readonly out: { readonly from: Day; readonly to: Day | null } | null;
  readonly isShortNow: boolean;
  readonly bound: Bound | null;
  /** Free cells day by day from `on`: at the highest and the lowest rate. */
  readonly course: readonly { readonly day: Day; readonly low: number; readonly high: number }[];
}

/**
 * The laying room of a hive from what its frames held: she can lay in the brood boxes below any excluder. All the brood of the hive
 * tells how fast she lays, also what was lifted above one.
 *
 * @param shown the best rate that earlier surveys showed; a queen who was hemmed in then and now is judged by it
 */
export function roomOf({ on, hive, flow }: HiveOnDay, sizes: readonly FrameSize[], shown = 0): Room {
  const rate = layingRate(combOf(hive.boxes, sizes));
  const { unseen } = combOf(layingBoxes(hive), sizes);
  const at = (layingPerDay: number, free = 0): RoomInput => {
    const input = roomInput(hive, layingPerDay, flow, sizes);
    return { ...input, empty: input.empty + free };
  };
  const wouldLayPerDay = Math.max(rate.high, shown);
  const least = daysOfRoom(at(rate.high));
  // What nobody looked at may be full, or all of it free.
  const most = daysOfRoom(at(rate.low, unseen));
  const inSight = (days: number) => days < ROOM_AT_MOST.value;
  return {
    on,
    rate,
    wouldLayPerDay,
    unseen,
    days: { least, most, byNow: daysOfRoom(at(rate.now)) },
    out:
      rate.now > 0 && inSight(least)
        ? { from: addDays(on, least), to: inSight(most) ? addDays(on, most) : null }
        : null,
    isShortNow: isShortNow(at(rate.now)),
    bound: boundIn(hive, wouldLayPerDay, flow, sizes),
    course: Array.from({ length: ROOM_AT_MOST.value + 1 }, (_, days) => ({
      day: addDays(on, days),
      low: roomAfter(at(rate.high), days),
      high: roomAfter(at(rate.low, unseen), days),
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
function roomInput(hive: Hive, layingPerDay: number, flow: Flow, sizes: readonly FrameSize[]): RoomInput {
  const { eggs, larvae, sealed, empty, undrawn } = combOf(layingBoxes(hive), sizes);
  const incoming = nectarPerDay(hive, flow, sizes);
  return { eggs, larvae, sealed, empty, undrawn, isFlow: flow !== 'none', nectarPerDay: incoming, layingPerDay };
}

/** What hems the queen of a hive in, at the rate that she would lay with room; null: nothing does. */
export function boundIn(hive: Hive, layingPerDay: number, flow: Flow, sizes: readonly FrameSize[]): Bound | null {
  return boundBy(
    combOf(layingBoxes(hive), sizes),
    layingPerDay,
    daysOfRoom(roomInput(hive, layingPerDay, flow, sizes)),
  );
}

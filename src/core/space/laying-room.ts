import { EGG_DAYS, OPEN_LARVA_DAYS, SEALED_WORKER_DAYS } from '../biology/development';
import { figure } from '../biology/figure';

/** Further ahead than this laying room is not reckoned: by then all that is brood today has emerged. */
export const ROOM_AT_MOST = figure('laying-room-is-reckoned-ahead-for-at-most', 21, 'days', 'derived');
export const UNDRAWN_COUNTS = figure('comb-not-drawn-that-counts-as-room-on-a-flow', 50, 'percent', 'practice');
/** Whatever the reckoning says: with less than this many days' eggs in empty cells now, she is short of room. */
export const SHORT_NOW = figure('short-of-room-whatever-comes-free-empty-cells-under', 2, 'days-of-laying', 'caution');

/** Cells of the boxes in which she can lay, and what fills them. */
export interface RoomInput {
  readonly eggs: number;
  readonly larvae: number;
  readonly sealed: number;
  /** Empty drawn worker cells. */
  readonly empty: number;
  readonly undrawn: number;
  /** Nectar is coming in, so that comb is drawn. */
  readonly isFlow: boolean;
  /** Cells that incoming nectar takes in a day. */
  readonly nectarPerDay: number;
  /** Eggs laid in a day. */
  readonly layingPerDay: number;
}

const spent = (days: number, from: number, span: number) => Math.max(0, Math.min(days - from, span)) / span;

/** Cells from which a bee has emerged within `days`: the sealed brood first, evenly over its ages, then what is open now. */
export function emergedWithin({ eggs, larvae, sealed }: Pick<RoomInput, 'eggs' | 'larvae' | 'sealed'>, days: number) {
  const [s, l, e] = [SEALED_WORKER_DAYS.value, OPEN_LARVA_DAYS.value, EGG_DAYS.value];
  return sealed * spent(days, 0, s) + larvae * spent(days, s, l) + eggs * spent(days, s + l, e);
}

/** Cells free for laying now: empty ones, and on a flow a part of what is still to be drawn. */
export function freeNow({ empty, undrawn, isFlow }: Pick<RoomInput, 'empty' | 'undrawn' | 'isFlow'>): number {
  return empty + (isFlow ? (undrawn * UNDRAWN_COUNTS.value) / 100 : 0);
}

/** Cells free for laying after `days`; below zero: she is out of room. */
export function roomAfter(input: RoomInput, days: number): number {
  return freeNow(input) + emergedWithin(input, days) - (input.layingPerDay + input.nectarPerDay) * days;
}

/**
 * Days of laying room: the first day on which the free cells are used up, {@link ROOM_AT_MOST} when that is not within sight; 0
 * when she is out of room already. Between the days on which one kind of brood has all emerged the balance falls or rises
 * evenly, so each stretch is solved at once.
 */
export function daysOfRoom(input: RoomInput): number {
  if (freeNow(input) < 0) return 0;
  const sealedOut = SEALED_WORKER_DAYS.value;
  const larvaeOut = sealedOut + OPEN_LARVA_DAYS.value;
  const bends = [0, sealedOut, larvaeOut, Math.min(larvaeOut + EGG_DAYS.value, ROOM_AT_MOST.value)];
  for (let i = 1; i < bends.length; i++) {
    const [from, to] = [bends[i - 1] as number, bends[i] as number];
    const start = roomAfter(input, from);
    const perDay = (roomAfter(input, to) - start) / (to - from);
    if (perDay >= 0) continue;
    // The first whole day after the balance has reached nothing.
    const day = from + Math.floor(rounded(start / -perDay)) + 1;
    if (day <= to) return day;
  }
  return ROOM_AT_MOST.value;
}

/** Sums of tenths are not exact in binary: a balance of nothing must not come out as a hair below it. */
const rounded = (value: number) => Math.round(value * 1e6) / 1e6;

/** With so few empty cells now, she is short of room whatever comes free later. */
export function isShortNow({ empty, layingPerDay }: Pick<RoomInput, 'empty' | 'layingPerDay'>): boolean {
  return layingPerDay > 0 && empty < SHORT_NOW.value * layingPerDay;
}

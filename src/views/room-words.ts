import type { Day } from '../core/calendar/day';
import { dayWords, rangeWords } from '../core/calendar/words';
import { ROOM_AT_MOST } from '../core/space/laying-room';
import type { Room } from '../core/space/room';

const BOUND_WORDS = {
  pollen: 'Hemmed in by pollen',
  nectar: 'Hemmed in by nectar',
  honey: 'Hemmed in by honey',
} as const;

/** The room of a hive in a headline and what it rests on. */
export interface RoomWords {
  readonly headline: string;
  readonly isPressing: boolean;
  readonly because: readonly string[];
}

/** Nobody counts eggs one by one: a number closer than this would say more than is known. */
const ROUND_TO = 50;
const about = (value: number): string => `about ${(Math.round(value / ROUND_TO) * ROUND_TO).toLocaleString('en-GB')}`;
const TREND_WORDS = {
  rising: ', rising for two weeks',
  steady: ', steady for two weeks',
  falling: ', falling for two weeks',
  unknown: '',
} as const;

export function roomWords({ rate, days, out, isShortNow, bound, course, unseen }: Room, today: Day): RoomWords {
  const free = course[0]?.low ?? 0;
  return {
    headline: headlineOf(),
    isPressing: bound !== null || isShortNow || (out !== null && out.from <= today),
    because: [
      rate.now > 0
        ? `She lays ${about(rate.now)} eggs a day${TREND_WORDS[rate.trend]}`
        : 'No eggs were found, so nobody can say when room would end',
      `Free to lay in: ${about(free)} cells`,
      ...(unseen > 0 ? [`Not looked at: ${about(unseen)} cells. The later day counts them as free`] : []),
      ...(bound
        ? [
            `Stores take ${Math.round(bound.stores * 100)} % of the drawn comb, pollen alone ${Math.round(bound.pollen * 100)} %`,
          ]
        : []),
      ...(isShortNow ? ['Empty cells for less than two days of laying'] : []),
    ],
  };

  function headlineOf(): string {
    const bounds = bound ? `${BOUND_WORDS[bound.by]}. ` : '';
    if (out && out.from <= today) return `${bounds}Out of laying room by now`;
    if (out?.to) return `${bounds}Out of laying room ${rangeWords({ from: out.from, to: out.to })}`;
    if (out) return `${bounds}Out of laying room from ${dayWords(out.from)} at the earliest`;
    if (bound) return BOUND_WORDS[bound.by];
    if (isShortNow) return 'Short of laying room now';
    if (rate.now === 0) return 'No eggs found';
    return days.byNow >= ROOM_AT_MOST.value ? 'Room for three weeks or more' : `Room for ${days.byNow} days`;
  }
}

import type { Day } from '../core/calendar/day';
import type { Hive } from '../core/space/hive';
import { ROOM_AT_MOST } from '../core/space/laying-room';
import { type EdgeFrames, nearEdge } from '../core/space/near-edge';
import type { RoomFigures } from '../core/space/nectar';
import { type HiveOnDay, knownFrom, type LaidBefore, type Room, roomOf } from '../core/space/room';
import { boxTitle } from './boxes';
import { dayWords, rangeWords } from './days';
import { HOLDS_WORDS } from './holds';
import { massWords } from './measures';

const BOUND_WORDS = {
  pollen: 'Pollen-bound',
  nectar: 'Nectar-bound',
  honey: 'Honey-bound',
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

/** The room that frames give as they are being told, before they are saved. */
export const surveyRoomWords = (found: HiveOnDay, figures: RoomFigures, before: LaidBefore, today: Day): RoomWords =>
  withEdge(roomWords(roomOf(found, figures, before), today), found, figures, before);

/** The room of a survey that is stored. */
export const storedRoomWords = (found: HiveOnDay, room: Room, figures: RoomFigures, today: Day): RoomWords =>
  withEdge(roomWords(room, today), found, figures, knownFrom(room));

function withEdge(words: RoomWords, found: HiveOnDay, figures: RoomFigures, before: LaidBefore): RoomWords {
  const edge = nearEdge(found, figures, before);
  return edge.length === 0 ? words : { ...words, because: [...words.because, edgeWords(edge, found.hive)] };
}

/** Which frames are worth a second look. Where each hangs was not told, so they are named by what they hold. */
function edgeWords(edge: readonly EdgeFrames[], hive: Hive): string {
  const boxes = hive.boxes.flatMap((box) => {
    const held = edge.filter(({ boxId }) => boxId === box.id).map(({ holds }) => HOLDS_WORDS[holds]);
    return held.length === 0 ? [] : [`${held.join(', ')} (${boxTitle(hive, box).toLowerCase()})`];
  });
  return `Near the edge: one frame misread would change this. Inspect the frames again of ${boxes.join(' and of ')}`;
}

export function roomWords(room: Room, today: Day): RoomWords {
  const { rate, days, out, isShortNow, bound, course, unseen, isCounted, nectarDecides, broodMovedOn } = room;
  const free = course[0]?.low ?? 0;
  return {
    headline: headlineOf(),
    isPressing: bound !== null || isShortNow || (out !== null && out.from <= today),
    because: [
      rate.now > 0
        ? `She lays ${about(rate.now)} eggs a day${TREND_WORDS[rate.trend]}`
        : 'No eggs were found, so no day for room can be given',
      `Free to lay in: ${about(free)} cells`,
      ...(isCounted && rate.now > 0
        ? ['Frames counted, not painted: there may be a quarter less brood, and the days allow for that']
        : []),
      ...(broodMovedOn !== null
        ? [`Brood was moved on ${dayWords(broodMovedOn)}: only what she laid since shows how fast she lays`]
        : []),
      ...(nectarDecides !== null
        ? [
            `With ${massWords(nectarDecides)} of nectar a day, which brings the day forward (you can change it in the settings)`,
          ]
        : []),
      ...(unseen > 0 ? [`Not inspected: ${about(unseen)} cells. The later day counts them as free`] : []),
      ...(bound
        ? [
            `Stores take ${Math.round(bound.stores * 100)}% of the drawn comb, pollen alone ${Math.round(bound.pollen * 100)}%`,
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

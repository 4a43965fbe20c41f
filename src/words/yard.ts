import type { YardMarkFact } from '../core/facts/yard';
import { HEAVY } from '../core/space/weight';
import type { NextStep } from '../core/yard/by-steps';
import { type BetterWay, type FlyersGo, JOINS_WITHIN_M, KEPT_OVER_KM, KEPT_UNDER_M } from '../core/yard/flyers';
import { weekdayWords } from './days';
import { listWords } from './list';
import { massWords, measured } from './measures';

const about = (bees: number): string => `about ${bees.toLocaleString('en-GB')}`;

/**
 * What becomes of a colony's flying bees: who loses them, who gains them, roughly how many.
 *
 * @param flyers null: nobody counted its seams
 */
export function flyersWords(
  moved: string,
  go: FlyersGo,
  flyers: number | null,
  nameOf: (id: string) => string,
): string {
  const name = nameOf(moved);
  const kept = {
    near: `The flying bees of ${name} come along: it goes less than {${KEPT_UNDER_M} m}.`,
    found: `The flying bees of ${name} go back to where it stood, and find it again: no other hive is nearer.`,
    far: `The flying bees of ${name} come along: over {${KEPT_OVER_KM} km} away nothing is known to them.`,
  };
  if (go.kind === 'kept') return measured(kept[go.because]);
  const who = `The flying bees of ${name}, ${flyers === null ? 'about a third of its bees' : about(flyers)},`;
  if (go.join.length === 0)
    return measured(
      `${who} go back to where it stood, and no hive is within {${JOINS_WITHIN_M} m} of it: they are lost.`,
    );
  const isShared = go.join.includes(moved);
  const names = listWords(go.join.filter((id) => id !== moved).map(nameOf));
  const each =
    flyers === null || go.join.length === 1 ? '' : `, ${about(Math.round(flyers / go.join.length / 100) * 100)} each`;
  if (isShared) return `${who} go back to where it stood: ${name} shares them with ${names}, as near to it${each}.`;
  const join = go.join.length === 1 ? `join ${names}` : `are shared by ${names}${each}`;
  return `${who} go back to where it stood and ${join}. ${name} is left with its house bees.`;
}

/** How its flying bees could be kept. */
export function betterWayWords(way: BetterWay): string {
  return way.kind === 'by-steps'
    ? measured(
        `Moved by less than {${KEPT_UNDER_M} m} a day it keeps them: ${way.days} days to there, on days on which the bees fly.`,
      )
    : measured(
        `Taken over {${KEPT_OVER_KM} km} away for ${way.days} days first, and brought to its new stand then, it keeps them. Or move it in winter, when no bee has flown for some weeks.`,
      );
}

const POINTS = ['north', 'north-east', 'east', 'south-east', 'south', 'south-west', 'west', 'north-west'] as const;

/** `south-east`: the nearest of eight. */
export const facingName = (degrees: number): string =>
  POINTS[Math.round((((degrees % 360) + 360) % 360) / 45) % POINTS.length] as string;

/** `Move Hazel by 0.9 m to the north-east`. */
export const stepWords = (name: string, { metres, bearing }: NextStep): string =>
  measured(`Move ${name} by {${Math.round(metres * 100) / 100} m} to the ${facingName(bearing)}`);

/** When it is there, and whether today is a day for it. */
export function stepWhy({ left, isDoneToday, thereOn }: NextStep, bees: 'fly' | 'stay-in' | 'unknown'): string {
  const days = left === 1 ? 'The last step' : `${left} more steps`;
  const when =
    left === 1 && !isDoneToday ? `${days}.` : `${days}, a day each: there on ${weekdayWords(thereOn)} at the earliest.`;
  if (isDoneToday) return `Done today. ${when}`;
  return bees === 'stay-in' ? `No bees fly today: leave it for a day on which they do. ${when}` : when;
}

/** What a hive wants on the road, in the order in which it is done. */
export const onTheRoad = (stackKg: number | null): readonly string[] => [
  'Moving bees may have to be reported, and may be forbidden near an outbreak of disease: ask your bee inspector first.',
  stackKg === null
    ? 'Its frames were never surveyed, so its weight is not known: take the supers off first, and lift it with a second person.'
    : `Its boxes weigh about ${massWords(Math.round(stackKg))}, floor and roof apart: ${
        stackKg > HEAVY.value ? 'take supers off first, and lift with two.' : 'lift with two where you can.'
      }`,
  'Strap floor, boxes and roof together. Put mesh above or below: shut in without air bees die within the hour on a warm day.',
  'Shut the entrance at dusk or before dawn, when all are home; not in the heat of the day.',
  'Frames in line with the car, front to back. Do not stop on the way; have a veil within reach.',
  'Open the entrance as soon as it stands, even in the dark, and lean a branch before it.',
];

/** A young queen who flies from there. */
export const VIRGIN_MOVED =
  'A young queen flies from this hive, or soon will: moved now, she may not find it again. Leave it where it is until she lays.';

/** What else is at an apiary, on its map. */
export const YARD_MARK_WORDS: { readonly [K in YardMarkFact['kind']]: string } = {
  path: 'Path',
  hedge: 'Hedge',
  shed: 'Shed',
  neighbour: 'Neighbour',
  water: 'Water',
  'way-mark': 'Way-mark',
};

export const wayMarkWords = (names: readonly string[]): string =>
  `Put a way-mark, a branch or a stone, in front of ${listWords(names)}: a young queen flies from there, and a hive beside it faces alike.`;

/** Asked of a move to another apiary. */
export const isFarQuestion = (): string => measured(`It is over {${KEPT_OVER_KM} km} away as the bees fly`);

import { type Day, daysBetween } from '../../calendar/day';
import { hiddenAgeOf, type Thoroughness } from '../../cells/thoroughness';
import { nextInspection } from '../../inspections/next-inspection';
import type { Because } from '../because';
import { cellLook, dryCup } from '../cell-look';
import type { Answers, Exercise, Level, OnFrame } from '../exercise';
import { isSearch, type Search, THOROUGHNESS_OF } from '../search';
import { drawsOf } from '../stream';
import { TENDER } from './not-shaken';

/** Places where cells hang, and how well they are seen: from the left and the top of the frame. */
const SPOTS = [
  { place: 'bottom', x: 0.2, y: 1 },
  { place: 'bottom', x: 0.42, y: 1 },
  { place: 'bottom', x: 0.66, y: 1 },
  { place: 'bottom', x: 0.88, y: 1 },
  { place: 'edge', x: 0.03, y: 0.8 },
  { place: 'edge', x: 0.97, y: 0.72 },
  { place: 'edge', x: 0.03, y: 0.45 },
  { place: 'face', x: 0.34, y: 0.5 },
  { place: 'face', x: 0.6, y: 0.36 },
  { place: 'face', x: 0.72, y: 0.62 },
] as const;

const BETTER: readonly Thoroughness[] = ['tip-up', 'bees-on', 'cleared'];

/** What is seen of some things when the frame is searched so. */
export const seenWhen = (things: readonly OnFrame[], thoroughness: Thoroughness): readonly OnFrame[] =>
  things.filter(({ seenBy }) => BETTER.indexOf(seenBy) <= BETTER.indexOf(thoroughness));

const searchedAs = ({ searched }: Answers): Thoroughness =>
  isSearch(searched) ? THOROUGHNESS_OF[searched] : 'bees-on';

/** What a search of some things left unseen, and whether it hurt any of them: what is said once it is answered. */
export function afterSearch(things: readonly OnFrame[], search: Search): readonly Because[] {
  const hidden = things.length - seenWhen(things, THOROUGHNESS_OF[search]).length;
  const hurt = search === 'shaken' ? things.filter(({ isTender }) => isTender).length : 0;
  return [
    ...(hidden > 0 ? [{ code: 'hidden-by-bees', count: hidden } as const] : []),
    ...(hurt > 0 ? [{ code: 'shaken-tender', count: hurt, ...TENDER } as const] : []),
  ];
}

/** A frame covered with bees: how it is searched, which cells are on it, and when to be back for what may have been missed. */
export function findAll(seed: number, level: Level, today: Day): Exercise {
  const draws = drawsOf(seed, 'find-all');
  const spots = draws.shuffled(SPOTS);
  const cells = draws.whole(level === 1 ? 1 : 2, level === 3 ? 5 : 3);
  const things = spots.slice(0, cells + draws.whole(1, 3)).map((spot, i): OnFrame => {
    const isCup = i >= cells;
    const age = draws.between(0, 14);
    const look = isCup ? dryCup(seed + i) : cellLook('queen', age, seed + i);
    // Under the bees only what is no older than the rule allows for stays unseen; from below only what hangs at the bottom is seen at all.
    const mayHide = age < (hiddenAgeOf('bees-on') ?? 0);
    const isUnderBees = !isCup && mayHide && draws.happens(0.7);
    const isFromBelow = spot.place === 'bottom' && !isUnderBees && draws.happens(0.6);
    return {
      id: String(i),
      look,
      ...spot,
      seenBy: isUnderBees ? 'cleared' : isFromBelow ? 'tip-up' : 'bees-on',
      isTender: !isCup && age >= TENDER.from && age < TENDER.to + 1,
    };
  });
  const live = things.filter(({ look }) => look.egg || look.larva || look.capping);
  return {
    kind: 'find-all',
    seed,
    level,
    shows: { kind: 'frame', things },
    asks: [
      {
        code: 'found',
        kind: 'all-of',
        options: things.map(({ id }) => id),
        right: (answers) => ({ is: 'all-of', ids: seenWhen(live, searchedAs(answers)).map(({ id }) => id) }),
      },
      {
        code: 'back-in',
        kind: 'days',
        options: [],
        right: (answers) => {
          const asked = { on: today, cellsRemoved: false, clipped: false, alreadyDue: null };
          const { latest } = nextInspection({ ...asked, thoroughness: searchedAs(answers) });
          const days = daysBetween(today, latest);
          return { is: 'days', between: { from: days, to: days } };
        },
      },
    ],
    skill: live.some(({ seenBy }) => seenBy === 'cleared') ? 'hidden' : 'open',
    because: [],
  };
}

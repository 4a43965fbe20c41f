import { type Day, daysBetween } from '../../calendar/day';
import type { Window } from '../../calendar/window';
import { dateCell } from '../../cells/dating';
import { type CellStage, STAGES } from '../../cells/stage';
import { cellLook, dryCup, stagesOf } from '../cell-look';
import { type Ask, CANNOT_TELL, type Exercise, type Level, type Right } from '../exercise';
import { drawsOf } from '../stream';

const OPTIONS: { readonly [L in Level]: readonly string[] } = {
  1: ['cup-dry', 'egg', 'larva-small', 'larva-large', 'sealed', 'emerged'],
  2: ['cup-dry', 'egg', 'larva-small', 'larva-large', 'sealed-fresh', 'sealed-ripe', 'emerged', 'torn-down'],
  3: [
    'cup-dry',
    'egg-upright',
    'egg-leaning',
    'egg-flat',
    'larva-small',
    'larva-large',
    'sealed-fresh',
    'sealed-ripe',
    'queen-moving',
    'emerged',
    'torn-down',
    CANNOT_TELL,
  ],
};
const OLDEST = 18;

/** The days from today to those of a window; null: it has none, or all of it is over. */
function ahead(windows: readonly (Window | null)[], today: Day): Right {
  const known = windows.filter((window) => window !== null);
  if (known.length === 0) return { is: 'days', between: null };
  const from = Math.min(...known.map(({ earliest }) => daysBetween(today, earliest)));
  const to = Math.max(...known.map(({ latest }) => daysBetween(today, latest)));
  return to < 0 ? { is: 'days', between: null } : { is: 'days', between: { from: Math.max(0, from), to } };
}

/** One cell among its neighbours: which stage, in how many days it is sealed, in how many she is out. */
export function readCell(seed: number, level: Level, today: Day): Exercise {
  const draws = drawsOf(seed, 'read-cell');
  const isCup = draws.happens(0.07);
  const age = draws.between(0, OLDEST);
  const isTorn = level > 1 && age > 8 && draws.happens(0.15);
  const look = isCup ? dryCup(seed) : cellLook('queen', age, seed, isTorn ? 'torn-down' : 'emerges');
  const isTipSeen = level < 3 || !look.capping || look.end !== null || draws.happens(0.7);
  const told = isCup ? (['cup-dry'] as const) : stagesOf(age, look, isTipSeen);
  const options = OPTIONS[level];
  // Where the finer names are not offered, the plain one of the group is right.
  const named = told.filter((stage) => options.includes(stage));
  const right = named.length > 0 ? named : [isTipSeen ? (told.at(-1) as CellStage) : CANNOT_TELL];
  const dated = told.map((stage) =>
    dateCell({ sights: [{ on: today, stage, index: 0 }], checks: [], queenRemoved: null }),
  );
  const isOpen = look.egg !== null || look.larva !== null;
  const isLive = isOpen || (look.capping !== null && look.end !== 'open-tip' && look.end !== 'torn-side');
  const asks: readonly Ask[] = [
    { code: 'stage', kind: 'choice', options, right: () => ({ is: 'choice', oneOf: right }) },
    {
      code: 'sealed-in',
      kind: 'days',
      options: [],
      right: () =>
        isOpen
          ? ahead(
              dated.map(({ sealing }) => sealing),
              today,
            )
          : { is: 'days', between: null },
    },
    {
      code: 'out-in',
      kind: 'days',
      options: [],
      right: () =>
        isLive
          ? ahead(
              dated.map(({ emergence }) => emergence),
              today,
            )
          : { is: 'days', between: null },
    },
  ];
  const neighbours = [0, 1].map((i) =>
    draws.happens(0.3) ? dryCup(seed + i + 1) : cellLook('queen', draws.between(0, OLDEST), seed + i + 1),
  );
  const [first, second] = neighbours as [(typeof neighbours)[number], (typeof neighbours)[number]];
  const [stage] = told;
  const ages = stage ? STAGES[stage].ages : null;
  return {
    kind: 'read-cell',
    seed,
    level,
    shows: { kind: 'cell', looks: [first, look, second], asked: 1, isTipSeen },
    asks,
    skill: stage ?? 'cup-dry',
    because: [
      ...(stage && ages ? [{ code: 'stage-is' as const, stage, from: ages.from, to: ages.to }] : []),
      ...(isTipSeen ? [] : [{ code: 'tip-hidden' as const }]),
      ...(isCup ? [] : [{ code: 'age-was' as const, days: Math.floor(age) }]),
      ...(isLive ? [{ code: 'seals-and-emerges' as const }] : []),
    ],
  };
}

import { lastLaid } from '../../brood/last-laid';
import { showsEggs } from '../../brood/youngest';
import { type Day, daysBetween } from '../../calendar/day';
import type { Exercise, Level } from '../exercise';
import { type Layer, patchOf, youngestOn } from '../patch';
import { drawsOf } from '../stream';

/** What can be said of a queen by her brood. */
export const BROOD_SAYS = ['lays', 'not-laying', 'drone-laying', 'cannot-tell'] as const;

/** A piece of comb: when was the last egg laid, and what does it say of the queen? */
export function readBrood(seed: number, level: Level, today: Day): Exercise {
  const draws = drawsOf(seed, 'read-brood');
  const layer: Layer =
    level === 1 || draws.happens(0.6)
      ? draws.happens(0.15)
        ? 'patchy-queen'
        : 'queen'
      : draws.oneOf(['drone-layer', 'laying-workers']);
  const isDroneLaying = layer === 'drone-layer' || layer === 'laying-workers';
  const last = isDroneLaying ? draws.between(0, 2) : draws.happens(0.45) ? draws.between(0, 2.9) : draws.between(3, 21);
  const patch = patchOf({ layer, lastLaid: last, since: last + draws.between(9, 18) }, seed);
  const youngest = youngestOn(patch);
  const { lastLaid: laid } = lastLaid({ on: today, youngest, eggsLookedFor: true, lastEggsSeen: null });
  const ago = (day: Day) => daysBetween(day, today);
  const between = laid === null ? null : { from: ago(laid.to), to: laid.from === null ? 99 : ago(laid.from) };
  const says = isDroneLaying ? 'drone-laying' : showsEggs(youngest) ? 'lays' : 'not-laying';
  return {
    kind: 'read-brood',
    seed,
    level,
    shows: { kind: 'patch', patch, isQueenSeen: false },
    asks: [
      { code: 'laid-ago', kind: 'days', options: [], right: () => ({ is: 'days', between }) },
      {
        code: 'says',
        kind: 'choice',
        options: level === 1 ? ['lays', 'not-laying'] : BROOD_SAYS,
        right: () => ({ is: 'choice', oneOf: [says] }),
      },
    ],
    skill: isDroneLaying ? 'drone-laying' : youngest,
    because: [
      ...(laid === null
        ? []
        : [
            {
              code: 'youngest-is' as const,
              youngest,
              from: laid.from === null ? null : ago(laid.from),
              to: ago(laid.to),
            },
          ]),
      ...(layer === 'queen' ? [] : [{ code: 'laid-by' as const, layer }]),
    ],
  };
}

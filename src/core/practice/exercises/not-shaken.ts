import { figure } from '../../biology/figure';
import type { Exercise, FrameAsked, Level } from '../exercise';
import { drawsOf } from '../stream';

/** A queen cell of these ages is hurt by a knock or by cold. */
export const TENDER = {
  from: figure('a-cell-must-not-be-shaken-from', 8, 'days-since-laid', 'queenRearing').value,
  to: figure('a-cell-must-not-be-shaken-until', 13, 'days-since-laid', 'queenRearing').value,
};

const HOLDS = ['brood', 'stores', 'kept-cell', 'cell-to-go'] as const;

/** May a frame be shaken? Never with a cell that is kept, nor with one that goes elsewhere while it is tender or may be. */
export const mayShake = ({ holds, cellAge }: Pick<FrameAsked, 'holds' | 'cellAge'>): boolean => {
  if (holds === 'kept-cell') return false;
  if (holds !== 'cell-to-go' || cellAge === null) return true;
  return cellAge.to < TENDER.from || cellAge.from > TENDER.to;
};

/** Some frames of a hive that is searched: which of them must not be shaken? */
export function notShaken(seed: number, level: Level): Exercise {
  const draws = drawsOf(seed, 'not-shaken');
  const frames = Array.from({ length: level === 1 ? 4 : 6 }, (_, i): FrameAsked => {
    const holds = draws.oneOf(HOLDS);
    const from = draws.whole(3, 14);
    const hasCell = holds === 'kept-cell' || holds === 'cell-to-go';
    return {
      id: String(i),
      holds,
      cellAge: hasCell ? { from, to: from + (level === 3 ? draws.whole(0, 4) : 1) } : null,
    };
  });
  const tender = frames.filter((frame) => !mayShake(frame)).map(({ id }) => id);
  return {
    kind: 'not-shaken',
    seed,
    level,
    shows: { kind: 'frames', frames },
    asks: [
      {
        code: 'not-shaken',
        kind: 'all-of',
        options: frames.map(({ id }) => id),
        right: () => ({ is: 'all-of', ids: tender }),
      },
    ],
    skill: tender.length === 0 ? 'none' : 'some',
    because: [{ code: 'kept-never-shaken' }, { code: 'tender-age', ...TENDER }],
  };
}

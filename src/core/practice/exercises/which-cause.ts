import { type Cause, type CellsSeen, causeOfCells } from '../../cells/cause';
import type { CellPlace } from '../../cells/place';
import { cellLook, stagesOf } from '../cell-look';
import { CANNOT_TELL, type Exercise, type Level } from '../exercise';
import { drawsOf } from '../stream';

const CHOICES = ['swarm', 'supersedure', 'emergency', CANNOT_TELL] as const;

/** Some cells, where they hang, and whether there are eggs: why are they there? That it cannot be told is an answer like any other. */
export function whichCause(seed: number, level: Level): Exercise {
  const draws = drawsOf(seed, 'which-cause');
  const meant = draws.oneOf(['swarm', 'supersedure', 'emergency', 'mixed']);
  const count =
    meant === 'swarm'
      ? draws.whole(3, 9)
      : meant === 'supersedure'
        ? draws.whole(1, 3)
        : draws.whole(2, level === 1 ? 4 : 7);
  const about = draws.between(4, 12);
  const spread = meant === 'swarm' || meant === 'mixed' ? 5 : 1.2;
  const places: readonly [CellPlace, ...CellPlace[]] =
    meant === 'swarm' ? ['bottom', 'bottom', 'edge', 'face'] : ['face'];
  const cells = Array.from({ length: count }, (_, i) => {
    const age = Math.min(14, Math.max(meant === 'emergency' ? 3.2 : 0, about + draws.between(-spread, spread)));
    return { age, look: cellLook('queen', age, seed + i), place: draws.oneOf(places) };
  });
  const eggs = meant === 'emergency' ? 'none' : draws.happens(meant === 'mixed' ? 0.6 : 0.95) ? 'seen' : 'none';
  const isQueenGone = meant === 'emergency' && draws.happens(0.3);
  const seen: readonly CellsSeen[] = cells.map(({ age, look, place }) => ({
    stage: stagesOf(age, look).at(-1) ?? 'sealed',
    count: 1,
    place,
  }));
  const cause = causeOfCells(seen, eggs, isQueenGone) as Cause;
  return {
    kind: 'which-cause',
    seed,
    level,
    shows: { kind: 'cells', cells: cells.map(({ look, place }) => ({ look, place })), eggs, isQueenGone },
    asks: [
      {
        code: 'cause',
        kind: 'choice',
        options: CHOICES,
        right: () => ({ is: 'choice', oneOf: [cause === 'unclear' ? CANNOT_TELL : cause] }),
      },
    ],
    skill: cause,
    because: [{ code: 'cause-is', cause }],
  };
}

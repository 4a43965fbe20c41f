import type { YardMarkFact } from '../../core/facts/yard';
import type { Point } from '../../core/yard/flyers';

/** Units of the drawing in a metre. */
export const CM = 100;
const MARGIN_M = 2;
const LEAST_M = { width: 12, height: 6 };

/** The part of the ground that is drawn, in centimetres, north up. */
export function groundOf(stands: readonly Point[], marks: readonly YardMarkFact[]) {
  const points = [
    ...stands,
    ...marks.flatMap(({ x1, y1, x2, y2 }) => [
      { x: x1, y: y1 },
      { x: x2, y: y2 },
    ]),
  ];
  const span = (list: readonly number[], least: number) => {
    const [from, to] = list.length === 0 ? [0, 0] : [Math.min(...list), Math.max(...list)];
    const wide = Math.max(to - from + 2 * MARGIN_M, least);
    const middle = (from + to) / 2;
    return { from: middle - wide / 2, wide };
  };
  const across = span(
    points.map(({ x }) => x),
    LEAST_M.width,
  );
  const up = span(
    points.map(({ y }) => y),
    LEAST_M.height,
  );
  return {
    x: across.from * CM,
    y: -(up.from + up.wide) * CM,
    width: across.wide * CM,
    height: up.wide * CM,
  };
}

export const drawnAt = ({ x, y }: Point) => ({ x: x * CM, y: -y * CM });

/** To the centimetre. */
export const toCm = (metres: number): number => Math.round(metres * CM) / CM;

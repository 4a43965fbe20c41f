import type { IntentionView } from '../../views/season-plan-view';
import { DAY_PX } from '../season/scale';

const LETTER_PX = 6.5;
const EDGE_PX = 14;

/** On which line below one another the labels of what is meant stand, so that none lies on another at the usual width of a day. */
export function lanesOf(
  intentions: readonly Pick<IntentionView, 'label' | 'on' | 'isIfCells' | 'status'>[],
): readonly number[] {
  const taken: { readonly from: number; readonly to: number }[][] = [];
  return intentions.map(({ label, on, isIfCells, status }) => {
    const days = (label.length * LETTER_PX + EDGE_PX) / DAY_PX.usual;
    const from = isIfCells && status !== 'begun' ? on : on + 0.5 - days / 2;
    const span = { from, to: from + days };
    let lane = taken.findIndex((line) => line.every((other) => other.to <= span.from || other.from >= span.to));
    if (lane < 0) lane = taken.length;
    taken[lane] = [...(taken[lane] ?? []), span];
    return lane;
  });
}

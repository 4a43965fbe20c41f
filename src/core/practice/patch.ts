import { EGG_HATCHES, WORKER_CELL_SEALED, WORKER_EMERGES } from '../biology/development';
import type { YoungestBrood } from '../brood/youngest';
import { drawsOf } from './stream';

/** What one cell of a comb holds, as far as it can be seen. */
export type CombCell =
  | { readonly holds: 'empty' | 'pollen' | 'nectar' | 'honey' }
  /** Eggs, each from upright (0) to flat (90), and whether they lie on the floor or at the wall. */
  | { readonly holds: 'eggs'; readonly leans: readonly number[]; readonly atWall: boolean }
  /** Length as a share of what fills the cell. */
  | { readonly holds: 'larva'; readonly length: number }
  /** Flat over workers, domed over drones. */
  | { readonly holds: 'sealed'; readonly isDomed: boolean };

export const LAYERS = ['queen', 'patchy-queen', 'drone-layer', 'laying-workers'] as const;
/** Who laid there: a queen, one whose brood has gaps, one who has no sperm left, or workers. */
export type Layer = (typeof LAYERS)[number];

export interface BroodHistory {
  readonly layer: Layer;
  /** Days ago that the last egg was laid. */
  readonly lastLaid: number;
  /** Days ago that the first of this brood was laid, a longer time. */
  readonly since: number;
}

/** A piece of comb, row by row. */
export interface Patch {
  readonly columns: number;
  readonly rows: number;
  readonly cells: readonly CombCell[];
}

const COLUMNS = 15;
const ROWS = 9;

/**
 * A piece of comb by what was laid in it: a queen lays from the middle outwards in rings, over brood that emerged; a patchy one leaves gaps; a
 * drone layer does the same into worker cells, under domes; workers lay several eggs to a cell, at the walls, anywhere.
 */
export function patchOf({ layer, lastLaid, since }: BroodHistory, seed: number): Patch {
  const draws = drawsOf(seed, 'patch');
  const centre = { x: COLUMNS / 2 + draws.between(-1, 1), y: ROWS / 2 + draws.between(-0.6, 0.6) };
  const reach = COLUMNS * draws.between(0.4, 0.46);
  const cells = Array.from({ length: COLUMNS * ROWS }, (_, i): CombCell => {
    const [x, y] = [i % COLUMNS, Math.floor(i / COLUMNS)];
    const ring = Math.hypot(x - centre.x, (y - centre.y) * 1.45) / reach;
    const wobble = draws.between(-0.5, 0.5);
    if (layer === 'laying-workers') {
      if (ring > 1.1 || draws.happens(0.45)) return draws.happens(0.2) ? { holds: 'pollen' } : { holds: 'empty' };
      return broodAt(draws.between(lastLaid, Math.max(lastLaid, since)), layer, seed + i);
    }
    if (ring > 1.15) return { holds: ring > 1.4 ? 'honey' : draws.happens(0.7) ? 'pollen' : 'nectar' };
    const gaps = layer === 'queen' ? 0.04 : layer === 'patchy-queen' ? 0.4 : 0.25;
    if (ring > 1 || draws.happens(gaps)) return { holds: 'empty' };
    // The middle was laid first, the rim last.
    const age = Math.max(lastLaid, since - (since - lastLaid) * ring + wobble);
    return broodAt(age, layer, seed + i);
  });
  // Wherever she laid last there is some of it, however the rings fell.
  const at = cells.findIndex((cell) => cell.holds === 'empty');
  const youngest = broodAt(lastLaid, layer, seed);
  return {
    columns: COLUMNS,
    rows: ROWS,
    cells:
      lastLaid > WORKER_EMERGES.value.early || at < 0 ? cells : cells.map((cell, i) => (i === at ? youngest : cell)),
  };
}

/** A cell whose egg was laid so many days ago; empty again once the bee is out. */
function broodAt(age: number, layer: Layer, seed: number): CombCell {
  const draws = drawsOf(seed, 'brood');
  const isDrone = layer === 'drone-layer' || layer === 'laying-workers';
  if (age < EGG_HATCHES.value) {
    const count = layer === 'laying-workers' ? draws.whole(2, 4) : 1;
    const leans = Array.from({ length: count }, () => Math.min(90, Math.max(0, (age / 3) * 90 + draws.between(-6, 6))));
    return { holds: 'eggs', leans, atWall: layer === 'laying-workers' };
  }
  const sealed = WORKER_CELL_SEALED.value.typical + (isDrone ? 1 : 0);
  if (age < sealed) return { holds: 'larva', length: Math.max(0.08, ((age - 3) / (sealed - 3)) ** 1.6) };
  return age < WORKER_EMERGES.value.typical + (isDrone ? 3 : 0)
    ? { holds: 'sealed', isDomed: isDrone }
    : { holds: 'empty' };
}

/** A larva this long is a big one. */
const BIG_LARVA = 0.3;

/** The youngest brood that can be seen on a patch. */
export function youngestOn({ cells }: Patch): YoungestBrood {
  const eggs = cells.flatMap((cell) => (cell.holds === 'eggs' ? cell.leans : []));
  if (eggs.some((lean) => lean < 25)) return 'eggs-upright';
  if (eggs.length > 0) return 'eggs';
  const larvae = cells.flatMap((cell) => (cell.holds === 'larva' ? [cell.length] : []));
  if (larvae.some((length) => length < BIG_LARVA)) return 'larvae-small';
  if (larvae.length > 0) return 'larvae-large';
  return cells.some(({ holds }) => holds === 'sealed') ? 'sealed' : 'none';
}

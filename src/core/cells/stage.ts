import { figure } from '../biology/figure';

/** The stages of a queen cup or cell, in the order in which a cell passes through them. */
export const CELL_STAGES = [
  'cup-dry',
  'egg',
  'egg-upright',
  'egg-leaning',
  'egg-flat',
  'larva-small',
  'larva-large',
  'sealed',
  'sealed-fresh',
  'sealed-ripe',
  'queen-moving',
  'emerged',
  'torn-down',
  'removed',
] as const;

export type CellStage = (typeof CELL_STAGES)[number];

/** What a stage amounts to: no brood yet, egg or larva in an open cell, closed, or over. */
export type StageGroup = 'dry' | 'egg' | 'larva' | 'sealed' | 'over';

interface StageFacts {
  readonly group: StageGroup;
  /** Ages in days since laying at which this is seen; `to` null: from then on; null: says nothing of age. */
  readonly ages: { readonly from: number; readonly to: number | null } | null;
  /** Place in a cell's life. A later sight of a lower rank contradicts; null stands outside the order. */
  readonly rank: number | null;
}

/** What each stage tells. Ages are whole days since laying, inclusive. */
export const STAGES: { readonly [S in CellStage]: StageFacts } = {
  'cup-dry': { group: 'dry', ages: null, rank: 0 },
  egg: { group: 'egg', ages: { from: 0, to: 3 }, rank: 1 },
  'egg-upright': { group: 'egg', ages: { from: 0, to: 1 }, rank: 1 },
  'egg-leaning': { group: 'egg', ages: { from: 1, to: 2 }, rank: 1 },
  'egg-flat': { group: 'egg', ages: { from: 2, to: 3 }, rank: 1 },
  'larva-small': { group: 'larva', ages: { from: 3, to: 5 }, rank: 2 },
  'larva-large': { group: 'larva', ages: { from: 5, to: 9 }, rank: 3 },
  sealed: { group: 'sealed', ages: { from: 7, to: 17 }, rank: 4 },
  'sealed-fresh': { group: 'sealed', ages: { from: 7, to: 12 }, rank: 4 },
  'sealed-ripe': { group: 'sealed', ages: { from: 13, to: 17 }, rank: 4 },
  'queen-moving': { group: 'sealed', ages: { from: 15, to: 24 }, rank: 5 },
  emerged: { group: 'over', ages: { from: 15, to: null }, rank: 6 },
  'torn-down': { group: 'over', ages: { from: 7, to: null }, rank: 6 },
  removed: { group: 'over', ages: null, rank: null },
};

for (const stage of CELL_STAGES) {
  const { ages } = STAGES[stage];
  if (!ages) continue;
  if (ages.to !== null && ages.to < ages.from) throw new Error(`Stage ${stage} runs backwards`);
  const source = stage.startsWith('egg-') ? 'eggPosture' : 'development';
  figure(`cell-${stage}-from`, ages.from, 'days-since-laid', source);
  if (ages.to !== null) figure(`cell-${stage}-until`, ages.to, 'days-since-laid', source);
}

export function isEgg(stage: CellStage): boolean {
  return STAGES[stage].group === 'egg';
}

export function isLarva(stage: CellStage): boolean {
  return STAGES[stage].group === 'larva';
}

/** An egg or a larva lies in it. A dry cup is not meant. */
export function isOpenCell(stage: CellStage): boolean {
  const { group } = STAGES[stage];
  return group === 'egg' || group === 'larva';
}

/** Closed, with a queen moving inside it or not. */
export function isSealed(stage: CellStage): boolean {
  return STAGES[stage].group === 'sealed';
}

/** A queen may still come of it: an egg or a larva in it, or closed. */
export function isLive(stage: CellStage): boolean {
  const { group } = STAGES[stage];
  return group !== 'dry' && group !== 'over';
}

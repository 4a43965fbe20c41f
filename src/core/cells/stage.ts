import { figure } from '../biology/figure';
import { SOURCES } from '../biology/sources';

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
  /** Short name. */
  readonly name: string;
  /** What is to be seen. */
  readonly look: string;
}

/** What each stage tells. Ages are whole days since laying, inclusive. */
export const STAGES: { readonly [S in CellStage]: StageFacts } = {
  'cup-dry': { group: 'dry', ages: null, rank: 0, name: 'dry cup', look: 'a cup with no egg and no jelly' },
  egg: { group: 'egg', ages: { from: 0, to: 3 }, rank: 1, name: 'egg', look: 'a cup with an egg' },
  'egg-upright': {
    group: 'egg',
    ages: { from: 0, to: 1 },
    rank: 1,
    name: 'upright egg',
    look: 'the egg stands on its end',
  },
  'egg-leaning': {
    group: 'egg',
    ages: { from: 1, to: 2 },
    rank: 1,
    name: 'leaning egg',
    look: 'the egg has begun to lean',
  },
  'egg-flat': {
    group: 'egg',
    ages: { from: 2, to: 3 },
    rank: 1,
    name: 'egg lying flat',
    look: 'the egg lies on the floor of the cup',
  },
  'larva-small': {
    group: 'larva',
    ages: { from: 3, to: 5 },
    rank: 2,
    name: 'small larva',
    look: 'a tiny larva on a film of jelly',
  },
  'larva-large': {
    group: 'larva',
    ages: { from: 5, to: 9 },
    rank: 3,
    name: 'charged (large larva)',
    look: 'a fat curled larva on deep white jelly, walls being drawn down',
  },
  sealed: {
    group: 'sealed',
    ages: { from: 7, to: 17 },
    rank: 4,
    name: 'sealed',
    look: 'sealed; its age cannot be read',
  },
  'sealed-fresh': {
    group: 'sealed',
    ages: { from: 7, to: 12 },
    rank: 4,
    name: 'sealed, fresh',
    look: 'sealed and pale, the tip smooth with wax',
  },
  'sealed-ripe': {
    group: 'sealed',
    ages: { from: 13, to: 17 },
    rank: 4,
    name: 'sealed, ripe',
    look: 'sealed, the tip stripped to the brown cocoon',
  },
  'queen-moving': {
    group: 'sealed',
    ages: { from: 15, to: 24 },
    rank: 5,
    name: 'queen moving inside',
    look: 'the lid is being cut, or movement or quacking is heard',
  },
  emerged: {
    group: 'over',
    ages: { from: 15, to: null },
    rank: 6,
    name: 'emerged',
    look: 'a round lid hinged at the tip, or gone',
  },
  'torn-down': {
    group: 'over',
    ages: { from: 7, to: null },
    rank: 6,
    name: 'torn down',
    look: 'a hole in the side: a rival or the workers destroyed it',
  },
  removed: {
    group: 'over',
    ages: null,
    rank: null,
    name: 'broken down',
    look: 'cut out, broken down or damaged by the keeper',
  },
};

for (const stage of CELL_STAGES) {
  const { ages, name } = STAGES[stage];
  if (!ages) continue;
  if (ages.to !== null && ages.to < ages.from) throw new Error(`Stage ${stage} runs backwards`);
  figure(
    `Queen cell seen as ${name}, from`,
    ages.from,
    'days since the egg was laid',
    stage.startsWith('egg-') ? SOURCES.eggPosture : SOURCES.development,
  );
  if (ages.to !== null) {
    figure(
      `Queen cell seen as ${name}, until`,
      ages.to,
      'days since the egg was laid',
      stage.startsWith('egg-') ? SOURCES.eggPosture : SOURCES.development,
    );
  }
}

export function isEgg(stage: CellStage): boolean {
  return STAGES[stage].group === 'egg';
}

export function isLarva(stage: CellStage): boolean {
  return STAGES[stage].group === 'larva';
}

/** An egg or a larva lies in it. A dry cup is not meant. */
export function isOpenCell(stage: CellStage): boolean {
  return isEgg(stage) || isLarva(stage);
}

/** Closed, with a queen moving inside it or not. */
export function isSealed(stage: CellStage): boolean {
  return STAGES[stage].group === 'sealed';
}

/** A queen may still come of it: an egg or a larva in it, or closed. */
export function isLive(stage: CellStage): boolean {
  return isOpenCell(stage) || isSealed(stage);
}

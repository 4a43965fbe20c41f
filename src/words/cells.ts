import type { CellPlace } from '../core/cells/place';
import type { CellSays } from '../core/cells/says';
import type { CellStage } from '../core/cells/stage';
import type { CellFinding } from '../core/colony/facts';
import { dayWords, rangeWords } from './days';
import type { Words } from './words';

/** What each stage is called, and what is to be seen. */
export const STAGE_WORDS: { readonly [S in CellStage]: { readonly name: string; readonly look: string } } = {
  'cup-dry': { name: 'dry cup', look: 'a cup with no egg and no jelly' },
  egg: { name: 'egg', look: 'a cup with an egg' },
  'egg-upright': { name: 'upright egg', look: 'the egg stands on its end' },
  'egg-leaning': { name: 'leaning egg', look: 'the egg has begun to lean' },
  'egg-flat': { name: 'egg lying flat', look: 'the egg lies on the floor of the cup' },
  'larva-small': { name: 'small larva', look: 'a tiny larva on a film of jelly' },
  'larva-large': {
    name: 'charged (large larva)',
    look: 'a fat curled larva on deep white jelly, walls being drawn down',
  },
  sealed: { name: 'sealed', look: 'sealed; its age cannot be read' },
  'sealed-fresh': { name: 'sealed, fresh', look: 'sealed and pale, the tip smooth with wax' },
  'sealed-ripe': { name: 'sealed, ripe', look: 'sealed, the tip stripped to the brown cocoon' },
  'queen-moving': { name: 'queen moving inside', look: 'the lid is being cut, or movement or quacking is heard' },
  emerged: { name: 'emerged', look: 'a round lid hinged at the tip, or gone' },
  'torn-down': { name: 'torn down', look: 'a hole in the side: a rival or the workers destroyed it' },
  removed: { name: 'broken down', look: 'cut out, broken down or damaged by the keeper' },
};

export const CELL_PLACE_WORDS: { readonly [P in CellPlace]: string } = {
  'not-said': 'place not noted',
  bottom: 'bottom bar',
  edge: 'side edge',
  face: 'face of the comb',
};

/** What was found of a cell, in a few words. */
export function findingWords(found: CellFinding): string {
  return found === 'not-found' ? 'gone' : STAGE_WORDS[found].name;
}

const BRIEF: { readonly [S in CellStage]?: string } = { 'larva-large': 'charged', 'queen-moving': 'queen moving' };

/** A stage on a button: as much of its name as there is room for. */
export const briefStage = (stage: CellStage): string => BRIEF[stage] ?? STAGE_WORDS[stage].name;

/** How a cell is dated, and what is wrong with it. */
export const cellWords: Words<CellSays> = {
  'nothing-laid-yet': ({ stage, on }) =>
    `${STAGE_WORDS[stage].name} on ${dayWords(on)}: nothing laid yet, so ${dayWords(on)} or later`,
  'tells-no-age': ({ stage, on }) => `${STAGE_WORDS[stage].name} on ${dayWords(on)}: says nothing of its age`,
  'laid-by': ({ stage, on, by }) => `${STAGE_WORDS[stage].name} on ${dayWords(on)}: laid by ${dayWords(by)}`,
  laid: ({ stage, on, laid, ages }) =>
    `${STAGE_WORDS[stage].name} on ${dayWords(on)}: laid ${rangeWords(laid)} (${ages.from} to ${ages.to} days old)`,
  'only-tipped-up': ({ on }) => `only tipped up on ${dayWords(on)}: says nothing of this cell`,
  'not-there': ({ on, from, beesOff, drawnOver }) => {
    const how = beesOff ? 'bees shaken or brushed off' : 'bees left on, so an egg may have been missed';
    const over = drawnOver ? '; it may be drawn over an egg or larva that was there' : '';
    return `not there on ${dayWords(on)} (${how}${over}): laid ${dayWords(from)} or later`;
  },
  'queen-gone': ({ on, laid }) => `queen gone on ${dayWords(on)}: laid ${rangeWords(laid)}`,
  'cannot-both-be': ({ one, other, cause }) => `${one} and ${other} cannot both be true. ${cause}`,
  'may-be-overlooked': 'It may have been overlooked then, or the stage is wrong.',
  'one-is-wrong': 'One of the two stages, or its day, is wrong, or they were two cells.',
  'inspection-before': 'the inspection before, which found no such cell,',
  'stage-on': ({ stage, on }) => `“${STAGE_WORDS[stage].name}” on ${dayWords(on)}`,
};

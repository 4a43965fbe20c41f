import { spaceCheck } from './follow-ups';
import { A_BOX_WITH_COMB, A_BROOD_BOX, A_SUPER, AN_EXCLUDER, COMBS_FOR_A_GAP, FRAMES_FOR_A_GAP } from './kit-items';
import { type Method, NO_NEEDS } from './method';
import { say } from './says';

/** What the space additions have in common: nobody is made queenless, and nothing is left shut. */
const SPACE_ADDITION = {
  kind: 'room',
  needs: NO_NEEDS,
  cautions: ['lifting', 'stings', 'smoker', 'brood-disease'],
  lifts: true,
  clearsCells: false,
  units: [{ name: 'hive', queen: 'unchanged' }],
  raisesQueen: null,
  options: [],
  failures: ['eggs-in-cups-anyway'],
} as const satisfies Partial<Method>;

export const openSides = {
  ...SPACE_ADDITION,
  name: 'open-sides',
  kit: [
    { code: 'comb-or-foundation', brings: FRAMES_FOR_A_GAP },
    { code: 'box-above', brings: A_BROOD_BOX },
  ],
  steps: ['lift-a-brood-frame', 'new-frames-at-the-edges'],
  followUps: spaceCheck(14, 18, say('is-the-new-comb-laid-in')),
  schools: ['interleave-only-in-mild-nights'],
} as const satisfies Method;

export const interleave = {
  ...SPACE_ADDITION,
  name: 'interleave',
  needs: { ...NO_NEEDS, broodFrames: 'leastBroodDemaree', coveredSeams: 'leastSeamsDemaree', warmNights: true },
  kit: [{ code: 'comb-or-foundation', brings: FRAMES_FOR_A_GAP }],
  steps: ['alternate-brood-and-empty-frames', 'young-larvae-stay-together'],
  followUps: spaceCheck(20, 30, say('nest-was-left-alone-until-now')),
  nestAlone: true,
  schools: ['interleave-only-in-mild-nights'],
} as const satisfies Method;

export const honeyBound = {
  ...SPACE_ADDITION,
  name: 'honey-bound',
  kit: [{ code: 'drawn-comb', brings: COMBS_FOR_A_GAP }],
  steps: ['take-out-the-honey-frames', 'drawn-comb-beside-the-brood'],
  followUps: spaceCheck(14, 18, say('does-she-lay-in-the-comb')),
  schools: [],
} as const satisfies Method;

export const pollenBound = {
  ...SPACE_ADDITION,
  name: 'pollen-bound',
  kit: [{ code: 'drawn-comb', brings: COMBS_FOR_A_GAP }],
  steps: ['pollen-frames-up-or-out', 'drawn-comb-down-beside-the-brood'],
  followUps: spaceCheck(7, 14, say('does-she-lay-or-is-pollen-back')),
  schools: [],
} as const satisfies Method;

export const addBox = {
  ...SPACE_ADDITION,
  name: 'add-box',
  kit: [{ code: 'brood-box-with-comb', brings: A_BOX_WITH_COMB }],
  steps: ['frame-of-brood-up', 'box-on'],
  followUps: spaceCheck(7, 10, say('have-they-moved-up')),
  schools: [],
} as const satisfies Method;

export const addSuper = {
  ...SPACE_ADDITION,
  name: 'add-super',
  kit: [
    { code: 'super', brings: A_SUPER },
    { code: 'queen-excluder', brings: AN_EXCLUDER },
  ],
  steps: ['above-or-below-the-fullest', 'excluder-below'],
  followUps: spaceCheck(7, 14, say('is-it-being-filled')),
  schools: ['over-the-fullest-is-easier'],
} as const satisfies Method;

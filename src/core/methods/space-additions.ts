import { spaceCheck } from './follow-ups';
import { type Method, NO_NEEDS } from './method';

/** What the space additions have in common: nobody is made queenless, and nothing is left shut. */
const SPACE_ADDITION = {
  kind: 'room',
  needs: NO_NEEDS,
  cautions: ['lifting', 'stings', 'smoker', 'brood-disease'],
  lifting: 'Boxes above the brood nest are taken off and put back.',
  ifItFails: 'Time: she runs out of room to lay, and cups will have eggs in them.',
  clearsCells: false,
  units: [{ name: 'hive', queen: 'unchanged', gets: 'room', stands: 'where it stood' }],
  raisesQueen: null,
  options: [],
  failures: [{ sign: 'Eggs in cups anyway', remedy: 'Room alone is too late now: choose a method against swarming.' }],
} as const satisfies Partial<Method>;

const OPEN_OR_INTERLEAVE =
  'Interleave only when the next five nights stay mild and the colony is strong; otherwise open the sides, so that the nest stays in one piece.';

export const openSides: Method = {
  ...SPACE_ADDITION,
  suits: 'Early and cool: the safe way before a colony is strong.',
  name: 'open-sides',
  title: 'Open the sides of the brood nest',
  fitsWhen: 'Early and cool, before swarm preparations.',
  kit: ['frames of comb or foundation', 'a box above'],
  steps: [
    'Lift a brood frame from the edge next to the brood above.',
    'New frames at the edges of the nest; the nest stays one piece.',
  ],
  followUps: spaceCheck(14, 18, 'Is the new comb drawn and laid in?'),
  schools: [OPEN_OR_INTERLEAVE],
};

export const interleave: Method = {
  ...SPACE_ADDITION,
  suits: 'A strong colony in mild weather: she gets more room at once.',
  name: 'interleave',
  title: 'Interleave empty frames',
  fitsWhen: 'Warm nights and a strong colony.',
  needs: { ...NO_NEEDS, broodFrames: 'leastBroodDemaree', coveredSeams: 'leastSeamsDemaree', warmNights: true },
  kit: ['frames of comb or foundation'],
  steps: [
    'Alternate brood and empty frames; keep two brood frames together in the middle.',
    'Young larvae stay together; empties go beside emerging brood.',
  ],
  followUps: spaceCheck(20, 30, 'The nest was left alone until now: are the new frames drawn and laid in?'),
  nestAlone: true,
  schools: [OPEN_OR_INTERLEAVE],
};

export const honeyBound: Method = {
  ...SPACE_ADDITION,
  suits: 'A nest shut in by honey, where drawn comb is at hand.',
  name: 'honey-bound',
  title: 'Free a honey-bound nest',
  fitsWhen: 'Honey hugs the brood; also in autumn, on a flow without pollen.',
  kit: ['drawn comb'],
  steps: ['Take out the honey frames beside the brood.', 'Drawn comb beside it, honey to the outside.'],
  followUps: spaceCheck(14, 18, 'Does she lay in the comb?'),
  schools: [],
};

export const pollenBound: Method = {
  ...SPACE_ADDITION,
  suits: 'A nest shut in by pollen, where drawn comb is at hand.',
  name: 'pollen-bound',
  title: 'Free a pollen-bound nest',
  fitsWhen: 'Pollen hems the brood in.',
  kit: ['drawn comb'],
  steps: ['Pollen frames up or out.', 'Drawn comb down beside the brood.'],
  followUps: spaceCheck(7, 14, 'Does she lay in the comb, or is pollen back in it?'),
  schools: [],
};

export const addBox: Method = {
  ...SPACE_ADDITION,
  suits: 'A colony that fills its brood box and is to grow.',
  name: 'add-box',
  title: 'Add a second brood box',
  fitsWhen: 'The top box is covered by bees.',
  kit: ['brood box with comb or foundation'],
  steps: [
    'A frame of brood up into the new box draws the bees after it.',
    'Box on, comb or foundation round that frame.',
  ],
  followUps: spaceCheck(7, 10, 'Have they moved up?'),
  schools: [],
};

export const addSuper: Method = {
  ...SPACE_ADDITION,
  suits: 'A colony on a flow with its supers filling.',
  name: 'add-super',
  title: 'Add a super',
  fitsWhen: 'The supers are nearly full, or the flow begins.',
  kit: ['super with frames', 'queen excluder'],
  steps: [
    'Put it above or below the fullest super.',
    'Excluder below: the queen is known to be under it, and no drones are trapped above.',
  ],
  followUps: spaceCheck(7, 14, 'Is it being filled, is there need of another?'),
  schools: ['Over the fullest is easier to lift and to check, under it draws the bees up sooner.'],
};

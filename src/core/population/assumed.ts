import {
  BEGINS_AGAIN,
  BOUGHT_IS_TAKEN,
  BUILD_UP,
  CAST_FOLLOWS,
  CROWDED_FROM,
  CROWDED_TO,
  EGGS_SURVIVE,
  FIT_TO_SWARM,
  FLYERS_DIE,
  HONEY_A_BEE,
  HONEY_A_LARVA,
  HOUSE_BEES_AN_EGG,
  HOUSE_BEES_DIE,
  LARVAE_SURVIVE,
  LETS_GO,
  PREPARES,
  ROOM_DAYS,
  SEALED_SURVIVE,
} from './figures';

/** What is reckoned with beside the colony itself, each of which the keeper may think otherwise about. */
const FIGURES = {
  eggsSurvive: EGGS_SURVIVE,
  larvaeSurvive: LARVAE_SURVIVE,
  sealedSurvive: SEALED_SURVIVE,
  houseBeesDie: HOUSE_BEES_DIE,
  flyersDie: FLYERS_DIE,
  houseBeesAnEgg: HOUSE_BEES_AN_EGG,
  honeyABee: HONEY_A_BEE,
  honeyALarva: HONEY_A_LARVA,
  prepares: PREPARES,
  buildUp: BUILD_UP,
  crowdedFrom: CROWDED_FROM,
  crowdedTo: CROWDED_TO,
  roomDays: ROOM_DAYS,
  fitToSwarm: FIT_TO_SWARM,
  castFollows: CAST_FOLLOWS,
  beginsAgain: BEGINS_AGAIN,
  letsGo: LETS_GO,
  boughtIsTaken: BOUGHT_IS_TAKEN,
} as const;

export type AssumedName = keyof typeof FIGURES;
export type Assumed = { readonly [N in AssumedName]: number };

export const ASSUMED_NAMES = Object.keys(FIGURES) as readonly AssumedName[];

/** The figure behind each: its name for the words, its unit, its usual value. */
export const assumedFigure = (name: AssumedName) => FIGURES[name];

export const USUAL_ASSUMED: Assumed = Object.fromEntries(
  ASSUMED_NAMES.map((name) => [name, FIGURES[name].value]),
) as Assumed;

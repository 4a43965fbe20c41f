import { LOOKED } from '../../brood/looked';
import { YOUNGEST_BROOD } from '../../brood/youngest';
import { CELL_FINDINGS } from '../../cells/finding';
import { NOTED_PLACES } from '../../cells/place';
import { CELL_STAGES } from '../../cells/stage';
import { SEARCHED } from '../../cells/thoroughness';
import {
  CELL_PARTS,
  COLONY_ORIGINS,
  DRONES,
  PIPING,
  QUEEN_EVENTS,
  QUEEN_HANDLED,
  QUEEN_SEEN_AS,
  QUEEN_WANTED,
  STORES,
  SWARM_WENT,
  TEMPERS,
} from '../../colony/facts';
import type { InspectionRow } from '../../facts/inspection';
import { FOOD_LEFT } from '../../food/food';
import { QUEEN_ORIGINS } from '../../queens/origin';

/** What can be brought in from a spreadsheet, in the order in which the one needs the other. */
export const BRINGABLE = ['colonies', 'queens', 'queen-events', 'inspections', 'cells', 'weights'] as const;
export type Bringable = (typeof BRINGABLE)[number];

export const YES_NO = ['yes', 'no'] as const;

/** What a column of cells at an inspection can say in a word: that none were found, or the stage of one. */
export const CELLS_IN_A_WORD = ['none', ...CELL_STAGES.filter((stage) => stage !== 'removed')] as const;

/** How the cells of a column are read; a list: as one of these words. */
export type HowRead =
  | 'name'
  | 'text'
  | 'day'
  | 'minute'
  | 'time'
  | 'whole'
  | 'year'
  | 'mass'
  | 'id'
  | readonly string[];

const PLACE = { colony: 'name', apiary: 'name' } as const;
const HIVE = { ...PLACE, colonyId: 'id' } as const;
const WHEN = { at: 'minute', time: 'time' } as const;

/** What the columns of each kind of spreadsheet can be. */
export const FIELDS = {
  colonies: {
    ...PLACE,
    stand: 'name',
    origin: COLONY_ORIGINS,
    cameOf: 'name',
    startedOn: 'day',
    endedOn: 'day',
    wanted: QUEEN_WANTED,
    note: 'text',
    id: 'id',
  },
  queens: {
    ...HIVE,
    presentOn: 'day',
    origin: QUEEN_ORIGINS,
    year: 'year',
    emergedFrom: 'day',
    emergedTo: 'day',
    isToBreedFrom: YES_NO,
    note: 'text',
    id: 'id',
    motherQueenId: 'id',
  },
  'queen-events': {
    ...HIVE,
    on: 'day',
    to: 'day',
    at: 'minute',
    kind: QUEEN_EVENTS,
    went: SWARM_WENT,
    hivedAs: 'name',
    note: 'text',
    queenId: 'id',
    id: 'id',
  },
  inspections: {
    ...HIVE,
    ...WHEN,
    to: 'day',
    until: 'minute',
    thoroughness: SEARCHED,
    cells: CELLS_IN_A_WORD,
    queen: LOOKED,
    queenSeenAs: QUEEN_SEEN_AS,
    queenHandled: QUEEN_HANDLED,
    piping: PIPING,
    isByHelper: YES_NO,
    eggs: LOOKED,
    youngest: YOUNGEST_BROOD,
    droneBroodInWorkerCells: LOOKED,
    severalEggsPerCell: LOOKED,
    stores: STORES,
    layingRoomDays: 'whole',
    broodFrames: 'whole',
    coveredSeams: 'whole',
    drones: DRONES,
    temper: TEMPERS,
    food: FOOD_LEFT,
    note: 'text',
    id: 'id',
  } satisfies { readonly [F in keyof InspectionRow]: HowRead } & {
    readonly [F in 'cells' | keyof typeof PLACE | 'time']: HowRead;
  },
  cells: {
    ...HIVE,
    ...WHEN,
    label: 'name',
    found: CELL_FINDINGS,
    takenDown: YES_NO,
    place: NOTED_PLACES,
    box: 'whole',
    frame: 'whole',
    part: CELL_PARTS,
    cellId: 'id',
    inspectionId: 'id',
    id: 'id',
  },
  weights: { ...HIVE, ...WHEN, kg: 'mass' },
} as const satisfies { readonly [K in Bringable]: Readonly<Record<string, HowRead>> };

type AnyKey<T> = T extends unknown ? keyof T : never;
export type FieldCode = AnyKey<(typeof FIELDS)[Bringable]>;

/** What a spreadsheet of a kind has to have a column for; of several in one list, one of them. */
export const NEEDED: { readonly [K in Bringable]: readonly (readonly FieldCode[])[] } = {
  colonies: [['colony']],
  queens: [['id', 'colony', 'colonyId']],
  'queen-events': [['colony', 'colonyId'], ['on'], ['kind'], ['queenId']],
  inspections: [['colony', 'colonyId'], ['at']],
  cells: [['colony', 'colonyId'], ['at'], ['found']],
  weights: [['colony', 'colonyId'], ['at'], ['kg']],
};

/** The one that several columns may be, each said with its heading. */
export const SEVERAL_MAY_BE: FieldCode = 'note';

export const howRead = (kind: Bringable, field: FieldCode): HowRead | undefined =>
  (FIELDS[kind] as Readonly<Partial<Record<FieldCode, HowRead>>>)[field];

export const fieldsOf = (kind: Bringable): readonly FieldCode[] => Object.keys(FIELDS[kind]) as FieldCode[];

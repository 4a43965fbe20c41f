import { CELL_FINDINGS } from '../core/cells/finding';
import { NOTED_PLACES } from '../core/cells/place';
import { CELL_STAGES } from '../core/cells/stage';
import { SEARCHED } from '../core/cells/thoroughness';
import type { Bringable, FieldCode } from '../core/spreadsheets/bring-in/fields';
import type { FateKind } from '../core/spreadsheets/bring-in/plan';
import { YOUNGEST_WORDS } from './brood';
import { CELL_PLACE_WORDS, findingWords, STAGE_WORDS } from './cells';
import {
  DRONES_WORDS,
  FOOD_WORDS,
  HANDLED_WORDS,
  LOOKED_CHOICES,
  ORIGIN_WORDS,
  PIPING_WORDS,
  SEEN_AS_WORDS,
  STORES_WORDS,
  TEMPER_WORDS,
  WANTED_WORDS,
} from './choices';
import { THOROUGHNESS_WORDS } from './inspections';
import { QUEEN_EVENT_WORDS, SWARM_WENT_WORDS } from './queen-events';

/** What a spreadsheet that is brought in is of, and what is called a row of it. */
export const BRINGABLE_WORDS: { readonly [K in Bringable]: { readonly name: string; readonly about: string } } = {
  inspections: { name: 'Inspections', about: 'a row for each inspection of a hive' },
  cells: { name: 'Queen cells', about: 'a row for each cell seen at an inspection' },
  weights: { name: 'Weights', about: 'a row for each weighing' },
  colonies: { name: 'Colonies', about: 'a row for each hive' },
  queens: { name: 'Queens', about: 'a row for each queen' },
  'queen-events': { name: 'Queen history', about: 'as Ubbet itself writes it' },
};

/** What a column can be called. */
export const FIELD_WORDS: { readonly [F in FieldCode]: string } = {
  colony: 'hive',
  apiary: 'apiary',
  colonyId: 'hive’s identifier',
  at: 'day',
  time: 'time of day',
  to: 'last possible day',
  until: 'shut again at',
  thoroughness: 'how cells were looked for',
  cells: 'queen cells',
  queen: 'queen',
  queenSeenAs: 'which queen',
  queenHandled: 'what was done with a virgin',
  piping: 'piping',
  isByHelper: 'by a helper',
  eggs: 'eggs',
  youngest: 'youngest brood',
  droneBroodInWorkerCells: 'drone brood in worker cells',
  severalEggsPerCell: 'several eggs to a cell',
  stores: 'stores in the brood nest',
  layingRoomDays: 'days of laying room',
  broodFrames: 'frames with brood',
  coveredSeams: 'seams of bees',
  drones: 'drones',
  temper: 'temper',
  food: 'food',
  note: 'note',
  id: 'identifier',
  stand: 'stand',
  origin: 'how it began, or where she came from',
  cameOf: 'hive it came of',
  startedOn: 'since',
  endedOn: 'ended on',
  wanted: 'queen wanted',
  presentOn: 'day she was in the hive',
  year: 'year of the queen',
  emergedFrom: 'emerged, earliest day',
  emergedTo: 'emerged, latest day',
  isToBreedFrom: 'to breed from',
  motherQueenId: 'mother’s identifier',
  on: 'day it happened',
  kind: 'what happened',
  went: 'where the swarm went',
  hivedAs: 'hive it was put in',
  queenId: 'queen’s identifier',
  label: 'name of the cell',
  found: 'stage of the cell',
  takenDown: 'broken down',
  place: 'where it hangs',
  box: 'box',
  frame: 'frame',
  part: 'above or below the excluder',
  cellId: 'cell’s identifier',
  inspectionId: 'inspection’s identifier',
  kg: 'weight',
};

const YES_NO_WORDS = { yes: 'yes', no: 'no' };
const PART_WORDS = { below: 'below', above: 'above' };
const named = <C extends string>(codes: readonly C[], nameOf: (code: C) => string): Readonly<Record<string, string>> =>
  Object.fromEntries(codes.map((code) => [code, nameOf(code)]));

/** What the words of a column can stand for, by its field. */
export const CODE_WORDS: { readonly [F in FieldCode]?: Readonly<Record<string, string>> } = {
  thoroughness: named(SEARCHED, (code) => THOROUGHNESS_WORDS[code].name),
  cells: { none: 'looked, none', ...named(CELL_STAGES, (code) => STAGE_WORDS[code].name) },
  queen: LOOKED_CHOICES,
  queenSeenAs: SEEN_AS_WORDS,
  queenHandled: HANDLED_WORDS,
  piping: PIPING_WORDS,
  isByHelper: YES_NO_WORDS,
  eggs: LOOKED_CHOICES,
  youngest: YOUNGEST_WORDS,
  droneBroodInWorkerCells: LOOKED_CHOICES,
  severalEggsPerCell: LOOKED_CHOICES,
  stores: STORES_WORDS,
  drones: DRONES_WORDS,
  temper: TEMPER_WORDS,
  food: FOOD_WORDS,
  wanted: WANTED_WORDS,
  isToBreedFrom: YES_NO_WORDS,
  kind: QUEEN_EVENT_WORDS,
  went: SWARM_WENT_WORDS,
  found: named(CELL_FINDINGS, findingWords),
  takenDown: YES_NO_WORDS,
  place: named(NOTED_PLACES, (code) => CELL_PLACE_WORDS[code]),
  part: PART_WORDS,
};
/** The same of fields whose words differ between kinds. */
const ORIGINS_OF: { readonly [K in Bringable]?: Readonly<Record<string, string>> } = {
  colonies: ORIGIN_WORDS,
  queens: { raised: 'raised', bought: 'bought', swarm: 'came with a swarm', unknown: 'not known' },
};

export const codeWordsOf = (kind: Bringable, field: FieldCode): Readonly<Record<string, string>> =>
  (field === 'origin' ? ORIGINS_OF[kind] : CODE_WORDS[field]) ?? {};

/** What becomes of a row. */
export const FATE_WORDS: { readonly [F in FateKind]: string } = {
  new: 'new',
  known: 'known already',
  conflict: 'differs',
  refused: 'refused',
};

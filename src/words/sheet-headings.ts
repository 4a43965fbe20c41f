import type { Bringable, FieldCode } from '../core/spreadsheets/bring-in/fields';

/** How columns are headed, in small letters without signs: Ubbet's own headings first, then what people write. */
const HEADINGS: { readonly [F in FieldCode]: readonly string[] } = {
  colony: [
    'colony',
    'hive',
    'hive name',
    'hive no',
    'hive number',
    'hive id',
    'colony name',
    'colony no',
    'col',
    'name',
  ],
  apiary: ['apiary', 'site', 'yard', 'location', 'out apiary'],
  colonyId: ['colony id'],
  at: [
    'at',
    'date',
    'day',
    'when',
    'inspected',
    'inspection date',
    'inspected on',
    'date of inspection',
    'visit',
    'visited',
    'date time',
    'timestamp',
  ],
  time: ['time', 'hour', 'time of day', 'clock', 'start', 'start time', 'began'],
  to: ['or as late as'],
  until: ['shut again at', 'finished', 'end', 'end time', 'closed'],
  thoroughness: ['searched', 'search', 'how searched', 'how thorough', 'check', 'looked through'],
  cells: ['queen cells', 'cells', 'q cells', 'qc', 'qcs', 'cups', 'swarm cells', 'queen cells found'],
  queen: ['queen', 'queen seen', 'q', 'q seen', 'saw queen', 'hm seen'],
  queenSeenAs: ['which queen'],
  queenHandled: ['queen was'],
  piping: ['piping', 'piping heard'],
  isByHelper: ['by a helper', 'helper'],
  eggs: ['eggs', 'eggs seen', 'e', 'laying', 'eggs found'],
  youngest: ['youngest brood', 'youngest'],
  droneBroodInWorkerCells: ['drone brood in worker cells', 'scattered drone brood'],
  severalEggsPerCell: ['several eggs to a cell', 'several eggs', 'multiple eggs'],
  stores: ['stores', 'brood nest', 'nest'],
  layingRoomDays: ['days of laying room', 'laying room'],
  broodFrames: ['frames of brood', 'frames brood', 'frames with brood', 'brood frames', 'brood', 'fob'],
  coveredSeams: ['covered seams', 'seams', 'seams of bees', 'bees', 'strength'],
  drones: ['drones'],
  temper: ['temper', 'temperament', 'mood', 'behaviour', 'behavior', 'docility'],
  food: ['food', 'food left', 'feed'],
  note: ['note', 'notes', 'comment', 'comments', 'remark', 'remarks', 'observations', 'details'],
  id: ['id'],
  stand: ['stand', 'position', 'place', 'stand no'],
  origin: ['origin', 'began as', 'source', 'from', 'came from', 'how obtained'],
  cameOf: ['came of', 'parent', 'split from', 'mother colony'],
  startedOn: ['since', 'started', 'start', 'began', 'date', 'acquired', 'start date'],
  endedOn: ['ended on', 'ended', 'lost', 'sold', 'died', 'end date'],
  wanted: ['wanted'],
  presentOn: ['in the hive since', 'introduced', 'since', 'date', 'introduced on', 'date introduced', 'seen on'],
  year: ['year', 'queen year', 'year of queen', 'hatched', 'born', 'birth year'],
  emergedFrom: ['emerged from', 'emerged', 'emerged on', 'date emerged'],
  emergedTo: ['emerged to'],
  isToBreedFrom: ['to breed from', 'breeder'],
  motherQueenId: ['mother id'],
  on: ['on'],
  kind: ['what'],
  went: ['went'],
  hivedAs: ['hived as'],
  queenId: ['queen id'],
  label: ['cell', 'label', 'cell no', 'cell number', 'cell name', 'letter'],
  found: ['found', 'stage', 'state', 'status', 'what', 'type'],
  takenDown: ['broken down', 'removed', 'destroyed', 'culled'],
  place: ['hangs', 'position', 'where', 'on comb'],
  box: ['box'],
  frame: ['frame', 'frame no', 'comb'],
  part: ['above or below the excluder', 'part'],
  cellId: ['cell id'],
  inspectionId: ['inspection id'],
  kg: ['weight kg', 'weight', 'mass', 'kg', 'lb', 'lbs', 'weight lb', 'weight lbs', 'gross', 'total weight'],
};

/** Of headings that stand for something else in one kind. */
const OF_KIND: { readonly [K in Bringable]?: { readonly [F in FieldCode]?: readonly string[] } } = {
  queens: { id: ['queen id', 'id'], origin: ['origin', 'source', 'from', 'raised or bought', 'breeder name'] },
  'queen-events': { at: ['at'] },
};

export const headingsOf = (kind: Bringable, field: FieldCode): readonly string[] =>
  OF_KIND[kind]?.[field] ?? HEADINGS[field];

/** A heading without signs and what stands in brackets: `Weight (lb)` is `weight`. */
export const plainHeading = (heading: string): string =>
  heading
    .toLowerCase()
    .replaceAll(/\([^)]*\)|\[[^\]]*\]/g, ' ')
    .replaceAll(/[^\p{L}\p{N}]+/gu, ' ')
    .trim();

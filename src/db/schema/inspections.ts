import { index, integer, sqliteTable, text, uniqueIndex } from 'drizzle-orm/sqlite-core';
import { LOOKED } from '../../core/brood/looked';
import { YOUNGEST_BROOD } from '../../core/brood/youngest';
import { CELL_FINDINGS } from '../../core/cells/finding';
import { NOTED_PLACES } from '../../core/cells/place';
import { SEARCHED } from '../../core/cells/thoroughness';
import {
  CELL_PARTS,
  CELL_TRAVELS,
  DRONES,
  PIPING,
  QUEEN_HANDLED,
  QUEEN_SEEN_AS,
  STORES,
  TEMPERS,
} from '../../core/colony/facts';
import { LIMITS } from '../../core/facts/limits';
import { FOOD_LEFT } from '../../core/food/food';
import { colonies } from './colonies';
import { atMost, between, day, id, isDay, oneOf } from './columns';

export const inspections = sqliteTable(
  'inspection',
  {
    id: id(),
    colonyId: text('colony_id')
      .notNull()
      .references(() => colonies.id),
    /** Local minute, `YYYY-MM-DDTHH:mm`. */
    at: text('at_minute').notNull(),
    /** The last day on which it may have been; null: the day is certain. */
    to: day('to_day'),
    /** The minute at which the hive was shut again; null: not noted. */
    until: text('until_minute'),
    thoroughness: text('thoroughness', { enum: SEARCHED }).notNull(),
    queen: text('queen', { enum: LOOKED }).notNull(),
    queenSeenAs: text('queen_seen_as', { enum: QUEEN_SEEN_AS }).notNull().default('not-said'),
    queenHandled: text('queen_handled', { enum: QUEEN_HANDLED }).notNull().default('left'),
    piping: text('piping', { enum: PIPING }).notNull().default('not-listened'),
    isByHelper: integer('is_by_helper', { mode: 'boolean' }).notNull().default(false),
    eggs: text('eggs', { enum: LOOKED }).notNull(),
    youngest: text('youngest', { enum: YOUNGEST_BROOD }),
    droneBroodInWorkerCells: text('drone_brood_in_worker_cells', { enum: LOOKED }).notNull(),
    severalEggsPerCell: text('several_eggs_per_cell', { enum: LOOKED }).notNull(),
    stores: text('stores', { enum: STORES }).notNull(),
    layingRoomDays: integer('laying_room_days'),
    broodFrames: integer('brood_frames'),
    coveredSeams: integer('covered_seams'),
    drones: text('drones', { enum: DRONES }).notNull().default('not-looked-for'),
    temper: text('temper', { enum: TEMPERS }).notNull().default('not-noted'),
    food: text('food', { enum: FOOD_LEFT }).notNull().default('not-looked-for'),
    note: text('note').notNull(),
    /** When it was taken out of the book, UTC; null while it stands. */
    deletedAt: text('deleted_at'),
  },
  (t) => [
    oneOf('inspection_thoroughness', t.thoroughness, SEARCHED),
    oneOf('inspection_queen', t.queen, LOOKED),
    isDay('inspection_to', t.to),
    oneOf('inspection_queen_seen_as', t.queenSeenAs, QUEEN_SEEN_AS),
    oneOf('inspection_queen_handled', t.queenHandled, QUEEN_HANDLED),
    oneOf('inspection_piping', t.piping, PIPING),
    oneOf('inspection_eggs', t.eggs, LOOKED),
    oneOf('inspection_youngest', t.youngest, YOUNGEST_BROOD),
    oneOf('inspection_drone_brood', t.droneBroodInWorkerCells, LOOKED),
    oneOf('inspection_several_eggs', t.severalEggsPerCell, LOOKED),
    oneOf('inspection_stores', t.stores, STORES),
    between('inspection_laying_room', t.layingRoomDays, 0, LIMITS.layingRoomDays),
    between('inspection_brood_frames', t.broodFrames, 0, LIMITS.broodFrames),
    between('inspection_covered_seams', t.coveredSeams, 0, LIMITS.seams),
    oneOf('inspection_drones', t.drones, DRONES),
    oneOf('inspection_temper', t.temper, TEMPERS),
    oneOf('inspection_food', t.food, FOOD_LEFT),
    atMost('inspection_note_length', t.note, LIMITS.note),
    index('inspection_by_colony').on(t.colonyId, t.at),
  ],
);

export const cells = sqliteTable(
  'cell',
  {
    id: id(),
    colonyId: text('colony_id')
      .notNull()
      .references(() => colonies.id),
    label: text('label').notNull(),
    place: text('place', { enum: NOTED_PLACES }).notNull(),
    box: integer('box'),
    frame: integer('frame'),
    /** Of a hive in two parts. */
    part: text('part', { enum: CELL_PARTS }),
  },
  (t) => [
    oneOf('cell_place', t.place, NOTED_PLACES),
    between('cell_box', t.box, 1, LIMITS.boxes),
    between('cell_frame', t.frame, 1, LIMITS.frames),
    oneOf('cell_part', t.part, CELL_PARTS),
    uniqueIndex('cell_label_once').on(t.colonyId, t.label),
  ],
);

export const cellObservations = sqliteTable(
  'cell_observation',
  {
    id: id(),
    inspectionId: text('inspection_id')
      .notNull()
      .references(() => inspections.id),
    cellId: text('cell_id')
      .notNull()
      .references(() => cells.id),
    found: text('found', { enum: CELL_FINDINGS }).notNull(),
    takenDown: integer('taken_down', { mode: 'boolean' }).notNull(),
  },
  (t) => [
    oneOf('cell_observation_found', t.found, CELL_FINDINGS),
    uniqueIndex('cell_seen_once_an_inspection').on(t.inspectionId, t.cellId),
    index('cell_observation_by_cell').on(t.cellId),
  ],
);

/** A photo taken at an inspection, as base64 text. */
export const photos = sqliteTable(
  'photo',
  {
    id: id(),
    inspectionId: text('inspection_id')
      .notNull()
      .references(() => inspections.id),
    jpeg: text('jpeg').notNull(),
  },
  (t) => [atMost('photo_length', t.jpeg, LIMITS.photoCharacters), index('photo_by_inspection').on(t.inspectionId)],
);

/** A cell that went from its colony to another. */
export const cellMoves = sqliteTable(
  'cell_move',
  {
    id: id(),
    cellId: text('cell_id')
      .notNull()
      .references(() => cells.id),
    toColonyId: text('to_colony_id')
      .notNull()
      .references(() => colonies.id),
    /** The letter it goes by there. */
    label: text('label').notNull(),
    /** Local minute; null: not noted. */
    at: text('at_minute'),
    on: day('on_day').notNull(),
    travel: text('travel', { enum: CELL_TRAVELS }).notNull(),
  },
  (t) => [
    oneOf('cell_move_travel', t.travel, CELL_TRAVELS),
    isDay('cell_move_on', t.on),
    uniqueIndex('cell_moves_once').on(t.cellId),
    index('cell_move_by_receiver').on(t.toColonyId),
  ],
);

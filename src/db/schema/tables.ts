import { type AnySQLiteColumn, index, integer, sqliteTable, text, uniqueIndex } from 'drizzle-orm/sqlite-core';
import { YOUNGEST_BROOD } from '../../core/brood/youngest';
import { CELL_PLACES } from '../../core/cells/place';
import { COLONY_ORIGINS, QUEEN_EVENTS, STORES } from '../../core/colony/facts';
import { CELL_FINDINGS } from '../../core/facts/inspection';
import { LIMITS } from '../../core/facts/limits';
import { QUEEN_ORIGINS } from '../../core/facts/queen';
import { SETTING_KEYS } from '../../core/facts/setting';
import { LOOKED } from '../../core/inspections/looked';
import { THOROUGHNESS } from '../../core/inspections/thoroughness';
import { atMost, between, day, id, isDay, oneOf } from './columns';

export const apiaries = sqliteTable(
  'apiary',
  { id: id(), name: text('name').notNull(), note: text('note').notNull() },
  (t) => [atMost('apiary_name_length', t.name, LIMITS.name), atMost('apiary_note_length', t.note, LIMITS.note)],
);

export const colonies = sqliteTable(
  'colony',
  {
    id: id(),
    apiaryId: text('apiary_id')
      .notNull()
      .references(() => apiaries.id),
    name: text('name').notNull(),
    stand: text('stand').notNull(),
    origin: text('origin', { enum: COLONY_ORIGINS }).notNull(),
    parentColonyId: text('parent_colony_id').references((): AnySQLiteColumn => colonies.id),
    startedOn: day('started_on').notNull(),
    endedOn: day('ended_on'),
    note: text('note').notNull(),
  },
  (t) => [
    oneOf('colony_origin', t.origin, COLONY_ORIGINS),
    isDay('colony_started_on', t.startedOn),
    isDay('colony_ended_on', t.endedOn),
    atMost('colony_name_length', t.name, LIMITS.name),
    atMost('colony_note_length', t.note, LIMITS.note),
    index('colony_by_apiary').on(t.apiaryId),
  ],
);

export const queens = sqliteTable(
  'queen',
  {
    id: id(),
    motherQueenId: text('mother_queen_id').references((): AnySQLiteColumn => queens.id),
    origin: text('origin', { enum: QUEEN_ORIGINS }).notNull(),
    emergedFrom: day('emerged_from'),
    emergedTo: day('emerged_to'),
    note: text('note').notNull(),
  },
  (t) => [
    oneOf('queen_origin', t.origin, QUEEN_ORIGINS),
    isDay('queen_emerged_from', t.emergedFrom),
    isDay('queen_emerged_to', t.emergedTo),
  ],
);

export const queenEvents = sqliteTable(
  'queen_event',
  {
    id: id(),
    queenId: text('queen_id')
      .notNull()
      .references(() => queens.id),
    colonyId: text('colony_id')
      .notNull()
      .references(() => colonies.id),
    on: day('on_day').notNull(),
    kind: text('kind', { enum: QUEEN_EVENTS }).notNull(),
    note: text('note').notNull(),
  },
  (t) => [
    oneOf('queen_event_kind', t.kind, QUEEN_EVENTS),
    isDay('queen_event_on', t.on),
    index('queen_event_by_colony').on(t.colonyId, t.on),
  ],
);

export const inspections = sqliteTable(
  'inspection',
  {
    id: id(),
    colonyId: text('colony_id')
      .notNull()
      .references(() => colonies.id),
    /** Local minute, `YYYY-MM-DDTHH:mm`. */
    at: text('at_minute').notNull(),
    thoroughness: text('thoroughness', { enum: THOROUGHNESS }).notNull(),
    queen: text('queen', { enum: LOOKED }).notNull(),
    eggs: text('eggs', { enum: LOOKED }).notNull(),
    youngest: text('youngest', { enum: YOUNGEST_BROOD }),
    droneBroodInWorkerCells: text('drone_brood_in_worker_cells', { enum: LOOKED }).notNull(),
    severalEggsPerCell: text('several_eggs_per_cell', { enum: LOOKED }).notNull(),
    stores: text('stores', { enum: STORES }).notNull(),
    layingRoomDays: integer('laying_room_days'),
    note: text('note').notNull(),
    /** When it was taken out of the book, UTC; null while it stands. */
    deletedAt: text('deleted_at'),
  },
  (t) => [
    oneOf('inspection_thoroughness', t.thoroughness, THOROUGHNESS),
    oneOf('inspection_queen', t.queen, LOOKED),
    oneOf('inspection_eggs', t.eggs, LOOKED),
    oneOf('inspection_youngest', t.youngest, YOUNGEST_BROOD),
    oneOf('inspection_drone_brood', t.droneBroodInWorkerCells, LOOKED),
    oneOf('inspection_several_eggs', t.severalEggsPerCell, LOOKED),
    oneOf('inspection_stores', t.stores, STORES),
    between('inspection_laying_room', t.layingRoomDays, 0, LIMITS.layingRoomDays),
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
    place: text('place', { enum: CELL_PLACES }).notNull(),
    box: integer('box'),
    frame: integer('frame'),
  },
  (t) => [
    oneOf('cell_place', t.place, CELL_PLACES),
    between('cell_box', t.box, 1, LIMITS.boxes),
    between('cell_frame', t.frame, 1, LIMITS.frames),
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

export const settings = sqliteTable(
  'setting',
  { key: text('key', { enum: SETTING_KEYS }).primaryKey(), value: text('value', { mode: 'json' }).notNull() },
  (t) => [oneOf('setting_key', t.key, SETTING_KEYS)],
);

export const REVISION_ACTIONS = ['corrected', 'deleted', 'restored'] as const;
export const REVISED = ['apiary', 'colony', 'queen', 'inspection'] as const;

/** What an entry said before it was corrected or deleted. Only ever added to. */
export const revisions = sqliteTable(
  'revision',
  {
    id: id(),
    entity: text('entity', { enum: REVISED }).notNull(),
    entityId: text('entity_id').notNull(),
    /** UTC. */
    revisedAt: text('revised_at').notNull(),
    action: text('action', { enum: REVISION_ACTIONS }).notNull(),
    before: text('before', { mode: 'json' }).notNull(),
  },
  (t) => [
    oneOf('revision_entity', t.entity, REVISED),
    oneOf('revision_action', t.action, REVISION_ACTIONS),
    index('revision_by_entity').on(t.entityId, t.revisedAt),
  ],
);

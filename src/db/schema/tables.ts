import { type AnySQLiteColumn, index, integer, sqliteTable, text, uniqueIndex } from 'drizzle-orm/sqlite-core';
import { YOUNGEST_BROOD } from '../../core/brood/youngest';
import { CELL_PLACES } from '../../core/cells/place';
import { CELL_PARTS, CELL_TRAVELS, COLONY_ORIGINS, DRONES, QUEEN_EVENTS, STORES } from '../../core/colony/facts';
import { CELL_FINDINGS } from '../../core/facts/inspection';
import { LIMITS } from '../../core/facts/limits';
import { CHECK_CHANGES } from '../../core/facts/programme';
import { QUEEN_ORIGINS } from '../../core/facts/queen';
import { SETTING_KEYS } from '../../core/facts/setting';
import { LOOKED } from '../../core/inspections/looked';
import { THOROUGHNESS } from '../../core/inspections/thoroughness';
import { ALL_METHOD_NAMES, FOLLOW_UP_CODES } from '../../core/methods/method';
import { atMost, between, day, id, isDay, oneOf } from './columns';

export const apiaries = sqliteTable(
  'apiary',
  {
    id: id(),
    name: text('name').notNull(),
    note: text('note').notNull(),
    /** The main flow as the keeper expects it this year. */
    mainFlowFrom: day('main_flow_from'),
    mainFlowTo: day('main_flow_to'),
  },
  (t) => [
    atMost('apiary_name_length', t.name, LIMITS.name),
    atMost('apiary_note_length', t.note, LIMITS.note),
    isDay('apiary_main_flow_from', t.mainFlowFrom),
    isDay('apiary_main_flow_to', t.mainFlowTo),
  ],
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
    broodFrames: integer('brood_frames'),
    coveredSeams: integer('covered_seams'),
    drones: text('drones', { enum: DRONES }).notNull().default('not-looked-for'),
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
    between('inspection_brood_frames', t.broodFrames, 0, LIMITS.broodFrames),
    between('inspection_covered_seams', t.coveredSeams, 0, LIMITS.seams),
    oneOf('inspection_drones', t.drones, DRONES),
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
    /** Of a hive in two parts. */
    part: text('part', { enum: CELL_PARTS }),
  },
  (t) => [
    oneOf('cell_place', t.place, CELL_PLACES),
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

/** A method as it was started on a colony; everything that follows from it is derived. */
export const programmes = sqliteTable(
  'programme',
  {
    id: id(),
    colonyId: text('colony_id')
      .notNull()
      .references(() => colonies.id),
    method: text('method', { enum: ALL_METHOD_NAMES }).notNull(),
    on: day('on_day').notNull(),
    endedOn: day('ended_on'),
    secondThinning: integer('second_thinning', { mode: 'boolean' }).notNull(),
    onlySealedBroodUp: integer('only_sealed_brood_up', { mode: 'boolean' }).notNull(),
    buysQueen: integer('buys_queen', { mode: 'boolean' }).notNull(),
    queenId: text('queen_id').references(() => queens.id),
    note: text('note').notNull(),
    /** When its start was taken back, UTC; null while it stands. */
    deletedAt: text('deleted_at'),
  },
  (t) => [
    oneOf('programme_method', t.method, ALL_METHOD_NAMES),
    isDay('programme_on', t.on),
    isDay('programme_ended_on', t.endedOn),
    atMost('programme_note_length', t.note, LIMITS.note),
    index('programme_by_colony').on(t.colonyId, t.on),
  ],
);

const programmeId = () =>
  text('programme_id')
    .notNull()
    .references(() => programmes.id);

/** Which colony one of the method's units is. */
export const programmeUnits = sqliteTable(
  'programme_unit',
  {
    id: id(),
    programmeId: programmeId(),
    unit: text('unit').notNull(),
    colonyId: text('colony_id')
      .notNull()
      .references(() => colonies.id),
  },
  (t) => [
    atMost('programme_unit_length', t.unit, LIMITS.code),
    uniqueIndex('programme_unit_once').on(t.programmeId, t.unit),
    index('programme_unit_by_colony').on(t.colonyId),
  ],
);

export const keptCells = sqliteTable(
  'kept_cell',
  {
    id: id(),
    programmeId: programmeId(),
    cellId: text('cell_id')
      .notNull()
      .references(() => cells.id),
  },
  (t) => [uniqueIndex('kept_cell_once').on(t.programmeId, t.cellId)],
);

export const stepsDone = sqliteTable(
  'step_done',
  { id: id(), programmeId: programmeId(), step: integer('step').notNull(), at: text('at_minute').notNull() },
  (t) => [between('step_done_step', t.step, 0, LIMITS.steps), uniqueIndex('step_done_once').on(t.programmeId, t.step)],
);

/** What a follow-up came to; of several answers to one check the latest counts. */
export const checkAnswers = sqliteTable(
  'check_answer',
  {
    id: id(),
    programmeId: programmeId(),
    colonyId: text('colony_id')
      .notNull()
      .references(() => colonies.id),
    code: text('code', { enum: FOLLOW_UP_CODES }).notNull(),
    nth: integer('nth').notNull(),
    at: text('at_minute').notNull(),
    answer: text('answer').notNull(),
    queenlessColonyId: text('queenless_colony_id').references(() => colonies.id),
    note: text('note').notNull(),
  },
  (t) => [
    oneOf('check_answer_code', t.code, FOLLOW_UP_CODES),
    between('check_answer_nth', t.nth, 1, LIMITS.steps),
    atMost('check_answer_answer_length', t.answer, LIMITS.code),
    atMost('check_answer_note_length', t.note, LIMITS.note),
    index('check_answer_by_programme').on(t.programmeId),
  ],
);

/** A check put on another day, left out, or put back as it was; of several for one check the latest counts. */
export const checkChanges = sqliteTable(
  'check_change',
  {
    id: id(),
    colonyId: text('colony_id')
      .notNull()
      .references(() => colonies.id),
    key: text('check_key').notNull(),
    at: text('at_minute').notNull(),
    kind: text('kind', { enum: CHECK_CHANGES }).notNull(),
    to: day('to_day'),
    reason: text('reason').notNull(),
  },
  (t) => [
    oneOf('check_change_kind', t.kind, CHECK_CHANGES),
    isDay('check_change_to', t.to),
    atMost('check_change_key_length', t.key, LIMITS.key),
    atMost('check_change_reason_length', t.reason, LIMITS.note),
    index('check_change_by_colony').on(t.colonyId),
  ],
);

/** The address under which the calendar can be read. It is a secret of this book and in no season file. */
export const calendarFeeds = sqliteTable('calendar_feed', {
  id: id(),
  token: text('token').notNull().unique(),
  madeAt: text('made_at').notNull(),
});

export const settings = sqliteTable(
  'setting',
  { key: text('key', { enum: SETTING_KEYS }).primaryKey(), value: text('value', { mode: 'json' }).notNull() },
  (t) => [oneOf('setting_key', t.key, SETTING_KEYS)],
);

export const REVISION_ACTIONS = ['corrected', 'deleted', 'restored'] as const;
export const REVISED = ['apiary', 'colony', 'queen', 'inspection', 'programme', 'check-answer'] as const;

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

import { index, integer, sqliteTable, text, uniqueIndex } from 'drizzle-orm/sqlite-core';
import { LIMITS } from '../../core/facts/limits';
import { CHECK_CHANGES } from '../../core/facts/programme';
import { ALL_METHOD_NAMES, FOLLOW_UP_CODES } from '../../core/methods/method';
import { colonies, queens } from './colonies';
import { atMost, between, day, id, isDay, oneOf } from './columns';
import { cells } from './inspections';

/** A method as it was started on a colony; everything that follows from it is derived. */
export const programmes = sqliteTable(
  'programme',
  {
    id: id(),
    colonyId: text('colony_id')
      .notNull()
      .references(() => colonies.id),
    method: text('method', { enum: ALL_METHOD_NAMES }).notNull(),
    /** Local minute; null: not noted. */
    at: text('at_minute'),
    on: day('on_day').notNull(),
    /** The last day on which it may have been begun; null: the day is certain. */
    to: day('to_day'),
    endedOn: day('ended_on'),
    secondThinning: integer('second_thinning', { mode: 'boolean' }).notNull(),
    onlySealedBroodUp: integer('only_sealed_brood_up', { mode: 'boolean' }).notNull(),
    queenShakenDown: integer('queen_shaken_down', { mode: 'boolean' }).notNull().default(false),
    buysQueen: integer('buys_queen', { mode: 'boolean' }).notNull(),
    turnsDaily: integer('turns_daily', { mode: 'boolean' }).notNull().default(false),
    queenId: text('queen_id').references(() => queens.id),
    note: text('note').notNull(),
    /** When its start was taken back, UTC; null while it stands. */
    deletedAt: text('deleted_at'),
  },
  (t) => [
    oneOf('programme_method', t.method, ALL_METHOD_NAMES),
    isDay('programme_on', t.on),
    isDay('programme_to', t.to),
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

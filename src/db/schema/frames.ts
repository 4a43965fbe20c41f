import { index, integer, sqliteTable, text } from 'drizzle-orm/sqlite-core';
import type { FramePlan, PlannedUnit, PlanStep } from '../../core/facts/frame-plan';
import { LIMITS } from '../../core/facts/limits';
import { ALL_METHOD_NAMES } from '../../core/methods/method';
import { COMB_BASES } from '../../core/space/comb-base';
import type { Frame, Hive } from '../../core/space/hive';
import { FLOWS } from '../../core/space/nectar';
import { SURVEY_MANNERS, SURVEY_SOURCES } from '../../core/space/survey';
import { colonies } from './colonies';
import { atMost, between, day, id, isDay, oneOf } from './columns';

const colonyId = () =>
  text('colony_id')
    .notNull()
    .references(() => colonies.id);

/** A hive's boxes and frames and what they held, as they were surveyed or as they were left once frames were moved. */
export const surveys = sqliteTable(
  'survey',
  {
    id: id(),
    colonyId: colonyId(),
    at: text('at_minute').notNull(),
    source: text('source', { enum: SURVEY_SOURCES }).notNull(),
    manner: text('manner', { enum: SURVEY_MANNERS }).notNull(),
    flow: text('flow', { enum: FLOWS }).notNull(),
    coveredSeams: integer('covered_seams'),
    /** The frame that the queen was seen on, or was put on. */
    queenFrameId: text('queen_frame_id'),
    hive: text('hive', { mode: 'json' }).$type<Hive>().notNull(),
    note: text('note').notNull(),
    /** When it was taken out of the book, UTC; null while it stands. */
    deletedAt: text('deleted_at'),
  },
  (t) => [
    oneOf('survey_source', t.source, SURVEY_SOURCES),
    oneOf('survey_manner', t.manner, SURVEY_MANNERS),
    oneOf('survey_flow', t.flow, FLOWS),
    between('survey_covered_seams', t.coveredSeams, 0, LIMITS.seams),
    atMost('survey_note_length', t.note, LIMITS.note),
    index('survey_by_colony').on(t.colonyId, t.at),
  ],
);

/** Where frames are to go, as it was planned on the board, and how far that has been worked off. */
export const framePlans = sqliteTable(
  'frame_plan',
  {
    id: id(),
    colonyId: colonyId(),
    method: text('method', { enum: ALL_METHOD_NAMES }).notNull(),
    on: day('on_day').notNull(),
    units: text('units', { mode: 'json' }).$type<readonly PlannedUnit[]>().notNull(),
    out: text('frames_out', { mode: 'json' }).$type<readonly Frame[]>().notNull(),
    queenFrameId: text('queen_frame_id'),
    steps: text('steps', { mode: 'json' }).$type<readonly PlanStep[]>().notNull(),
    /** Steps ticked, by their place from 0. */
    done: text('done', { mode: 'json' }).$type<readonly number[]>().notNull(),
    /** Local minute at which all was done; null: it is still to be. */
    finishedAt: text('finished_at'),
    /** What is begun by it; null: frames are moved, and nothing more. */
    begins: text('begins', { mode: 'json' }).$type<FramePlan['begins']>(),
    /** When it was given up, UTC. */
    deletedAt: text('deleted_at'),
  },
  (t) => [
    oneOf('frame_plan_method', t.method, ALL_METHOD_NAMES),
    isDay('frame_plan_on', t.on),
    index('frame_plan_by_colony').on(t.colonyId, t.on),
  ],
);

/** A frame that the keeper follows by name: its age and what its comb was built on. */
export const keptFrames = sqliteTable(
  'kept_frame',
  {
    id: id(),
    label: text('label').notNull(),
    combYear: integer('comb_year'),
    base: text('base', { enum: COMB_BASES }).notNull(),
    note: text('note').notNull(),
  },
  (t) => [
    atMost('kept_frame_label_length', t.label, LIMITS.name),
    between('kept_frame_comb_year', t.combYear, 1990, 2100),
    oneOf('kept_frame_base', t.base, COMB_BASES),
    atMost('kept_frame_note_length', t.note, LIMITS.note),
  ],
);

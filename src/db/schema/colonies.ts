import { type AnySQLiteColumn, index, integer, sqliteTable, text } from 'drizzle-orm/sqlite-core';
import { COLONY_ORIGINS, QUEEN_EVENTS, QUEEN_WANTED, SWARM_WENT } from '../../core/colony/facts';
import { LIMITS } from '../../core/facts/limits';
import { QUEEN_ORIGINS } from '../../core/queens/origin';
import { SETTING_LIMITS } from '../../core/settings/settings';
import type { ApiaryYear } from '../../core/year/apiary-year';
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
    /** Months in which swarms come there; null: as in the settings. */
    swarmMonths: text('swarm_months', { mode: 'json' }).$type<readonly number[]>(),
    /** The days of its year, as entered; null: none were. */
    year: text('year', { mode: 'json' }).$type<ApiaryYear>(),
    /** There and back; null: as in the settings. */
    wayMinutes: integer('way_minutes'),
    /** Null: brood disease is not suspected there. */
    diseaseSuspectedSince: day('disease_suspected_since'),
  },
  (t) => [
    atMost('apiary_name_length', t.name, LIMITS.name),
    atMost('apiary_note_length', t.note, LIMITS.note),
    isDay('apiary_main_flow_from', t.mainFlowFrom),
    isDay('apiary_main_flow_to', t.mainFlowTo),
    isDay('apiary_disease_suspected_since', t.diseaseSuspectedSince),
    between('apiary_way_minutes', t.wayMinutes, SETTING_LIMITS.wayMinutes.min, SETTING_LIMITS.wayMinutes.max),
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
    enteredOn: day('entered_on'),
    endedOn: day('ended_on'),
    note: text('note').notNull(),
    wanted: text('wanted', { enum: QUEEN_WANTED }).notNull().default('nothing'),
    deletedAt: text('deleted_at'),
  },
  (t) => [
    oneOf('colony_origin', t.origin, COLONY_ORIGINS),
    oneOf('colony_wanted', t.wanted, QUEEN_WANTED),
    isDay('colony_started_on', t.startedOn),
    isDay('colony_entered_on', t.enteredOn),
    isDay('colony_ended_on', t.endedOn),
    atMost('colony_name_length', t.name, LIMITS.name),
    atMost('colony_note_length', t.note, LIMITS.note),
    index('colony_by_apiary').on(t.apiaryId),
  ],
);

/** What a colony was called and where it stood until a day; what it is now stands in the colony itself. */
export const formerPlaces = sqliteTable(
  'former_place',
  {
    id: id(),
    colonyId: text('colony_id')
      .notNull()
      .references(() => colonies.id),
    /** The day on which it was moved or renamed. */
    until: day('until_day').notNull(),
    name: text('name').notNull(),
    apiaryId: text('apiary_id')
      .notNull()
      .references(() => apiaries.id),
    stand: text('stand').notNull(),
  },
  (t) => [
    isDay('former_place_until', t.until),
    atMost('former_place_name_length', t.name, LIMITS.name),
    atMost('former_place_stand_length', t.stand, LIMITS.place),
    index('former_place_by_colony').on(t.colonyId, t.until),
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
    isToBreedFrom: integer('is_to_breed_from', { mode: 'boolean' }).notNull().default(false),
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
    /** Local minute; null: not noted. */
    at: text('at_minute'),
    on: day('on_day').notNull(),
    /** The last day on which it may have been; null: the day is certain. */
    to: day('to_day'),
    kind: text('kind', { enum: QUEEN_EVENTS }).notNull(),
    /** Of a swarm: where it went, and the colony that it was hived as. */
    went: text('went', { enum: SWARM_WENT }),
    hivedAsId: text('hived_as_id').references(() => colonies.id),
    note: text('note').notNull(),
    /** When it was taken out of the records, UTC; null while it stands. */
    deletedAt: text('deleted_at'),
  },
  (t) => [
    oneOf('queen_event_kind', t.kind, QUEEN_EVENTS),
    isDay('queen_event_to', t.to),
    oneOf('queen_event_went', t.went, SWARM_WENT),
    isDay('queen_event_on', t.on),
    index('queen_event_by_colony').on(t.colonyId, t.on),
  ],
);

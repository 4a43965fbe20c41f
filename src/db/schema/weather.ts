import { real, sqliteTable, text, uniqueIndex } from 'drizzle-orm/sqlite-core';
import { SCALE_ANSWERS, type ScaleDayFact } from '../../core/facts/scale';
import type { WeatherDayFact } from '../../core/facts/weather';
import { apiaries, colonies } from './colonies';
import { day, id, isDay, oneOf } from './columns';

const apiaryId = () =>
  text('apiary_id')
    .notNull()
    .references(() => apiaries.id);
const colonyId = () =>
  text('colony_id')
    .notNull()
    .references(() => colonies.id);

/** The hours of a day, as last told of each. A day is one row: hours come by the thousand, and are always asked for by days. */
export const weatherDays = sqliteTable(
  'weather_day',
  {
    id: id(),
    apiaryId: apiaryId(),
    on: day('on_day').notNull(),
    hours: text('hours', { mode: 'json' }).$type<WeatherDayFact['hours']>().notNull(),
  },
  (t) => [isDay('weather_day_on', t.on), uniqueIndex('weather_day_once').on(t.apiaryId, t.on)],
);

/** The lowest of a night, as the keeper says: it overrules the forecast. */
export const nights = sqliteTable(
  'night',
  { id: id(), apiaryId: apiaryId(), on: day('on_day').notNull(), lowC: real('low_c').notNull() },
  (t) => [isDay('night_on', t.on), uniqueIndex('night_once').on(t.apiaryId, t.on)],
);

/** What a hive scale read on a day. */
export const scaleDays = sqliteTable(
  'scale_day',
  {
    id: id(),
    colonyId: colonyId(),
    on: day('on_day').notNull(),
    readings: text('readings', { mode: 'json' }).$type<ScaleDayFact['readings']>().notNull(),
  },
  (t) => [isDay('scale_day_on', t.on), uniqueIndex('scale_day_once').on(t.colonyId, t.on)],
);

/** Whether a sudden loss on the scale was a swarm. */
export const scaleAnswers = sqliteTable(
  'scale_answer',
  {
    id: id(),
    colonyId: colonyId(),
    at: text('at_minute').notNull(),
    answer: text('answer', { enum: SCALE_ANSWERS }).notNull(),
    saidAt: text('said_at').notNull(),
  },
  (t) => [oneOf('scale_answer_answer', t.answer, SCALE_ANSWERS), uniqueIndex('scale_answer_once').on(t.colonyId, t.at)],
);

export const DEVICE_KINDS = ['weather', 'scale'] as const;
/** A weather station at an apiary, or a scale under a colony. */
export type DeviceKind = (typeof DEVICE_KINDS)[number];

/** The keys of devices on the network, as digests: who reads the book has none of them. They are in no season file. */
export const deviceKeys = sqliteTable(
  'device_key',
  {
    id: id(),
    kind: text('kind', { enum: DEVICE_KINDS }).notNull(),
    /** The apiary or the colony that it is for. */
    ofId: text('of_id').notNull(),
    digest: text('digest').notNull().unique(),
    madeAt: text('made_at').notNull(),
    /** Since when it opens nothing any more; null: it does. */
    endedAt: text('ended_at'),
    /** When it last brought something; null: never. */
    usedAt: text('used_at'),
  },
  (t) => [oneOf('device_key_kind', t.kind, DEVICE_KINDS)],
);

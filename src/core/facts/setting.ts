import { z } from 'zod';
import { isTimeZone } from '../calendar/local-minute';
import { MINUTES_A_DAY } from '../calendar/minute';
import { problem, say } from '../problems/says';
import { VISIT_KINDS } from '../rounds/work';
import type { Said } from '../says/said';
import { EARLY_FIRST, SCHOOLS } from '../settings/schools';
import { CALENDAR_SHOWS, DEFAULT_SETTINGS, SETTING_LIMITS, type Settings } from '../settings/settings';
import { UNITS } from '../units/units';
import { isoDayField } from './day-field';
import { idField, nameField } from './fields';
import { LIMITS } from './limits';
import { monthsField } from './months-field';

const DAYS_A_WEEK = 7;

const amount = (key: keyof typeof SETTING_LIMITS) =>
  z.number().min(SETTING_LIMITS[key].min).max(SETTING_LIMITS[key].max);
/** In SI; refused in the units of the book. */
function measure(kind: z.ZodNumber, key: keyof typeof SETTING_LIMITS, quantity: 'mass' | 'temperature') {
  const { min: minimum, max: maximum } = SETTING_LIMITS[key];
  const says = (text: Said) => ({ params: { issue: 'out-of-range', says: text } });
  return kind
    .refine((si) => si <= maximum, says(say('measure-at-most', { quantity, maximum })))
    .refine((si) => si >= minimum, says(say('measure-at-least', { quantity, minimum })));
}
const within = (key: keyof typeof SETTING_LIMITS) => z.int().min(SETTING_LIMITS[key].min).max(SETTING_LIMITS[key].max);

/** A frame size of the keeper’s own. */
const frameSizeField = z.strictObject({
  id: idField,
  name: nameField,
  cells: z.int().min(500).max(20_000),
  places: z.int().min(1).max(LIMITS.frames),
});

/** Minutes since midnight. */
const minuteOfDayField = z.int().min(0).max(MINUTES_A_DAY);
const ENDS_BEFORE = { path: ['to'], params: { issue: 'contradiction', says: say('ends-before-it-begins') } };
const spanField = z
  .strictObject({ from: minuteOfDayField, to: minuteOfDayField })
  .refine(({ from, to }) => from < to, ENDS_BEFORE);
const awayField = z
  .strictObject({ from: isoDayField, to: isoDayField, why: z.string().trim().max(LIMITS.place) })
  .refine(({ from, to }) => from <= to, ENDS_BEFORE);
const extraField = z
  .strictObject({ on: isoDayField, from: minuteOfDayField, to: minuteOfDayField })
  .refine(({ from, to }) => from < to, ENDS_BEFORE);

const roadField = z
  .strictObject({ a: idField, b: idField, minutes: within('wayMinutes') })
  .refine(({ a, b }) => a !== b, { params: { issue: 'contradiction', says: say('one-apiary-twice') } });

/** Settings as the keeper may change them; one that is absent has its default. */
export const settingsFields = z.strictObject({
  swarmMonths: monthsField,
  leaveShutDays: within('leaveShutDays'),
  matingFailedDays: within('matingFailedDays'),
  fixedIntervalDays: within('fixedIntervalDays').nullable(),
  leastBroodNuc: within('leastBroodNuc'),
  leastBroodSplit: within('leastBroodSplit'),
  leastBroodDemaree: within('leastBroodDemaree'),
  leastSeamsDemaree: within('leastSeamsDemaree'),
  mainFlowNearDays: within('mainFlowNearDays'),
  interleaveNightC: measure(z.int(), 'interleaveNightC', 'temperature'),
  onlySealedUpNightC: measure(z.int(), 'onlySealedUpNightC', 'temperature'),
  lightFlowKg: measure(z.number(), 'lightFlowKg', 'mass'),
  strongFlowKg: measure(z.number(), 'strongFlowKg', 'mass'),
  broodSize: z.string().min(1).max(LIMITS.code),
  superSize: z.string().min(1).max(LIMITS.code),
  ownSizes: z.array(frameSizeField).max(LIMITS.ownSizes).readonly(),
  timeZone: z
    .string()
    .max(LIMITS.name)
    .refine(isTimeZone, { error: problem('not-a-time-zone') })
    .nullable(),
  cellsKept: within('cellsKept'),
  earlyFirst: z.enum(EARLY_FIRST),
  schoolsAsked: z.array(z.enum(SCHOOLS)).max(SCHOOLS.length).readonly(),
  units: z.strictObject({
    mass: z.enum(UNITS.mass),
    temperature: z.enum(UNITS.temperature),
    length: z.enum(UNITS.length),
    distance: z.enum(UNITS.distance),
  }),
  secondThinning: z.boolean(),
  freeWeek: z.array(z.array(spanField).max(LIMITS.spansADay).readonly()).length(DAYS_A_WEEK).readonly(),
  away: z.array(awayField).max(LIMITS.away).readonly(),
  extraHours: z.array(extraField).max(LIMITS.away).readonly(),
  wayMinutes: within('wayMinutes'),
  roadMinutes: z.array(roadField).max(LIMITS.roads).readonly(),
  workMinutes: z.partialRecord(z.enum(VISIT_KINDS), z.int().min(1).max(LIMITS.visitMinutes)),
  latitude: amount('latitude').nullable(),
  longitude: amount('longitude').nullable(),
  calendarShows: z.enum(CALENDAR_SHOWS),
  calendarReminds: z.boolean(),
});

export const SETTING_KEYS = Object.keys(DEFAULT_SETTINGS) as [keyof Settings, ...(keyof Settings)[]];

const ofTime = {
  freeWeek: true,
  away: true,
  extraHours: true,
  wayMinutes: true,
  roadMinutes: true,
  workMinutes: true,
  latitude: true,
  longitude: true,
} as const;

/** What is said of the keeper's time alone; what is left out stays as it is. */
export const freeTimeEntry = settingsFields.pick(ofTime).partial();
export type FreeTimeEntry = z.infer<typeof freeTimeEntry>;

/** What is said where it first matters; what is left out stays as it is. */
export const schoolsEntry = settingsFields.pick({ cellsKept: true, earlyFirst: true, schoolsAsked: true }).partial();
export type SchoolsEntry = z.infer<typeof schoolsEntry>;

/** What the calendar holds, and whether it reminds; what is left out stays as it is. */
export const calendarHolds = settingsFields.pick({ calendarShows: true, calendarReminds: true }).partial();
export type CalendarHolds = z.infer<typeof calendarHolds>;

/** What is said on the page of settings: what has a page of its own is not said there, and stays as it is. */
export const settingsEntry = settingsFields.omit({
  ...ofTime,
  calendarShows: true,
  calendarReminds: true,
  schoolsAsked: true,
});
export type SettingsEntry = z.infer<typeof settingsEntry>;

import { z } from 'zod';
import { problem, say } from '../problems/says';
import { isoDayField, minuteField } from './day-field';
import { idField } from './fields';

export const WEATHER_SOURCES = ['file', 'device'] as const;
/** By which way an hour came: a file that the keeper brought in, or a station with a key of its own. */
export type WeatherSource = (typeof WEATHER_SOURCES)[number];

/** Bounds of what can be weather, °C, mm an hour and m/s. */
export const WEATHER_BOUNDS = {
  tempC: { min: -50, max: 60 },
  rainMm: { min: 0, max: 200 },
  windMs: { min: 0, max: 80 },
} as const;

const within = ({ min, max }: { readonly min: number; readonly max: number }) => z.number().min(min).max(max);

const measured = {
  tempC: within(WEATHER_BOUNDS.tempC),
  rainMm: within(WEATHER_BOUNDS.rainMm),
  windMs: within(WEATHER_BOUNDS.windMs),
};

/** The minute at which an hour begins, on the full hour. */
export const fullHourField = minuteField.refine((at) => at.endsWith(':00'), {
  params: { issue: 'out-of-range', says: say('not-a-full-hour') },
});

/** An hour as it is handed in. */
export const weatherHour = z.strictObject({ at: fullHourField, ...measured });

/** The hours of one day at an apiary, as last told of each. */
export const weatherDayFact = z.strictObject({
  id: idField,
  apiaryId: idField,
  on: isoDayField,
  hours: z
    .array(
      z.strictObject({
        /** It begins at this hour of the day. */
        hour: z.int().min(0).max(23),
        ...measured,
        /** When it was told: before it, it was a forecast. */
        toldAt: minuteField,
        source: z.enum(WEATHER_SOURCES),
      }),
    )
    .max(24)
    .refine((hours) => new Set(hours.map(({ hour }) => hour)).size === hours.length, { error: problem('hour-twice') }),
});
export type WeatherDayFact = z.infer<typeof weatherDayFact>;

/** The lowest of a night that begins on an evening, as the keeper says. */
export const nightFact = z.strictObject({
  id: idField,
  apiaryId: idField,
  on: isoDayField,
  lowC: within(WEATHER_BOUNDS.tempC),
});
export type NightFact = z.infer<typeof nightFact>;

/** What the keeper says of some nights; null takes back what was said of one. */
export const nightsEntry = z.strictObject({
  apiaryId: idField,
  nights: z.array(z.strictObject({ on: isoDayField, lowC: within(WEATHER_BOUNDS.tempC).nullable() })).max(31),
});
export type NightsEntry = z.infer<typeof nightsEntry>;

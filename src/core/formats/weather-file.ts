import { z } from 'zod';
import { addDays, type Day, dayOfMinute } from '../calendar/day';
import { minuteField } from '../facts/day-field';
import { weatherHour } from '../facts/weather';
import { failure, type Issue, type Result, success } from '../problems/issue';
import { say } from '../problems/says';
import type { WeatherHour } from '../weather/weather-of';
import { type MeasuredField, measuredCsv, measuredList, type RowsRead, type UnitsSaid } from './measured-rows';
import { parseInput } from './parse-input';

export const MOST_HOURS = 100_000;
/** No forecast tells more than chance so far ahead. */
const DAYS_AHEAD = 31;

const FIELDS: readonly MeasuredField[] = [
  { field: 'tempC', column: 'temperature', named: /^temp(?:erature)?(c|f)?$/, units: ['c', 'f'] },
  { field: 'rainMm', column: 'rain', named: /^(?:rain(?:fall)?|precip(?:itation)?)(mm|in)?$/, units: ['mm', 'in'] },
  { field: 'windMs', column: 'wind', named: /^wind(?:speed)?(ms|kmh|mph|kn)?$/, units: ['ms', 'kmh', 'mph', 'kn'] },
];

const hourList = z.strictObject({ hours: z.array(z.unknown()).min(1).max(MOST_HOURS), toldAt: minuteField.nullish() });

export interface HoursRead extends RowsRead<WeatherHour> {
  /** When the forecast was made; null: not said. */
  readonly toldAt: string | null;
}

interface FileAsked {
  readonly units: UnitsSaid;
  readonly zone: string | null;
  readonly today: Day;
}

/** Hours of a record or a forecast: CSV, or JSON as `{"hours": [...], "toldAt"}` or as the list alone. */
export function readWeatherFile(text: string, { units, zone, today }: FileAsked): Result<HoursRead> {
  const document = jsonOf(text);
  if (document === null) {
    const csv = measuredCsv(text, { fields: FIELDS, schema: weatherHour, units, zone, mostRows: MOST_HOURS });
    return csv.ok ? success(near({ ...csv.value, toldAt: null }, today)) : csv;
  }
  if (!document.ok) return document;
  return readHours(Array.isArray(document.value) ? { hours: document.value } : document.value, zone, today);
}

/** The same from JSON that was parsed. */
export function readHours(document: unknown, zone: string | null, today: Day): Result<HoursRead> {
  const list = parseInput(hourList, document);
  if (!list.ok) return list;
  const { hours, toldAt = null } = list.value;
  return success(near({ ...measuredList(hours, weatherHour, zone), toldAt }, today));
}

/** What a text is as JSON; null where it does not begin as any. */
export function jsonOf(text: string): Result<unknown> | null {
  if (!/^\s*[[{]/.test(text)) return null;
  try {
    return success(JSON.parse(text));
  } catch {
    return failure({ path: [], code: 'not-json', message: say('not-a-json-file') });
  }
}

function near({ rows, refused, toldAt }: HoursRead, today: Day): HoursRead {
  const last = addDays(today, DAYS_AHEAD);
  const isNear = ({ at }: WeatherHour) => dayOfMinute(at) <= last;
  const tooFar = rows.flatMap((hour): Issue[] =>
    isNear(hour)
      ? []
      : [{ path: [hour.at], code: 'out-of-range', message: say('too-far-ahead', { days: DAYS_AHEAD }) }],
  );
  return { rows: rows.filter(isNear), refused: [...refused, ...tooFar], toldAt };
}

/** Nothing of a file can be used: what is wrong with its first rows. */
export const noneOf = (refused: readonly Issue[]): Result<never> =>
  failure({ path: [], code: 'invalid', message: say('no-good-row') }, ...refused.slice(0, 5));

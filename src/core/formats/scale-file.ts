import { z } from 'zod';
import { isToCome } from '../calendar/now';
import { idField } from '../facts/fields';
import { scaleReading } from '../facts/scale';
import { type Issue, type Result, success } from '../problems/issue';
import { say } from '../problems/says';
import type { ScaleReading } from '../scale/scale-of';
import { type MeasuredField, measuredCsv, measuredList, type RowsRead, type UnitsSaid } from './measured-rows';
import { parseInput } from './parse-input';
import { jsonOf } from './weather-file';

export const MOST_READINGS = 200_000;

const FIELDS: readonly MeasuredField[] = [
  { field: 'kg', column: 'weight', named: /^(?=.)(?:weight|mass)?(kg|lb)?$/, units: ['kg', 'lb'] },
];

const readingList = z.strictObject({
  readings: z.array(z.unknown()).min(1).max(MOST_READINGS),
  /** The colony that they are of, where the device knows it. */
  colonyId: idField.nullish(),
});

export interface ReadingsRead extends RowsRead<ScaleReading> {
  readonly colonyId: string | null;
}

interface FileAsked {
  readonly units: UnitsSaid;
  readonly zone: string | null;
  /** Local minute; what lies after it is refused. */
  readonly now: string;
}

/** Readings of a hive scale: CSV, or JSON as `{"readings": [...]}` or as the list alone. */
export function readScaleFile(text: string, { units, zone, now }: FileAsked): Result<ReadingsRead> {
  const document = jsonOf(text);
  if (document === null) {
    const csv = measuredCsv(text, { fields: FIELDS, schema: scaleReading, units, zone, mostRows: MOST_READINGS });
    return csv.ok ? success(past({ ...csv.value, colonyId: null }, now)) : csv;
  }
  if (!document.ok) return document;
  return readReadings(Array.isArray(document.value) ? { readings: document.value } : document.value, zone, now);
}

/** The same from JSON that was parsed. */
export function readReadings(document: unknown, zone: string | null, now: string): Result<ReadingsRead> {
  const list = parseInput(readingList, document);
  if (!list.ok) return list;
  const { readings, colonyId = null } = list.value;
  return success(past({ ...measuredList(readings, scaleReading, zone), colonyId }, now));
}

function past({ rows, refused, colonyId }: ReadingsRead, now: string): ReadingsRead {
  const toCome = rows.flatMap(({ at }): Issue[] =>
    isToCome(at, now) ? [{ path: [at], code: 'in-the-future', message: say('reading-in-the-future', { now }) }] : [],
  );
  return { rows: rows.filter(({ at }) => !isToCome(at, now)), refused: [...refused, ...toCome], colonyId };
}

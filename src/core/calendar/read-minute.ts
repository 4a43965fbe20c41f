import { minuteInZone } from './local-minute';

const MINUTE = /^(\d{4}-\d{2}-\d{2})[T ](\d{2}:\d{2})(?::\d{2}(?:\.\d+)?)?\s?(Z|[+-]\d{2}:?\d{2})?$/;

/**
 * A local minute as devices and spreadsheet programs write it: with a space for the `T`, with seconds, which are cut off, or with a time zone.
 *
 * @param zone the keeper's time zone by its IANA name; null: not known
 * @returns `YYYY-MM-DDTHH:mm`, not yet held against the calendar; `no-zone` where one is named and the keeper's is not known; null: no minute
 * @example `2027-05-16 14:30:59` is `2027-05-16T14:30`; `2027-05-16T12:30Z` is that too in Berlin
 */
export function readMinute(text: string, zone: string | null): string | 'no-zone' | null {
  const match = MINUTE.exec(text.trim());
  if (!match) return null;
  const [, day, time, offset] = match;
  if (offset === undefined) return `${day}T${time}`;
  if (zone === null) return 'no-zone';
  const instant = new Date(`${day}T${time}${offset === 'Z' ? offset : offset.replace(/^(...):?/, '$1:')}`);
  return Number.isNaN(instant.getTime()) ? null : minuteInZone(instant, zone);
}

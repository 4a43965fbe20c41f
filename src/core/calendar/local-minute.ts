const TWO = (value: number) => String(value).padStart(2, '0');

/** The minute that a clock on this machine shows, `YYYY-MM-DDTHH:mm`. */
export function localMinute(instant: Date): string {
  const date = `${instant.getFullYear()}-${TWO(instant.getMonth() + 1)}-${TWO(instant.getDate())}`;
  return `${date}T${TWO(instant.getHours())}:${TWO(instant.getMinutes())}`;
}

/** The minute that a clock in that time zone shows, by its IANA name; null when there is no such zone. */
export function minuteInZone(instant: Date, timeZone: string): string | null {
  if (!isTimeZone(timeZone)) return null;
  const parts = new Intl.DateTimeFormat('en-GB', {
    timeZone,
    year: 'numeric',
    month: '2-digit',
    day: '2-digit',
    hour: '2-digit',
    minute: '2-digit',
    hourCycle: 'h23',
  }).formatToParts(instant);
  const of = (type: Intl.DateTimeFormatPartTypes) => parts.find((part) => part.type === type)?.value ?? '';
  return `${of('year')}-${of('month')}-${of('day')}T${of('hour')}:${of('minute')}`;
}

/** The name of a time zone that this machine knows, such as `Europe/London`. */
export function isTimeZone(name: string): boolean {
  try {
    new Intl.DateTimeFormat('en-GB', { timeZone: name });
    return name.length > 0;
  } catch {
    return false;
  }
}

import { type Day, daysBetween, formatDay } from '../calendar/day';

/** How many of the last days, weeks and months of backups are kept. */
export const KEPT_BACKUPS = { days: 7, weeks: 4, months: 12 } as const;

/** A backup as far as thinning needs it. */
export interface BackupOnDay {
  readonly name: string;
  readonly on: Day;
  /** UTC instant at which it was made. */
  readonly at: string;
  /** Made of itself once a day; others were made before something was replaced. */
  readonly isDaily: boolean;
}

/** Day 0 of the calendar was a Thursday: weeks begin on Monday. */
const weekOf = (on: Day): string => String(Math.floor((on + 3) / 7));
const monthOf = (on: Day): string => formatDay(on).slice(0, 7);

/** The last of each span, of so many spans counted back from the newest. */
function lastOfEach(
  backups: readonly BackupOnDay[],
  spanOf: (on: Day) => string,
  count: number,
): readonly BackupOnDay[] {
  const last = new Map<string, BackupOnDay>();
  for (const backup of backups) last.set(spanOf(backup.on), backup);
  return [...last.values()].slice(-count);
}

/**
 * The backups that are kept: everything of the last seven days that was made before something was replaced, and of the others the
 * last of each of seven days, four weeks and twelve months, counted over days, weeks and months in which there is one. What is not
 * kept may be deleted. A season of holidays deletes nothing: spans without a backup do not count.
 *
 * @returns names
 */
export function keptBackups(backups: readonly BackupOnDay[], today: Day): ReadonlySet<string> {
  const inTime = [...backups].sort((a, b) => (a.at < b.at ? -1 : a.at > b.at ? 1 : 0));
  const recent = inTime.filter(({ isDaily, on }) => !isDaily && daysBetween(on, today) < KEPT_BACKUPS.days);
  return new Set(
    [
      ...recent,
      ...lastOfEach(inTime, formatDay, KEPT_BACKUPS.days),
      ...lastOfEach(inTime, weekOf, KEPT_BACKUPS.weeks),
      ...lastOfEach(inTime, monthOf, KEPT_BACKUPS.months),
    ].map(({ name }) => name),
  );
}

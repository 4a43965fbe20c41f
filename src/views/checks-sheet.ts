import { type Day, formatDay } from '../core/calendar/day';
import { type Sheet, sheetOf } from '../core/spreadsheets/sheet';
import { orderOf } from '../words/due';
import { inWords } from '../words/in-words';
import type { StandingColony } from './all-apiaries';

const dayOrNone = (day: Day | null): string | null => (day === null ? null : formatDay(day));

/** Every check that is to come or late, by its best day. */
export function checksSheet(colonies: readonly StandingColony[]): Sheet {
  const rows = colonies.flatMap(({ colony, apiary, state }) =>
    state.schedule.checks.map((check) => ({ colony, apiary, check })),
  );
  rows.sort((a, b) => a.check.window.ideal - b.check.window.ideal);
  return sheetOf(
    [
      { head: 'apiary', of: ({ apiary }) => apiary.name },
      { head: 'colony', of: ({ colony }) => colony.name },
      { head: 'check', of: ({ check }) => check.code },
      { head: 'to-do', of: ({ check }) => orderOf(check) },
      { head: 'from', of: ({ check }) => formatDay(check.window.earliest) },
      { head: 'best', of: ({ check }) => formatDay(check.window.ideal) },
      { head: 'to', of: ({ check }) => formatDay(check.window.latest) },
      { head: 'planned-for', of: ({ check }) => dayOrNone(check.plannedFor) },
      { head: 'opens-the-hive', of: ({ check }) => check.opens },
      { head: 'why', of: ({ check }) => inWords(check.why) },
      { head: 'method-id', of: ({ check }) => check.programme?.id ?? null },
      { head: 'colony-id', of: ({ colony }) => colony.id },
    ],
    rows,
  );
}

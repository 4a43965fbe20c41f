import { day } from '../../../calendar/day';
import { minuteOfDay } from '../../../calendar/minute';
import { isToCome } from '../../../calendar/now';
import { isBeforeColony } from '../../../colony/known-since';
import { scaleReading } from '../../../facts/scale';
import { parseInput } from '../../../formats/parse-input';
import type { SeasonFacts } from '../../../formats/season-file';
import type { Issue } from '../../../problems/issue';
import { say } from '../../../problems/says';
import { asHeld, asNew, asRefused } from '../fate';
import { Hives } from '../hives';
import { type Asked, type Change, type Fate, type Planning, ROWS_AT_A_TIME } from '../plan';
import type { ReadRow } from '../read-row';

type ScaleDay = SeasonFacts['scaleDays'][number];

/** Weights that differ by less are one: scales and lists round, kg. */
const ROUNDING_KG = 0.005;

interface DayAtHand {
  readonly before: ScaleDay | null;
  readonly byMinute: Map<number, number>;
  isChanged: boolean;
  readonly fromSheet: Set<number>;
}

/** Weights of hives, one a row, each of its minute. */
export function* planWeights(rows: readonly ReadRow[], asked: Asked): Planning {
  const { book, now, newId, matching } = asked;
  const hives = new Hives(asked);
  const days = new Map<string, DayAtHand>();
  for (const stored of book.scaleDays) days.set(`${stored.colonyId} ${stored.on}`, atHand(stored));
  const used = new Set<string>();
  const fates: Fate[] = [];

  const fateOf = (read: ReadRow): Fate => {
    const refused = (...issues: readonly Issue[]) => asRefused(read, issues);
    const { at, kg } = read.values;
    if (read.issues.length > 0) {
      hives.notice(read.values);
      return refused(...read.issues);
    }
    if (typeof at !== 'string') return refused({ path: ['at'], code: 'missing', message: say('day-missing') });
    if (typeof kg !== 'number')
      return refused({ path: ['kg'], code: 'missing', message: say('not-a-number', { text: '' }) });
    const parsed = parseInput(scaleReading, { at, kg });
    if (!parsed.ok) return refused(...parsed.issues);
    if (isToCome(at, now.minute))
      return refused({
        path: ['at'],
        code: 'in-the-future',
        message: say('reading-in-the-future', { now: now.minute }),
      });
    const on = at.slice(0, 10);
    const hive = hives.of(read.values, on);
    if (!hive.ok) return refused(hive.issue);
    if (isBeforeColony(hive.is, on)) {
      const message = say('colony-began-later', { startedOn: day(hive.is.startedOn) });
      return refused({ path: ['at'], code: 'before-colony', message });
    }
    const key = `${hive.is.id} ${on}`;
    const ofDay = days.get(key) ?? atHand(null);
    days.set(key, ofDay);
    const minute = minuteOfDay(at);
    const stands = ofDay.byMinute.get(minute);
    if (ofDay.fromSheet.has(minute))
      return refused({ path: ['at'], code: 'duplicate-minute', message: say('twice-in-sheet') });
    ofDay.fromSheet.add(minute);
    const isSame = stands !== undefined && Math.abs(stands - kg) < ROUNDING_KG;
    if (isSame) return asHeld(read, []);
    if (stands !== undefined && !matching.isOverBook) return asHeld(read, ['kg']);
    ofDay.byMinute.set(minute, kg);
    ofDay.isChanged = true;
    used.add(hive.is.id);
    return stands === undefined ? asNew(read) : asHeld(read, ['kg']);
  };

  for (const [i, read] of rows.entries()) {
    if (i % ROWS_AT_A_TIME === 0) yield i;
    fates.push(fateOf(read));
  }
  const changes = [...days].flatMap(([key, { before, byMinute, isChanged }]): Change[] => {
    if (!isChanged) return [];
    const [colonyId = '', on = ''] = key.split(' ');
    const readings = [...byMinute].sort(([a], [b]) => a - b);
    return [{ table: 'scaleDays', row: { id: before?.id ?? newId(), colonyId, on, readings }, before }];
  });
  return { fates, changes: [...hives.added((id) => used.has(id)), ...changes], unknown: hives.unknown };
}

const atHand = (before: ScaleDay | null): DayAtHand => ({
  before,
  byMinute: new Map(before?.readings),
  isChanged: false,
  fromSheet: new Set(),
});

import { minuteOfDay } from '../../../calendar/minute';
import { timeIssue } from '../../../colony/time-of-fact';
import { scaleReading } from '../../../facts/scale';
import { parseInput } from '../../../formats/parse-input';
import type { SeasonFacts } from '../../../formats/season-file';
import type { Issue } from '../../../problems/issue';
import { say } from '../../../problems/says';
import { asHeld, asNew, asRefused } from '../fate';
import type { Asked, Change, Fate, Planning } from '../plan';
import type { ReadRow } from '../read-row';
import { type Colony, fault, RowPlan } from '../row-plan';

type ScaleDay = SeasonFacts['scaleDays'][number];

/** Weights that differ by less are one: scales and lists round, kg. */
const ROUNDING_KG = 0.005;

/** Weights of hives, one a row, each of its minute. */
export const planWeights = (rows: readonly ReadRow[], asked: Asked): Planning => new WeightPlan(asked).plan(rows);

/** A hive's readings of a day, kg by the minute of the day, with those of the sheet. */
interface DayAtHand {
  readonly before: ScaleDay | null;
  readonly byMinute: Map<number, number>;
  readonly fromSheet: Set<number>;
  isChanged: boolean;
}

class WeightPlan extends RowPlan {
  readonly #days = new Map<string, DayAtHand>();

  constructor(asked: Asked) {
    super(asked);
    for (const stored of asked.book.scaleDays) this.#days.set(`${stored.colonyId} ${stored.on}`, atHand(stored));
  }

  protected fateOf(read: ReadRow): Fate {
    const { at, kg } = read.values;
    const hive = this.hiveOn(read, 'at');
    if (!hive.ok) return asRefused(read, [hive.issue]);
    if (typeof kg !== 'number') return asRefused(read, [fault('kg', 'missing', say('not-a-number', { text: '' }))]);
    const parsed = parseInput(scaleReading, { at, kg });
    const wrong = parsed.ok ? this.#cannotBe(hive.is.colony, hive.is.at) : parsed.issues;
    return wrong.length > 0 ? asRefused(read, wrong) : this.#taken(read, hive.is.colony, hive.is.at, kg);
  }

  #cannotBe(colony: Colony, at: string): readonly Issue[] {
    const wrong = timeIssue({ at }, colony, this.asked.now);
    return wrong ? [wrong] : [];
  }

  #taken(read: ReadRow, colony: Colony, at: string, kg: number): Fate {
    const key = `${colony.id} ${at.slice(0, 10)}`;
    const ofDay = this.#days.get(key) ?? atHand(null);
    this.#days.set(key, ofDay);
    const minute = minuteOfDay(at);
    if (ofDay.fromSheet.has(minute)) return asRefused(read, [fault('at', 'duplicate-minute', say('twice-in-sheet'))]);
    ofDay.fromSheet.add(minute);
    const stands = ofDay.byMinute.get(minute);
    if (stands !== undefined && Math.abs(stands - kg) < ROUNDING_KG) return asHeld(read, []);
    if (stands !== undefined && !this.asked.matching.isOverBook) return asHeld(read, ['kg']);
    ofDay.byMinute.set(minute, kg);
    ofDay.isChanged = true;
    this.uses(colony);
    return stands === undefined ? asNew(read) : asHeld(read, ['kg']);
  }

  /** The readings of a day are one row of the book. */
  protected override finished(): readonly Change[] {
    for (const [key, { before, byMinute, isChanged }] of this.#days) {
      if (!isChanged) continue;
      const [colonyId = '', on = ''] = key.split(' ');
      const readings = [...byMinute].sort(([a], [b]) => a - b);
      this.write('scaleDays', { id: before?.id ?? this.asked.newId(), colonyId, on, readings }, before);
    }
    return this.changes;
  }
}

const atHand = (before: ScaleDay | null): DayAtHand => ({
  before,
  byMinute: new Map(before?.readings),
  fromSheet: new Set(),
  isChanged: false,
});

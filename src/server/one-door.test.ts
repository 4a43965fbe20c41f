import fc from 'fast-check';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { addDays, day, formatDay } from '../core/calendar/day';
import type { ProgrammeStart } from '../core/facts/programme-start';
import { contradictionsIn } from '../core/formats/season-contradictions';
import type { SeasonFacts } from '../core/formats/season-file';
import type { Issue, Result } from '../core/problems/issue';
import { columnsSeen } from '../core/spreadsheets/bring-in/column-seen';
import type { Bringable } from '../core/spreadsheets/bring-in/fields';
import { planWhole } from '../core/spreadsheets/bring-in/plan-sheet';
import { readTable } from '../core/spreadsheets/bring-in/read-table';
import type { Book } from '../db/open';
import { colonies } from '../db/schema/tables';
import { proposeMatching } from '../views/propose-matching';
import { saveInspection } from './entries/save-inspection';
import { saveQueenEvent } from './entries/save-queen-event';
import { saveFood } from './food/save-food';
import { endProgramme } from './programmes/change-programme';
import { correctProgramme } from './programmes/correct-programme';
import { startProgramme } from './programmes/start-programme';
import { readAllFacts } from './season/season-facts';
import { bookSideOf } from './spreadsheets/book-side';
import { anEntry, aStart, bookOf, codes, id, DEMO_NOW as now } from './testing';

const [ORCHARD, CLOVER, QUEEN] = [id(1), id(2), id(4)];
const [BEGAN, ENDED] = [day('2027-04-20'), day('2027-05-10')];
const SEEN_ON = '2027-05-01';

let opened: Book;
beforeEach(() => {
  opened = bookOf(ORCHARD, { Clover: CLOVER });
  opened.db
    .update(colonies)
    .set({ origin: 'nuc', startedOn: formatDay(BEGAN) })
    .run();
  saveQueenEvent(opened.db, { event: { ...EVENT, id: id(30) }, newQueen: HER }, now);
  saveInspection(opened.db, anEntry({ id: id(40), colonyId: CLOVER, at: `${SEEN_ON}T10:00` }), now);
  startProgramme(opened.db, superOn(50, { on: SEEN_ON, to: null }), now);
  opened.db
    .update(colonies)
    .set({ endedOn: formatDay(ENDED) })
    .run();
});
afterEach(() => opened.sqlite.close());

const EVENT = {
  colonyId: CLOVER,
  queenId: QUEEN,
  at: null,
  on: SEEN_ON,
  to: null,
  kind: 'present',
  emergedFrom: null,
  emergedTo: null,
  went: null,
  hivedAsId: null,
  note: '',
} as const;
const HER = {
  id: QUEEN,
  motherQueenId: null,
  origin: 'raised',
  emergedFrom: null,
  emergedTo: null,
  isToBreedFrom: false,
  note: '',
} as const;
const superOn = (n: number, when: Pick<ProgrammeStart, 'on' | 'to'>) =>
  aStart({ id: id(n), colonyId: CLOVER, method: 'add-super', ...when });

interface When {
  readonly on: string;
  readonly to: string | null;
}

const OF_TIME = new Set(['in-the-future', 'out-of-range', 'before-colony', 'after-colony-ended']);
const ofTime = (issues: readonly Issue[]) => issues.find(({ code }) => OF_TIME.has(code))?.code ?? null;
const ofResult = (result: Result<unknown>) => (result.ok ? null : ofTime(result.issues));

/** The book as a sheet in which the day of the one row is another, as it is read in. */
function bySheet(kind: Bringable, text: string) {
  const table = readTable(text);
  if (!table.ok) throw new Error('no table');
  let next = 0;
  const asked = {
    matching: proposeMatching(columnsSeen(table.value), kind),
    book: bookSideOf(opened.db, kind),
    now,
    newId: () => id(900_000 + next++),
  };
  const { fates } = planWhole(table.value, asked, 'UTC');
  return ofTime(fates.flatMap(({ issues }) => issues));
}

const seasonWith = (change: (facts: SeasonFacts) => SeasonFacts) =>
  ofTime(contradictionsIn(change(readAllFacts(opened.db))));

/** By which doors a fact of each kind comes in, and what each says of its time. */
const DOORS: Readonly<Record<string, (when: When) => string | null>> = {
  'a queen event, entered': ({ on, to }) =>
    ofResult(saveQueenEvent(opened.db, { event: { ...EVENT, id: id(31), on, to }, newQueen: null }, now)),
  'a queen event, corrected': ({ on, to }) =>
    ofResult(saveQueenEvent(opened.db, { event: { ...EVENT, id: id(30), on, to }, newQueen: null }, now)),
  'an inspection, entered': ({ on, to }) =>
    ofResult(saveInspection(opened.db, anEntry({ id: id(41), colonyId: CLOVER, at: `${on}T09:00`, to }), now)),
  'a method, started': ({ on, to }) => ofResult(startProgramme(opened.db, superOn(51, { on, to }), now)),
  'a method, corrected': ({ on, to }) => ofResult(correctProgramme(opened.db, { id: id(50), on, to, note: '' }, now)),
};

/** Doors through which the last day does not come. */
const BY_DAY: Readonly<Record<string, (on: string) => string | null>> = {
  'food, entered': (on) =>
    ofResult(
      saveFood(
        opened.db,
        {
          kind: 'noted',
          id: id(60),
          at: now.minute,
          entry: { id: id(61), colonyId: CLOVER, at: `${on}T08:00`, kind: 'syrup', amount: 1, note: '' },
        },
        now,
      ),
    ),
  'an inspection, by a sheet': (on) => bySheet('inspections', `Colony,Date,Eggs\nClover,${on},yes\n`),
  'a weight, by a sheet': (on) => bySheet('weights', `Colony,Date,Time,Weight kg\nClover,${on},08:00,31.5\n`),
  'a queen, by a sheet': (on) => bySheet('queens', `Colony,In the hive since,Origin\nClover,${on},bought\n`),
};

/** A season file is held against no clock, and what lies after an end that was corrected stays. */
const IN_A_FILE: Readonly<Record<string, (when: When) => string | null>> = {
  'a queen event': ({ on, to }) =>
    seasonWith((facts) => ({ ...facts, queenEvents: facts.queenEvents.map((one) => ({ ...one, on, to })) })),
  'an inspection': ({ on, to }) =>
    seasonWith((facts) => ({
      ...facts,
      inspections: facts.inspections.map((one) => ({ ...one, at: `${on}T10:00`, to })),
    })),
  'a method': ({ on, to }) =>
    seasonWith((facts) => ({ ...facts, programmes: facts.programmes.map((one) => ({ ...one, on, to })) })),
};

/** What the rule says, in words of its own. */
function asRuled({ on, to }: When, isFile = false): string | null {
  const today = formatDay(now.today);
  if (on > today && !isFile) return 'in-the-future';
  if (to !== null && to < on) return 'out-of-range';
  if (to !== null && to > today && !isFile) return 'in-the-future';
  if (on < formatDay(BEGAN)) return 'before-colony';
  return on > formatDay(ENDED) && !isFile ? 'after-colony-ended' : null;
}

const days = fc.integer({ min: -12, max: 36 }).map((n) => formatDay(addDays(BEGAN, n)));
const lastDays = fc.option(fc.integer({ min: -4, max: 8 }));
const times = fc
  .tuple(days, lastDays)
  .map(([on, n]) => ({ on, to: n === null ? null : formatDay(addDays(day(on), n)) }));

describe('the time of a fact', () => {
  it('is refused for the same reason by whichever door it comes in', () => {
    const told = new Set<string | null>();
    fc.assert(
      fc.property(times, (when) => {
        const ruled = asRuled(when);
        told.add(ruled);
        for (const [door, comesIn] of Object.entries(DOORS)) {
          if (ruled === null && !door.endsWith('corrected')) continue;
          expect([door, comesIn(when)]).toEqual([door, ruled]);
        }
        const byDay = asRuled({ ...when, to: null });
        if (byDay !== null) {
          for (const [door, comesIn] of Object.entries(BY_DAY)) expect([door, comesIn(when.on)]).toEqual([door, byDay]);
        }
        for (const [door, comesIn] of Object.entries(IN_A_FILE)) {
          expect([door, comesIn(when)]).toEqual([door, asRuled(when, true)]);
        }
      }),
      { numRuns: 60, seed: 20270901 },
    );
    expect(told).toEqual(new Set(['after-colony-ended', 'before-colony', 'in-the-future', 'out-of-range', null]));
  });

  it('is taken where it can be, and honey when the colony is no more', () => {
    const when = { on: '2027-05-05', to: '2027-05-06' };
    for (const [door, comesIn] of Object.entries(DOORS)) expect([door, comesIn(when)]).toEqual([door, null]);
    for (const [door, comesIn] of Object.entries(BY_DAY)) expect([door, comesIn(when.on)]).toEqual([door, null]);
    const honey = {
      id: id(62),
      colonyId: CLOVER,
      at: '2027-05-14T08:00',
      kind: 'honey-taken',
      amount: 9,
      note: '',
    } as const;
    expect(saveFood(opened.db, { kind: 'noted', id: id(63), at: now.minute, entry: honey }, now).ok).toBe(true);
  });

  it('is held against a union as against an end that was put down, until the union is given up', () => {
    const OTHER = id(3);
    const clover = opened.db.select().from(colonies).get() as typeof colonies.$inferSelect;
    opened.db.update(colonies).set({ endedOn: null }).run();
    opened.db
      .insert(colonies)
      .values({ ...clover, id: OTHER, name: 'Sainfoin', endedOn: null })
      .run();
    const united = aStart({ id: id(70), colonyId: CLOVER, method: 'unite', on: formatDay(ENDED), withColonyId: OTHER });
    expect(codes(startProgramme(opened.db, united, now))).toBe('stored');
    const after = { on: '2027-05-12', to: null };
    const entered = Object.entries(DOORS).filter(([door]) => !door.startsWith('a method, corrected'));
    for (const [door, comesIn] of entered) expect([door, comesIn(after)]).toEqual([door, 'after-colony-ended']);
    for (const [door, comesIn] of Object.entries(BY_DAY)) {
      expect([door, comesIn(after.on)]).toEqual([door, 'after-colony-ended']);
    }
    // The union's own day can be put right, and given up it parts them again.
    expect(codes(correctProgramme(opened.db, { id: id(70), on: '2027-05-11', to: null, note: '' }, now))).toBe(
      'stored',
    );
    expect(codes(endProgramme(opened.db, { id: id(70), endedOn: '2027-05-13' }, now))).toBe('stored');
    for (const [door, comesIn] of entered) expect([door, comesIn(after)]).toEqual([door, null]);
  });
});

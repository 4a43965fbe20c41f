import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { tries } from '../../../../scripts/lib/how-often';
import { proposeMatching } from '../../../views/propose-matching';
import { LOOKED } from '../../brood/looked';
import { addDays, day, formatDay } from '../../calendar/day';
import { endOfDay } from '../../calendar/now';
import { cellLabel } from '../../cells/cell-label';
import { NOTED_PLACES } from '../../cells/place';
import { CELL_STAGES } from '../../cells/stage';
import { SEARCHED } from '../../cells/thoroughness';
import { COLONY_ORIGINS, DRONES, PIPING, QUEEN_EVENTS, STORES, TEMPERS } from '../../colony/facts';
import { bareApiary } from '../../facts/apiary';
import { FOOD_LEFT } from '../../food/food';
import type { SeasonFacts } from '../../formats/season-file';
import { QUEEN_ORIGINS } from '../../queens/origin';
import { OF_FACTS } from '../sheets/of-facts';
import { writeCsv } from '../write-csv';
import { columnsSeen } from './column-seen';
import { BRINGABLE, type Bringable } from './fields';
import { blankInspection } from './inspections-of-book';
import { plainWord } from './matching';
import { BOOK_TABLES, type BookSide, type Change, countFates } from './plan';
import { planWhole } from './plan-sheet';
import { EMPTY_BOOK } from './plans/testing';
import { readTable } from './read-table';

const TODAY = day('2027-05-16');
const NOW = { today: TODAY, minute: endOfDay(TODAY), instant: '2027-05-16T18:00:00.000Z' };
const FIRST = day('2026-03-01');

const idOf = (kind: number, n: number) =>
  `01970000-0000-7000-8${String(kind).padStart(3, '0')}-${String(n).padStart(12, '0')}`;
const dayArb = fc.integer({ min: 0, max: 400 }).map((n) => formatDay(addDays(FIRST, n)));
const minuteArb = fc
  .tuple(dayArb, fc.integer({ min: 0, max: 1439 }))
  .map(([on, n]) => `${on}T${String(Math.floor(n / 60)).padStart(2, '0')}:${String(n % 60).padStart(2, '0')}`);
/** What trips spreadsheets up: signs of formulas, quotation marks, line ends, signs of other scripts. */
const noteArb = fc
  .array(fc.constantFrom('=1+1', '+', '-', '@', "'", '"', ',', ';', '\n', '\r\n', '\t', ' ', 'é', '蜂', 'a'), {
    maxLength: 6,
  })
  .map((parts) => parts.join(''));
const nameArb = fc
  .tuple(fc.constantFrom('=Oak', '-7', "'Tis", 'Old, "one"', 'Ä 蜂', '12', 'yes'), fc.integer({ min: 0, max: 99 }))
  .map(([name, n]) => `${name} ${n}`);

const lookArb = fc.record({
  at: minuteArb,
  thoroughness: fc.constantFrom(...SEARCHED),
  queen: fc.constantFrom(...LOOKED),
  eggs: fc.constantFrom(...LOOKED),
  stores: fc.constantFrom(...STORES),
  drones: fc.constantFrom(...DRONES),
  temper: fc.constantFrom(...TEMPERS),
  piping: fc.constantFrom(...PIPING),
  food: fc.constantFrom(...FOOD_LEFT),
  isByHelper: fc.boolean(),
  broodFrames: fc.option(fc.integer({ min: 0, max: 60 })),
  layingRoomDays: fc.option(fc.integer({ min: 0, max: 99 })),
  note: noteArb,
});
const cellArb = fc.record({
  place: fc.constantFrom(...NOTED_PLACES),
  box: fc.option(fc.integer({ min: 1, max: 10 })),
  frame: fc.option(fc.integer({ min: 1, max: 24 })),
  sights: fc.array(fc.tuple(fc.nat(), fc.constantFrom(...CELL_STAGES)), { minLength: 1, maxLength: 4 }),
  isBrokenDown: fc.boolean(),
});
const hiveArb = fc.record({
  name: nameArb,
  apiary: fc.nat(),
  stand: fc.constantFrom('', '3', '=left'),
  isOver: fc.boolean(),
  origin: fc.constantFrom(...COLONY_ORIGINS),
  note: noteArb,
  of: fc.option(fc.nat()),
  looks: fc.uniqueArray(lookArb, { maxLength: 5, selector: ({ at }) => at }),
  cells: fc.array(cellArb, { maxLength: 3 }),
  weights: fc.uniqueArray(fc.tuple(minuteArb, fc.integer({ min: 0, max: 9000 })), {
    maxLength: 4,
    selector: ([at]) => at,
  }),
});
const queenArb = fc.record({
  mother: fc.option(fc.nat()),
  origin: fc.constantFrom(...QUEEN_ORIGINS),
  isToBreedFrom: fc.boolean(),
  note: noteArb,
  emerged: fc.option(fc.tuple(dayArb, fc.nat({ max: 9 }))),
  events: fc.array(fc.tuple(fc.nat(), dayArb, fc.constantFrom(...QUEEN_EVENTS), noteArb), { maxLength: 3 }),
});

/** A season that a book could hold, of hives and queens that were drawn. */
function seasonOf(
  hives: readonly (typeof hiveArb extends fc.Arbitrary<infer H> ? H : never)[],
  queens: readonly (typeof queenArb extends fc.Arbitrary<infer Q> ? Q : never)[],
): BookSide {
  const book: { -readonly [T in keyof BookSide]: BookSide[T] } = structuredClone(EMPTY_BOOK);
  book.apiaries = ['Hill, far', '=Quarry'].map((name, n) => bareApiary(idOf(1, n), name));
  const apiaryOf = (n: number) => idOf(1, n % book.apiaries.length);
  for (const [n, hive] of hives.entries()) {
    const id = idOf(2, n);
    const looks = [...hive.looks].sort((a, b) => (a.at < b.at ? -1 : 1));
    book.colonies.push({
      id,
      apiaryId: apiaryOf(hive.apiary),
      name: hive.name,
      stand: hive.stand,
      origin: hive.origin,
      parentColonyId: hive.of === null || n === 0 ? null : idOf(2, hive.of % n),
      startedOn: formatDay(FIRST),
      enteredOn: formatDay(TODAY),
      endedOn: hive.isOver ? formatDay(TODAY) : null,
      note: hive.note,
      wanted: 'nothing',
      deletedAt: null,
    });
    for (const [i, look] of looks.entries())
      book.inspections.push({
        ...blankInspection(idOf(3, n * 100 + i), id, look.at),
        ...look,
        youngest: look.eggs === 'seen' ? 'eggs' : look.eggs === 'none' ? 'sealed' : null,
      });
    for (const [c, cell] of hive.cells.entries()) {
      const seenAt = [...new Map(cell.sights.map(([look, found]) => [look % Math.max(1, looks.length), found]))].sort(
        ([a], [b]) => a - b,
      );
      if (looks.length === 0) continue;
      const cellId = idOf(4, n * 100 + c);
      book.cells.push({
        id: cellId,
        colonyId: id,
        label: cellLabel(c),
        place: cell.place,
        box: cell.box,
        frame: cell.frame,
        part: null,
      });
      for (const [s, [look, found]] of seenAt.entries()) {
        const isLast = s === seenAt.length - 1;
        book.cellObservations.push({
          id: idOf(5, n * 10_000 + c * 100 + s),
          inspectionId: idOf(3, n * 100 + look),
          cellId,
          found: found === 'removed' && !isLast ? 'sealed' : found,
          takenDown: isLast && cell.isBrokenDown && found !== 'removed',
        });
      }
    }
    const byDay = new Map<string, [number, number][]>();
    for (const [at, hundredths] of [...hive.weights].sort(([a], [b]) => (a < b ? -1 : 1))) {
      const minute = Number(at.slice(11, 13)) * 60 + Number(at.slice(14, 16));
      byDay.set(at.slice(0, 10), [...(byDay.get(at.slice(0, 10)) ?? []), [minute, hundredths / 100]]);
    }
    for (const [on, readings] of byDay)
      book.scaleDays.push({ id: idOf(6, book.scaleDays.length), colonyId: id, on, readings });
  }
  for (const [n, queen] of queens.entries()) {
    const [from, days] = queen.emerged ?? [null, 0];
    book.queens.push({
      id: idOf(7, n),
      motherQueenId: queen.mother === null || n === 0 ? null : idOf(7, queen.mother % n),
      origin: queen.origin,
      emergedFrom: from,
      emergedTo: from === null ? null : formatDay(addDays(day(from), days)),
      note: queen.note,
      isToBreedFrom: queen.isToBreedFrom,
    });
    if (hives.length === 0) continue;
    for (const [e, [hive, on, kind, note]] of queen.events.entries())
      book.queenEvents.push({
        id: idOf(8, n * 100 + e),
        queenId: idOf(7, n),
        colonyId: idOf(2, hive % hives.length),
        at: null,
        on,
        to: null,
        kind,
        went: null,
        hivedAsId: null,
        note,
        deletedAt: null,
      });
  }
  return book;
}

/** The book with what a sheet changes. */
function taken(book: BookSide, changes: readonly Change[]): BookSide {
  const next = { ...book } as { -readonly [T in keyof BookSide]: BookSide[T] };
  for (const table of BOOK_TABLES) {
    const own = changes.filter((change) => change.table === table);
    const gone = new Set(own.flatMap(({ before }) => (before === null ? [] : [before.id])));
    Object.assign(next, {
      [table]: [...book[table].filter(({ id }) => !gone.has(id)), ...own.map(({ row }) => row)],
    });
  }
  return next;
}

let made = 0;
const newId = () => idOf(99, made++);
function planOf(kind: Bringable, text: string, book: BookSide) {
  const table = readTable(text);
  if (!table.ok) throw new Error('No table');
  return planWhole(
    table.value,
    { matching: proposeMatching(columnsSeen(table.value), kind), book, now: NOW, newId },
    null,
  );
}
const sheetOf = (kind: Bringable, book: BookSide) => OF_FACTS[kind](book as unknown as SeasonFacts);
/** Rows as they are known everywhere: apiaries go by their name, scale days by their hive and day. */
function comparable(book: BookSide) {
  const apiaries = new Map(book.apiaries.map(({ id, name }) => [id, name]));
  const byId = <R extends { readonly id: string }>(rows: readonly R[]) =>
    [...rows].sort((a, b) => (a.id < b.id ? -1 : 1));
  return {
    colonies: byId(book.colonies).map(({ apiaryId, ...colony }) => ({ ...colony, apiary: apiaries.get(apiaryId) })),
    inspections: byId(book.inspections),
    cells: byId(book.cells),
    sights: byId(book.cellObservations),
    queens: byId(book.queens),
    events: byId(book.queenEvents),
    weights: book.scaleDays.map(({ id: _, ...own }) => JSON.stringify(own)).sort(),
  };
}

describe('a season as spreadsheets', () => {
  const seasonArb = fc
    .tuple(
      fc.uniqueArray(hiveArb, { maxLength: 5, selector: ({ name }) => plainWord(name) }),
      fc.array(queenArb, { maxLength: 4 }),
    )
    .map(([hives, queens]) => seasonOf(hives, queens));

  it('comes back whole into an empty book, and is known already to the book that has it', () => {
    fc.assert(
      fc.property(seasonArb, (season) => {
        let book = EMPTY_BOOK;
        for (const kind of BRINGABLE) {
          const sheet = sheetOf(kind, season);
          if (sheet.rows.length === 0) continue;
          const text = writeCsv(sheet);
          const plan = planOf(kind, text, book);
          expect(plan.fates.filter(({ fate }) => fate !== 'new')).toEqual([]);
          book = taken(book, plan.changes);
          const again = planOf(kind, text, book);
          expect(countFates(again.fates)).toEqual({ new: 0, known: sheet.rows.length, conflict: 0, refused: 0 });
          expect(again.changes).toEqual([]);
        }
        expect(comparable(book)).toEqual(comparable(season));
      }),
      { numRuns: tries(150) },
    );
  });

  it('stands after rows of it were brought in twice, in another order, and a part of them before', () => {
    fc.assert(
      fc.property(seasonArb, fc.nat(), (season, part) => {
        let book = EMPTY_BOOK;
        for (const kind of BRINGABLE) {
          const { heads, rows } = sheetOf(kind, season);
          if (rows.length === 0 || kind === 'colonies') {
            if (rows.length > 0) book = taken(book, planOf(kind, writeCsv({ heads, rows }), book).changes);
            continue;
          }
          const some = [...rows].reverse().slice(0, 1 + (part % rows.length));
          for (const sheet of [
            { heads, rows: some },
            { heads, rows: [...rows, ...some] },
          ])
            book = taken(book, planOf(kind, writeCsv(sheet), book).changes);
        }
        const [stands, whole] = [comparable(book), comparable(season)];
        expect(stands.inspections).toEqual(whole.inspections);
        expect(stands.sights).toEqual(whole.sights);
        expect(stands.cells).toEqual(whole.cells);
        expect(stands.weights).toEqual(whole.weights);
        expect(stands.events).toEqual(whole.events);
      }),
      { numRuns: tries(60) },
    );
  });
});

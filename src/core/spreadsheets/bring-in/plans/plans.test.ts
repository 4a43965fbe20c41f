import { describe, expect, it } from 'vitest';
import { proposeMatching } from '../../../../views/propose-matching';
import { day } from '../../../calendar/day';
import { endOfDay } from '../../../calendar/now';
import { bareApiary } from '../../../facts/apiary';
import { columnsSeen } from '../column-seen';
import type { Bringable } from '../fields';
import { blankInspection } from '../inspections-of-book';
import type { Matching } from '../matching';
import type { BookSide, Change, Plan } from '../plan';
import { planWhole } from '../plan-sheet';
import { readTable } from '../read-table';

const TODAY = day('2027-06-20');
const NOW = { today: TODAY, minute: endOfDay(TODAY), instant: '2027-06-20T18:00:00.000Z' };
const idOf = (n: number) => `01970000-0000-7000-8000-${String(n).padStart(12, '0')}`;
const [HILL, OAK, ELM] = [idOf(1), idOf(2), idOf(3)];

const colony = (id: string, name: string): BookSide['colonies'][number] => ({
  id,
  apiaryId: HILL,
  name,
  stand: '',
  origin: 'established',
  parentColonyId: null,
  startedOn: '2027-03-01',
  enteredOn: '2027-03-01',
  endedOn: null,
  note: '',
  wanted: 'nothing',
  deletedAt: null,
});
const BOOK: BookSide = {
  apiaries: [bareApiary(HILL, 'Hill')],
  colonies: [colony(OAK, 'Oak'), colony(ELM, 'Elm')],
  inspections: [],
  cells: [],
  cellObservations: [],
  cellMoves: [],
  queens: [],
  queenEvents: [],
  scaleDays: [],
};

/** What becomes of the rows of a sheet of a kind. */
function planOf(
  kind: Bringable,
  lines: readonly string[],
  book: Partial<BookSide> = {},
  over: Partial<Matching> = {},
): Plan {
  const table = readTable(lines.join('\n'));
  if (!table.ok) throw new Error('No table');
  let made = 1000;
  const matching = { ...proposeMatching(columnsSeen(table.value), kind), ...over };
  return planWhole(table.value, { matching, book: { ...BOOK, ...book }, now: NOW, newId: () => idOf(made++) }, null);
}
const fates = ({ fates: all }: Plan) =>
  all.map(({ fate, issues, differs }) =>
    [fate, ...issues.map(({ message }) => message.says.replace('problems/', '')), ...differs].join(' '),
  );
/** The rows of a table that are written. */
const rowsOf = <T extends Change['table']>({ changes }: Plan, table: T) =>
  changes.flatMap((change) => (change.table === table ? [(change as Change<T>).row] : []));
const bookAfter = (plan: Plan): Partial<BookSide> => ({
  inspections: rowsOf(plan, 'inspections'),
  cells: rowsOf(plan, 'cells'),
  cellObservations: rowsOf(plan, 'cellObservations'),
  queens: rowsOf(plan, 'queens'),
  queenEvents: rowsOf(plan, 'queenEvents'),
  scaleDays: rowsOf(plan, 'scaleDays'),
});

describe('inspections', () => {
  it('take a cell in a word: its stage, that none were found, or that nobody looked', () => {
    const plan = planOf('inspections', [
      'hive,date,queen cells',
      'Oak,2027-05-01,none',
      'Oak,2027-05-08,charged',
      'Elm,2027-05-08,',
    ]);
    expect(fates(plan)).toEqual(['new', 'new', 'new']);
    expect(rowsOf(plan, 'inspections').map(({ thoroughness }) => thoroughness)).toEqual([
      'bees-on',
      'bees-on',
      'not-searched',
    ]);
    expect(rowsOf(plan, 'cells')).toMatchObject([{ colonyId: OAK, label: 'a', place: 'not-said' }]);
    expect(rowsOf(plan, 'cellObservations')).toMatchObject([{ found: 'larva-large', takenDown: false }]);
  });

  it('of a day alone are those that the book has of it, of two the one of that minute', () => {
    const inspections = [
      { ...blankInspection(idOf(10), OAK, '2027-05-01T15:00'), eggs: 'seen' as const },
      { ...blankInspection(idOf(11), ELM, '2027-05-01T10:00'), eggs: 'seen' as const },
      { ...blankInspection(idOf(12), ELM, '2027-05-01T16:00'), eggs: 'none' as const },
    ];
    const book = { inspections };
    expect(fates(planOf('inspections', ['hive,date,eggs', 'Oak,2027-05-01,yes'], book))).toEqual(['known']);
    expect(fates(planOf('inspections', ['hive,date,eggs', 'Oak,2027-05-01 15:00,no'], book))).toEqual([
      'conflict eggs',
    ]);
    expect(fates(planOf('inspections', ['hive,date,eggs', 'Oak,2027-05-01 16:00,no'], book))).toEqual(['new']);
    expect(fates(planOf('inspections', ['hive,date,eggs', 'Elm,2027-05-01 16:00,no'], book))).toEqual(['known']);
    expect(fates(planOf('inspections', ['hive,date,eggs', 'Elm,2027-05-01,no'], book))).toEqual(['new']);
  });

  it('say nothing where a cell is empty, so that the book stands', () => {
    const inspections = [{ ...blankInspection(idOf(10), OAK, '2027-05-01T12:00'), eggs: 'seen' as const, note: 'wet' }];
    const plan = planOf(
      'inspections',
      ['hive,date,eggs,temper', 'Oak,2027-05-01,,calm'],
      { inspections },
      { isOverBook: true },
    );
    expect(fates(plan)).toEqual(['conflict temper']);
    expect(rowsOf(plan, 'inspections')).toMatchObject([{ id: idOf(10), eggs: 'seen', note: 'wet', temper: 'calm' }]);
  });

  it('are refused by the rules that hold for an entry', () => {
    const young = { ...colony(OAK, 'Oak'), origin: 'nuc' as const, startedOn: '2027-05-10' };
    const over = { ...colony(ELM, 'Elm'), endedOn: '2027-05-12' };
    const plan = planOf(
      'inspections',
      [
        'hive,date,eggs,youngest brood,frames of brood',
        'Oak,2027-05-09,yes,,',
        'Elm,2027-05-13,yes,,',
        'Oak,2027-06-21,yes,,',
        'Oak,2027-05-11,no,eggs,',
        'Oak,2027-05-12,yes,,61',
        'Oak,,yes,,',
        ',2027-05-12,yes,,',
        'Oak,2027-05-14,yes,,',
        'Oak,2027-05-14,yes,,',
        'Oak,2027-05-15,yes,,7,5',
      ],
      { colonies: [young, over] },
    );
    expect(fates(plan)).toEqual([
      'refused inspection-before-colony',
      'refused inspection-after-colony-ended',
      'refused inspection-in-the-future',
      'refused no-eggs-against-youngest',
      'refused must-be-at-most',
      'refused day-missing',
      'refused hive-missing',
      'new',
      'refused twice-in-sheet',
      'refused row-too-wide',
    ]);
  });

  it('find the hive of that name that stood there then', () => {
    const old = { ...colony(idOf(4), 'Oak'), endedOn: '2027-04-30' };
    const young = { ...colony(OAK, 'oak'), origin: 'nuc' as const, startedOn: '2027-05-01' };
    const plan = planOf('inspections', ['hive,date,eggs', 'Oak,2027-04-20,yes', 'OAK ,2027-05-20,yes'], {
      colonies: [old, young],
    });
    expect(rowsOf(plan, 'inspections').map(({ colonyId }) => colonyId)).toEqual([idOf(4), OAK]);
  });
});

describe('cells', () => {
  const SHEET = [
    'hive,date,cell no,stage,broken down,frame',
    'Oak,2027-05-08,2,charged,,4',
    'Oak,2027-05-01,1,egg,no,3',
    'Oak,2027-05-08,1,sealed,yes,3',
    'Oak,2027-06-10,1,egg,,3',
  ];

  it('go by their names within their hive, in order of time, and after many days a name is another cell', () => {
    const plan = planOf('cells', SHEET);
    expect(fates(plan)).toEqual(['new', 'new', 'new', 'new']);
    expect(rowsOf(plan, 'inspections').map(({ at, thoroughness }) => [at, thoroughness])).toEqual([
      ['2027-05-01T12:00', 'not-searched'],
      ['2027-05-08T12:00', 'not-searched'],
      ['2027-06-10T12:00', 'not-searched'],
    ]);
    expect(rowsOf(plan, 'cells').map(({ label, frame }) => [label, frame])).toEqual([
      ['a', 3],
      ['b', 4],
      ['c', 3],
    ]);
    const sights = rowsOf(plan, 'cellObservations');
    expect(new Set(sights.map(({ cellId }) => cellId)).size).toBe(3);
    expect(sights.filter(({ takenDown }) => takenDown).map(({ found }) => found)).toEqual(['sealed']);
  });

  it('are known when the same sheet comes again, and differ where it says otherwise', () => {
    const book = bookAfter(planOf('cells', SHEET));
    expect(planOf('cells', SHEET, book).changes).toEqual([]);
    expect(fates(planOf('cells', SHEET, book))).toEqual(['known', 'known', 'known', 'known']);
    const more = [...SHEET, 'Oak,2027-05-08,3,egg,,5'];
    expect(fates(planOf('cells', more, book)).at(-1)).toBe('new');
  });

  it('are refused after they were broken down, and without a stage', () => {
    const plan = planOf('cells', [
      'hive,date,cell no,stage,broken down',
      'Oak,2027-05-01,1,sealed,yes',
      'Oak,2027-05-03,1,sealed,no',
      'Oak,2027-05-03,2,,no',
    ]);
    expect(fates(plan)).toEqual(['new', 'refused cell-broken-down-before', 'refused stage-missing']);
  });

  it('are put right where the sheet stands, with the box that it gives', () => {
    const book = bookAfter(planOf('cells', SHEET));
    const lines = ['hive,date,cell,stage,frame', 'Oak,2027-05-08,b,sealed,6'];
    expect(planOf('cells', lines, book).changes).toEqual([]);
    const plan = planOf('cells', lines, book, { isOverBook: true });
    expect(fates(plan)).toEqual(['conflict found frame']);
    expect(rowsOf(plan, 'cellObservations')).toMatchObject([{ found: 'sealed' }]);
    expect(rowsOf(plan, 'cells')).toMatchObject([{ label: 'b', frame: 6 }]);
  });
});

describe('queens', () => {
  it('are those that were in a hive on a day, of a year that is written short', () => {
    const lines = ['hive,introduced,year,source', 'Oak,2027-05-01,27,bought', 'Elm,2027-04-01,2026,own'];
    const plan = planOf('queens', lines);
    expect(fates(plan)).toEqual(['new', 'new']);
    expect(
      rowsOf(plan, 'queens').map(({ origin, emergedFrom, emergedTo }) => [origin, emergedFrom, emergedTo]),
    ).toEqual([
      ['bought', '2027-01-01', '2027-05-01'],
      ['raised', '2026-01-01', '2026-12-31'],
    ]);
    expect(rowsOf(plan, 'queenEvents').map(({ colonyId, on, kind }) => [colonyId, on, kind])).toEqual([
      [OAK, '2027-05-01', 'present'],
      [ELM, '2027-04-01', 'present'],
    ]);
    expect(fates(planOf('queens', lines, bookAfter(plan)))).toEqual(['known', 'known']);
    expect(fates(planOf('queens', [lines[0] as string, 'Oak,2027-05-01,27,own'], bookAfter(plan)))).toEqual([
      'conflict origin',
    ]);
  });

  it('are refused without a hive or an identifier, a day, and with a mother who is nowhere', () => {
    const plan = planOf('queens', [
      'queen id,mother id,hive,introduced,emerged from,emerged to',
      ',,,,,',
      ',,Oak,,,',
      `${idOf(20)},${idOf(29)},,,,`,
      `${idOf(21)},${idOf(20)},,,2027-05-02,2027-05-01`,
      ',,,2027-05-01,,',
      ',,Oak,2027-06-21,,',
    ]);
    expect(fates(plan)).toEqual([
      'refused day-missing',
      'refused choose-her-mother',
      'refused emerged-by-before-from',
      'refused queen-without-hive',
      'refused in-the-future-today',
    ]);
  });

  it('do not hang on a mother whose own row was refused', () => {
    const plan = planOf('queens', [
      'queen id,mother id,emerged from,emerged to',
      `${idOf(21)},${idOf(20)},,`,
      `${idOf(20)},,2027-05-02,2027-05-01`,
    ]);
    expect(fates(plan)).toEqual(['new', 'refused emerged-by-before-from']);
    expect(rowsOf(plan, 'queens')).toMatchObject([{ id: idOf(21), motherQueenId: null }]);
  });
});

describe('colonies', () => {
  it('come of each other in whatever order they stand, in apiaries that are added', () => {
    const plan = planOf('colonies', [
      'apiary,colony,began as,came of,since',
      'Quarry,Ash 2,split,Ash,2027-05-10',
      'Quarry,Ash,,,2027-03-01',
      'Hill,Birch,nuc,Oak,2027-05-12',
    ]);
    expect(fates(plan)).toEqual(['new', 'new', 'new']);
    const [second, first, birch] = rowsOf(plan, 'colonies');
    expect([second?.parentColonyId, first?.parentColonyId, birch?.parentColonyId]).toEqual([first?.id, null, OAK]);
    expect(rowsOf(plan, 'apiaries').map(({ name }) => name)).toEqual(['Quarry']);
  });

  it('are known by their names, and refused where they cannot be', () => {
    const plan = planOf('colonies', [
      'apiary,colony,began as,came of,since,ended on,stand',
      'Hill,oak,,,2027-03-01,,',
      'Hill,Elm,,,,,by the gate',
      'Hill,Fir,nuc,,,,',
      'Hill,Yew,,,2027-06-21,,',
      'Hill,Yew,,,2027-05-02,2027-05-01,',
      'Hill,Pear,split,Nobody,2027-05-02,,',
      'Hill,Plum,split,Pear,2027-05-03,,',
      'Hill,Lime,split,Lime,2027-05-03,,',
      ',Sloe,,,2027-05-03,,',
    ]);
    expect(fates(plan)).toEqual([
      'known',
      'conflict stand',
      'refused day-missing',
      'refused first-day-in-the-future',
      'refused ends-before-it-begins',
      'refused parent-not-known',
      'refused choose-a-parent',
      'refused colony-of-itself',
      'refused choose-an-apiary',
    ]);
    expect(plan.changes).toEqual([]);
  });
});

describe('weights', () => {
  it('are one where they differ by no more than scales round, and are put together with those of their day', () => {
    const scaleDays = [
      { id: idOf(30), colonyId: OAK, on: '2027-05-01', readings: [[720, 31.5]] as [number, number][] },
    ];
    const lines = [
      'hive,date,weight kg',
      'Oak,2027-05-01 12:00,31.502',
      'Oak,2027-05-01 08:00,31',
      'Oak,2027-05-01 12:00,33',
    ];
    const plan = planOf('weights', lines, { scaleDays });
    expect(fates(plan)).toEqual(['known', 'new', 'refused twice-in-sheet']);
    expect(rowsOf(plan, 'scaleDays')).toEqual([
      {
        id: idOf(30),
        colonyId: OAK,
        on: '2027-05-01',
        readings: [
          [480, 31],
          [720, 31.5],
        ],
      },
    ]);
    const other = ['hive,date,weight lb', 'Oak,2027-05-01 12:00,70'];
    expect(planOf('weights', other, { scaleDays }).changes).toEqual([]);
    const put = planOf('weights', other, { scaleDays }, { isOverBook: true });
    expect(fates(put)).toEqual(['conflict kg']);
    expect(rowsOf(put, 'scaleDays')[0]?.readings).toEqual([[720, 31.751466]]);
  });

  it('are refused where they are none, too heavy, to come, or before the colony', () => {
    const colonies = [{ ...colony(OAK, 'Oak'), origin: 'nuc' as const, startedOn: '2027-05-10' }];
    const lines = [
      'hive,date,weight kg',
      'Oak,2027-05-11,',
      'Oak,2027-05-11,heavy',
      'Oak,2027-05-11,501',
      'Oak,2027-06-21,30',
      'Oak,2027-05-09,30',
    ];
    expect(fates(planOf('weights', lines, { colonies }))).toEqual([
      'refused not-a-number',
      'refused not-a-number',
      'refused must-be-at-most',
      'refused reading-in-the-future',
      'refused colony-began-later',
    ]);
  });
});

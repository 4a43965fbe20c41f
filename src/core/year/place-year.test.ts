import { describe, expect, it } from 'vitest';
import { day, formatDay } from '../calendar/day';
import type { ApiaryYear } from './apiary-year';
import { endOfRest, inSeason, seasonAround, seasonPart, seasonStarting, workingYear } from './beekeeping-year';
import { flowExpected, flowsOfSeason } from './flow-expected';
import { atPlace, isInSpan, isMonthDay, onYear, placeInYear } from './month-day';
import { joinedYear, placeYear } from './place-year';

const NORTHERN_SWARM_MONTHS = [4, 5, 6, 7];
const SOUTHERN_SWARM_MONTHS = [10, 11, 12, 1];
const NORTH = placeYear(NORTHERN_SWARM_MONTHS, null);
const SOUTH = placeYear(SOUTHERN_SWARM_MONTHS, null);

describe('the beekeeping year', () => {
  it.each([
    ['2027-02-28', 'rest', 'after-season'],
    ['2027-03-01', 'build-up', 'after-season'],
    ['2027-04-01', 'swarm-season', 'after-season'],
    ['2027-07-31', 'swarm-season', 'rest'],
    ['2027-08-01', 'after-season', 'rest'],
    ['2027-09-01', 'after-season', 'build-up'],
    ['2027-10-31', 'after-season', 'swarm-season'],
    ['2027-11-01', 'rest', 'swarm-season'],
    ['2027-01-31', 'rest', 'swarm-season'],
  ] as const)('%s is %s in the north and %s in the south', (on, north, south) => {
    expect([seasonPart(day(on), NORTH), seasonPart(day(on), SOUTH)]).toEqual([north, south]);
  });

  it('ends its rest on the first day of build-up', () => {
    const end = (on: string, months: readonly number[]) => formatDay(endOfRest(day(on), placeYear(months, null)));
    expect(end('2027-11-15', NORTHERN_SWARM_MONTHS)).toBe('2028-03-01');
    expect(end('2028-01-15', NORTHERN_SWARM_MONTHS)).toBe('2028-03-01');
    expect(end('2027-06-15', SOUTHERN_SWARM_MONTHS)).toBe('2027-09-01');
    expect(end('2027-06-15', NORTHERN_SWARM_MONTHS)).toBe('2027-06-15');
  });

  it('goes by the months in which swarms come, wherever they lie', () => {
    const parts = (...months: number[]) =>
      Array.from(
        { length: 12 },
        (_, i) => seasonPart(day(`2027-${String(i + 1).padStart(2, '0')}-10`), placeYear(months, null))[0],
      ).join('');
    expect(parts(2, 3, 4)).toBe('bsssaaarrrrr');
    expect(parts(12, 1, 2)).toBe('ssaaarrrrrbs');
    // Two seasons in a year, with a pause that is no rest between them.
    expect(parts(4, 5, 9)).toBe('rrbssaabsaaa');
    expect(parts(1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12)).toBe('s'.repeat(12));
    expect(parts(6)).toBe('rrrrbsaaarrr');
  });

  it('is shown from its build-up to its rest, in the rest the nearer', () => {
    const shown = (on: string, months: readonly number[]) => {
      const { from, to } = workingYear(day(on), placeYear(months, null));
      return `${formatDay(from)} ${formatDay(to)}`;
    };
    expect(shown('2027-05-16', NORTHERN_SWARM_MONTHS)).toBe('2027-03-01 2027-10-31');
    expect(shown('2027-12-01', NORTHERN_SWARM_MONTHS)).toBe('2027-03-01 2027-10-31');
    expect(shown('2028-01-20', NORTHERN_SWARM_MONTHS)).toBe('2028-03-01 2028-10-31');
    expect(shown('2027-01-16', SOUTHERN_SWARM_MONTHS)).toBe('2026-09-01 2027-04-30');
    expect(shown('2027-05-16', [1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12])).toBe('2027-01-01 2027-12-31');
    expect(shown('2027-05-16', [2, 3, 4, 5, 6, 7, 8, 9])).toBe('2027-01-01 2027-12-31');
  });
});

const entered = (over: Partial<ApiaryYear>): ApiaryYear => ({ starts: {}, spans: [], ...over });
const swarms = (from: string, to: string) => ({ kind: 'swarm-season', from, to }) as const;

describe('days of the year as they were entered', () => {
  const partOn = (on: string, year: ApiaryYear) => seasonPart(day(on), placeYear(NORTHERN_SWARM_MONTHS, year));

  it('stand for the months, with as long a build-up and time after it', () => {
    const year = entered({ spans: [swarms('04-20', '06-25')] });
    expect(partOn('2027-04-19', year)).toBe('build-up');
    expect(partOn('2027-04-20', year)).toBe('swarm-season');
    expect(partOn('2027-06-25', year)).toBe('swarm-season');
    expect(partOn('2027-06-26', year)).toBe('after-season');
    expect(partOn('2027-03-19', year)).toBe('rest');
    expect(partOn('2027-09-27', year)).toBe('rest');
  });

  it('say when it builds up and when winter comes', () => {
    const year = entered({ starts: { 'build-up': '02-20', winter: '10-10' }, spans: [swarms('04-20', '06-25')] });
    expect(partOn('2027-02-19', year)).toBe('rest');
    expect(partOn('2027-02-20', year)).toBe('build-up');
    expect(partOn('2027-10-09', year)).toBe('after-season');
    expect(partOn('2027-10-10', year)).toBe('rest');
    // Later than the usual month before: the days before it are rest again.
    expect(partOn('2027-04-01', entered({ starts: { 'build-up': '04-10' }, spans: [swarms('04-20', '06-25')] }))).toBe(
      'rest',
    );
    // By months, with nothing but its winter known.
    expect(partOn('2027-10-20', entered({ starts: { winter: '10-15' } }))).toBe('rest');
    expect(partOn('2027-11-10', entered({ starts: { winter: '11-20' } }))).toBe('after-season');
  });

  it('run over the end of the year, begin in February, or never end', () => {
    const south = entered({ spans: [swarms('09-15', '01-10')] });
    expect(['2027-12-31', '2028-01-10', '2028-01-11', '2027-09-01'].map((on) => partOn(on, south))).toEqual([
      'swarm-season',
      'swarm-season',
      'after-season',
      'build-up',
    ]);
    const early = placeYear(NORTHERN_SWARM_MONTHS, entered({ spans: [swarms('02-05', '05-31')] }));
    expect(seasonStarting(2027, early)).toMatchObject({
      from: day('2027-01-05'),
      swarms: { from: day('2027-02-05'), to: day('2027-05-31') },
    });
    const always = placeYear(NORTHERN_SWARM_MONTHS, entered({ spans: [swarms('01-01', '12-31')] }));
    expect(seasonStarting(2027, always)).toMatchObject({ from: day('2027-01-01'), to: day('2027-12-31') });
    expect(seasonAround(day('2027-08-08'), always).year).toBe(2027);
  });

  it('tell which season a day belongs to, in the rest the one to come', () => {
    expect(
      ['2027-01-05', '2027-05-16', '2027-10-31', '2027-11-20'].map((on) => seasonAround(day(on), NORTH).year),
    ).toEqual([2027, 2027, 2027, 2028]);
    expect(['2027-01-05', '2027-04-30', '2027-06-15'].map((on) => seasonAround(day(on), SOUTH).year)).toEqual([
      2026, 2026, 2027,
    ]);
    expect(seasonStarting(2027, SOUTH)).toMatchObject({ from: day('2027-09-01'), to: day('2028-04-30') });
  });

  it('join over several places', () => {
    const moor = placeYear([8, 9], null);
    const both = joinedYear([NORTH, moor]);
    expect(
      ['2027-03-10', '2027-07-20', '2027-09-20', '2027-12-20', '2028-01-20'].map((on) => seasonPart(day(on), both)),
    ).toEqual(['build-up', 'swarm-season', 'swarm-season', 'after-season', 'rest']);
  });
});

describe('a day that comes every year', () => {
  it('is one that a year has', () => {
    expect(['02-29', '12-31', '02-30', '2-1', '13-01'].map(isMonthDay)).toEqual([true, true, false, false, false]);
    expect([formatDay(onYear('02-29', 2028)), formatDay(onYear('02-29', 2027))]).toEqual(['2028-02-29', '2027-02-28']);
    expect([placeInYear('01-01'), placeInYear('12-31'), atPlace(-1), atPlace(366)]).toEqual([0, 365, '12-31', '01-01']);
    expect([
      isInSpan(placeInYear('01-05'), { from: '12-01', to: '01-05' }),
      isInSpan(placeInYear('01-06'), { from: '12-01', to: '01-05' }),
    ]).toEqual([true, false]);
  });

  it('lies in a season, also in one that runs over the year’s end', () => {
    const south = seasonStarting(2027, SOUTH);
    expect(inSeason({ from: '12-20', to: '01-20' }, south)).toEqual({ from: day('2027-12-20'), to: day('2028-01-20') });
    expect(inSeason({ from: '06-01', to: '06-20' }, south)).toBeNull();
  });
});

describe('the flow that is expected', () => {
  const usual = entered({
    spans: [
      { kind: 'flow', from: '04-25', to: '05-20' },
      { kind: 'flow', from: '06-20', to: '07-20' },
    ],
  });
  const NOTHING = { mainFlowFrom: null, mainFlowTo: null };

  it('is the next that comes every year', () => {
    const next = (on: string) =>
      formatDay(flowExpected({ ...NOTHING, year: usual }, day(on))?.from ?? day('1999-01-01'));
    expect(['2027-01-10', '2027-05-20', '2027-05-21', '2027-07-21'].map(next)).toEqual([
      '2027-04-25',
      '2027-04-25',
      '2027-06-20',
      '2028-04-25',
    ]);
    expect(flowExpected(NOTHING, day('2027-05-01'))).toBeNull();
  });

  it('is what was said of this year, until that is long over', () => {
    const said = { mainFlowFrom: '2027-06-01', mainFlowTo: '2027-06-30', year: usual };
    expect(formatDay(flowExpected(said, day('2027-07-21'))?.from as never)).toBe('2027-06-01');
    expect(formatDay(flowExpected(said, day('2028-02-01'))?.from as never)).toBe('2028-04-25');
    expect(flowsOfSeason(said, seasonStarting(2027, NORTH)).map(({ from }) => formatDay(from))).toEqual([
      '2027-04-25',
      '2027-06-01',
    ]);
    expect(flowsOfSeason(said, seasonStarting(2028, NORTH)).map(({ from }) => formatDay(from))).toEqual([
      '2028-04-25',
      '2028-06-20',
    ]);
  });
});

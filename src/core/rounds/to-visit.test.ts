import { describe, expect, it } from 'vitest';
import { addDays, day } from '../calendar/day';
import { checkKey } from '../programmes/check-key';
import { verbatim } from '../says/together';
import { aCheck, type Check, type CheckCode } from '../schedule/check';
import { apart, couplesOf, toVisit } from './to-visit';
import { minutesByKind, OPENING_MINUTES, USUAL_MINUTES } from './work';

const D = day('2027-05-16');
const at = (n: number) => addDays(D, n);
const DAYS = { today: D, last: at(13) };

const check = (code: CheckCode, from: number, to: number, over: Partial<Check> = {}): Check =>
  aCheck({
    key: checkKey(code, 'f'),
    code,
    window: { earliest: at(from), ideal: at(from), latest: at(to) },
    why: verbatim('why'),
    ...over,
  });
const colony = (checks: readonly Check[], over: Partial<Parameters<typeof toVisit>[0]> = {}) => ({
  id: 'c',
  apiaryId: 'a',
  checks,
  leaveShut: [],
  hasCells: false,
  lastLook: null,
  began: () => null,
  ...over,
});
const visit = (one: Check, over: Partial<Parameters<typeof toVisit>[0]> = {}) =>
  toVisit(colony([one], over), DAYS, USUAL_MINUTES)[0];
const window = (one: Check) => {
  const found = visit(one)?.window;
  return found && [found.earliest, found.ideal, found.latest].map((on) => on - D);
};

describe('what is handed to the planner', () => {
  it('is what has its best or its last day within the two weeks', () => {
    expect(window(check('look', 3, 5))).toEqual([3, 3, 5]);
    expect(window(check('look', 13, 20))).toEqual([13, 13, 20]);
    expect(visit(check('look', 14, 20))).toBeUndefined();
    // Its best day is far off because the keeper chose it.
    expect(visit(check('look', 3, 5, { plannedFor: at(30) }))).toBeUndefined();
  });

  it('keeps its own days where it is late', () => {
    expect(window(check('look', -6, -1))).toEqual([-6, -6, -1]);
    expect(visit(check('look', -6, -1))?.isLate).toBe(true);
    expect(visit(check('look', -6, 0))?.isLate).toBe(false);
  });

  it('says from when on it can soundly be done early', () => {
    const early = (one: Check, over: Partial<Parameters<typeof toVisit>[0]> = {}) => {
      const from = visit(one, over)?.earlyFrom;
      return from === undefined ? null : from - D;
    };
    expect(early(check('look', 5, 7), { lastLook: at(-1) })).toBe(3);
    // Not before the day that the keeper chose, not where nothing was looked at before, and not where that is its first day anyway.
    expect(early(check('look', 5, 7, { plannedFor: at(6) }), { lastLook: at(-1) })).toBeNull();
    expect(early(check('look', 5, 7))).toBeNull();
    expect(early(check('look', 3, 7), { lastLook: at(-1) })).toBeNull();
    expect(early(check('first-look', 5, 7))).toBe(0);
    const thin = check('thin-cells', 4, 6, { programme: { id: 'p', unit: 'parent' } });
    expect(early(thin, { began: (id) => (id === 'p' ? at(-2) : null) })).toBe(2);
    expect(early(thin)).toBeNull();
    for (const code of ['eggs', 'laying-check', 'nuc-settled', 'which-half'] as const)
      expect(early(check(code, 5, 7), { lastLook: at(-9), began: () => at(-9) })).toBeNull();
  });

  it('has no sense any more after the day on which its hive is to be left shut', () => {
    const leaveShut = [{ from: at(6), to: at(20) }];
    expect(visit(check('thin-cells', 1, 3), { leaveShut })?.notAfter).toBe(at(5));
    expect(visit(check('thin-cells', -4, -2), { leaveShut })?.notAfter).toBe(at(5));
    expect(visit(check('thin-cells', 1, 3))?.notAfter).toBeUndefined();
    expect(visit(check('doors', 1, 3), { leaveShut })?.notAfter).toBeUndefined();
    // What is late when it is shut already waits until it is not.
    expect(visit(check('look', -4, -2), { leaveShut: [{ from: at(-1), to: at(3) }] })).toBeUndefined();
  });

  it('goes by the day that the keeper chose, be it before or after its own days', () => {
    expect(window(check('look', 3, 5, { plannedFor: at(4) }))).toEqual([4, 4, 5]);
    expect(window(check('look', 3, 5, { plannedFor: at(1) }))).toEqual([1, 1, 5]);
    expect(window(check('look', -5, -3, { plannedFor: at(2) }))).toEqual([2, 2, 2]);
    expect(window(check('look', -5, -3, { plannedFor: at(-1) }))).toEqual([-1, -1, -1]);
  });

  it('leaves a hive shut that is to be left shut, but for what forces it open', () => {
    const leaveShut = [{ from: at(2), to: at(9) }];
    expect(visit(check('look', 0, 5), { leaveShut })?.shut).toEqual(leaveShut);
    expect(visit(check('look', 3, 8), { leaveShut })).toBeUndefined();
    expect(visit(check('look', 3, 8, { forced: verbatim('it must') }), { leaveShut })?.shut).toEqual([]);
    expect(visit(check('doors', 3, 8), { leaveShut })?.shut).toEqual([]);
    // One that ends before it begins is no such days.
    expect(visit(check('look', 3, 8), { leaveShut: [{ from: at(5), to: at(4) }] })).toBeDefined();
  });

  it('is no daily task, and minds whether the nest is opened', () => {
    expect(visit(check('turn-hive', 0, 8))).toBeUndefined();
    expect(visit(check('look', 0, 1))).toMatchObject({ opens: true, minutes: USUAL_MINUTES.look + OPENING_MINUTES });
    // The hive is opened, the nest is not.
    expect(visit(check('supers-check', 0, 1))).toMatchObject({
      opens: false,
      minutes: USUAL_MINUTES.supers + OPENING_MINUTES,
    });
    expect(visit(check('doors', 0, 1))).toMatchObject({ opens: false, minutes: USUAL_MINUTES.doors });
  });
});

describe('what weighs how much', () => {
  const weight = (one: Check, over: Partial<Parameters<typeof toVisit>[0]> = {}) => visit(one, over)?.weight;

  it('goes by what can be lost', () => {
    expect(weight(check('thin-cells', 0, 1))).toBe(100);
    expect(weight(check('which-half', 0, 1))).toBe(100);
    expect(weight(check('eggs', 0, 1))).toBe(5);
    expect(weight(check('nuc-settled', 0, 1))).toBe(5);
    expect(weight(check('make-room', 0, 1))).toBe(2);
    expect(weight(check('act', 0, 1, { reading: 'swarm-imminent' }))).toBe(100);
    expect(weight(check('act', 0, 1, { reading: 'congested' }))).toBe(2);
  });

  it('takes a routine inspection for routine, unless there are cells', () => {
    expect(weight(check('look', 0, 1))).toBe(2);
    expect(weight(check('look', 0, 1), { hasCells: true })).toBe(100);
  });

  it('is forty where its window ends as the hive is to be left shut', () => {
    const leaveShut = [{ from: at(2), to: at(12) }];
    expect(weight(check('move-parent', 0, 1), { leaveShut })).toBe(40);
    expect(weight(check('move-parent', 0, 0), { leaveShut })).toBe(2);
    expect(weight(check('thin-cells', 0, 1), { leaveShut })).toBe(100);
    expect(weight(check('doors', 0, 1), { leaveShut })).toBe(2);
  });
});

describe('what belongs together', () => {
  const half = (id: string, from: number, to: number) =>
    toVisit(
      colony([check('which-half', from, to, { programme: { id: 'p', unit: 'both' } })], { id }),
      DAYS,
      USUAL_MINUTES,
    );

  it('is both halves of a split, and is said where their days do not meet', () => {
    const meet = [...half('x', 0, 2), ...half('y', 2, 3)];
    expect(couplesOf(meet)).toEqual([[meet[0]?.id, meet[1]?.id]]);
    expect(apart(meet, couplesOf(meet))).toEqual([]);
    const do_not = [...half('x', 0, 1), ...half('y', 2, 3)];
    expect(apart(do_not, couplesOf(do_not)).map((pair) => pair.map(({ colonyId }) => colonyId))).toEqual([['x', 'y']]);
    expect(couplesOf(half('x', 0, 2))).toEqual([]);
  });
});

it('minutes are as the keeper says, else as learned, else as usual', () => {
  const learned = new Map([
    ['look', { minutes: 17 }],
    ['eggs', { minutes: 5 }],
  ] as const);
  expect(minutesByKind({ look: 9 }, learned)).toMatchObject({ look: 9, eggs: 5, supers: USUAL_MINUTES.supers });
});

import { describe, expect, it } from 'vitest';
import { day, formatDay } from '../calendar/day';
import type { InspectionFact } from '../colony/facts';
import type { ProgrammeFact } from './facts';
import { anAnswer, aProgramme, look } from './testing';
import { changedParts, type HalfKnown, type HalvesSeen, whichHalf } from './which-half';

const D0 = '05-10';
const split = (over: Partial<ProgrammeFact> = {}) =>
  aProgramme({
    id: 'p',
    method: 'walk-away',
    on: day(`2027-${D0}`),
    units: [
      { unit: 'queen-half', colonyId: 'a' },
      { unit: 'queenless-half', colonyId: 'b' },
    ],
    ...over,
  });
type Answers = ReturnType<typeof anAnswer>[];
const word = (on: string, queenless: string | null, over: object = {}) =>
  anAnswer('p', 'a', 'which-half', `2027-${on}`, queenless === null ? 'neither' : 'known', {
    queenlessColonyId: queenless,
    ...over,
  });
const words = (known: readonly HalfKnown[]) =>
  known.map(({ on, is, by }) => `${formatDay(on).slice(5)} ${is} by ${by}`);
const told = (
  colonyId: string,
  looks: { readonly a?: readonly InspectionFact[]; readonly b?: readonly InspectionFact[] },
  answers: Answers = [],
  programme = split(),
) =>
  words(
    whichHalf(
      programme,
      colonyId,
      { looksOf: (id) => (looks as Record<string, readonly InspectionFact[]>)[id] ?? [], dividedOn: {} },
      answers,
      day('2027-06-30'),
    ),
  );

const eggs = (on: string, over: Partial<InspectionFact> = {}) =>
  look(on, { eggs: 'seen', queen: 'not-looked-for', ...over });
const none = (on: string, over: Partial<InspectionFact> = {}) =>
  look(on, { eggs: 'none', queen: 'not-looked-for', thoroughness: 'cleared', ...over });
const queen = (on: string, over: Partial<InspectionFact> = {}) =>
  look(on, { eggs: 'not-looked-for', queen: 'seen', queenSeenAs: 'as-known', ...over });

describe('what is known of a half, in order of time', () => {
  it('is nothing of a colony that is no half of it, nor where there is but one', () => {
    expect(told('c', { a: [eggs('05-15')] })).toEqual([]);
    const one = split({ units: [{ unit: 'hive', colonyId: 'a' }] });
    expect(told('a', { a: [eggs('05-15')] }, [], one)).toEqual([]);
  });

  it('is what told first, whatever was entered first, and later looks change nothing', () => {
    const looks = { a: [eggs('05-17'), eggs('05-15')], b: [eggs('05-16')] };
    expect(told('a', looks)).toEqual(['05-15 queen by eggs']);
    expect(told('b', looks)).toEqual(['05-15 queenless by eggs']);
  });

  it('is changed by the keeper’s word alone, each change once', () => {
    const said = [word('05-20', 'a'), word('05-21', 'a'), word('05-24', 'b'), word('05-26', null)];
    const by = ['05-15 queen by eggs', '05-20 queenless by word', '05-24 queen by word', '05-26 failed by word'];
    expect(told('a', { a: [eggs('05-15')] }, said)).toEqual(by);
    expect(told('a', { a: [eggs('05-15')] }, [...said].reverse())).toEqual(by);
    expect(told('a', {}, [word('05-20', 'a', { programmeId: 'other' })])).toEqual([]);
    expect(told('a', {}, [word('05-20', null, { answer: 'cannot-tell' })])).toEqual([]);
    expect(told('a', {}, [word('05-20', null, { answer: 'known' })])).toEqual([]);
    expect(told('a', {}, [word('07-20', 'a')])).toEqual([]);
  });

  it('is settled by eggs so late that a young queen may have laid them, and then only by a word', () => {
    expect(told('a', { a: [eggs('06-05'), eggs('05-27')] })).toEqual(['05-27 settled by eggs']);
    // Drone brood in worker cells is laid by no queen that counts.
    expect(told('a', { a: [eggs('05-27', { droneBroodInWorkerCells: 'seen' })] })).toEqual([]);
    // It was known before: what is seen later is read by it.
    expect(told('a', { a: [eggs('05-27')], b: [eggs('05-26')] })).toEqual(['05-26 queenless by eggs']);
    expect(told('a', { a: [eggs('05-27')] }, [word('05-29', 'b')])).toEqual([
      '05-27 settled by eggs',
      '05-29 queen by word',
    ]);
    expect(told('a', {}, [anAnswer('p', 'a', 'eggs', '2027-05-28', 'eggs')])).toEqual(['05-28 settled by eggs']);
    expect(told('a', {}, [anAnswer('p', 'b', 'eggs', '2027-05-28', 'eggs')])).toEqual([]);
    expect(told('a', {}, [anAnswer('p', 'a', 'eggs', '2027-05-26', 'eggs')])).toEqual([]);
  });

  it('is told by the old queen, seen as known at any time, or before a virgin can be out', () => {
    expect(told('a', { a: [queen('05-11')] })).toEqual(['05-11 queen by seen']);
    expect(told('a', { a: [queen('06-11')] })).toEqual(['06-11 queen by seen']);
    expect(told('a', { a: [queen('05-18', { queenSeenAs: 'not-said' })] })).toEqual(['05-18 queen by seen']);
    expect(told('a', { a: [queen('05-19', { queenSeenAs: 'not-said' })] })).toEqual([]);
    expect(told('a', { a: [queen('05-12', { queenSeenAs: 'virgin' })] })).toEqual([]);
    expect(told('a', { a: [queen('05-12', { queenSeenAs: 'unmarked' })] })).toEqual([]);
    expect(told('a', { a: [queen('05-09')] })).toEqual([]);
  });

  it('takes a look of the day itself only where the split is known to have been before it', () => {
    expect(told('a', { a: [queen(D0)] })).toEqual([]);
    const at = (minute: string) => told('a', { a: [queen(D0)] }, [], split({ at: `2027-${D0}T${minute}` }));
    expect(at('14:59')).toEqual(['05-10 queen by seen']);
    expect(at('15:00')).toEqual([]);
  });

  it('has failed once both were looked through in time and had neither eggs nor cells, since the later of the two', () => {
    expect(told('a', { a: [none('05-16'), none('05-14')], b: [none('05-15')] })).toEqual(['05-15 failed by nothing']);
    expect(told('a', { a: [none('05-14')], b: [none('05-17')] })).toEqual(['05-17 failed by nothing']);
    // Only tipped up, or so late that a virgin may be running there, it says nothing.
    expect(told('a', { a: [none('05-14', { thoroughness: 'tip-up' })], b: [none('05-17')] })).toEqual([]);
    expect(told('a', { a: [none('05-19')], b: [none('05-18')] })).toEqual([]);
    expect(told('a', { a: [none('05-18')], b: [none('05-18')] })).toEqual(['05-18 failed by nothing']);
  });
});

describe('parts that change', () => {
  const vertical = aProgramme({
    id: 'p',
    method: 'vertical-split',
    on: day(`2027-${D0}`),
    units: [
      { unit: 'bottom', colonyId: 'a' },
      { unit: 'top', colonyId: 'b' },
    ],
  });
  const seenIn = (looks: Readonly<Record<string, readonly InspectionFact[]>>) => ({
    looksOf: (id: string) => looks[id] ?? [],
    dividedOn: {},
  });
  const changed = (
    colonyId: string,
    answers: Answers,
    programme: ProgrammeFact = vertical,
    seen: HalvesSeen = seenIn({}),
  ) => words(changedParts(programme, colonyId, seen, answers, day('2027-06-30')));

  it('only where the units are alike, by the keeper’s word, and only when it is another than was known', () => {
    // Planned so that the top raises a queen: to say so changes nothing.
    expect(changed('a', [word('05-14', 'b')])).toEqual([]);
    const said = [word('05-14', 'a'), word('05-15', 'a'), word('05-18', 'b'), word('05-20', null)];
    const atTop = ['05-14 queen by word', '05-18 queenless by word', '05-20 failed by word'];
    expect(changed('b', said)).toEqual(atTop);
    expect(changed('b', [...said].reverse())).toEqual(atTop);
    expect(changed('a', said)[0]).toEqual('05-14 queenless by word');
    expect(changed('c', said)).toEqual([]);
    expect(changed('a', said, split())).toEqual([]);
  });

  it.each([
    ['eggs on top from day 4', { b: [eggs('05-14')] }, ['05-14 queen by eggs']],
    ['eggs of the day of the split', { b: [eggs('05-13')] }, []],
    ['eggs that a young queen may have laid', { b: [eggs('05-27')] }, []],
    ['she, seen on top', { b: [queen('05-11')] }, ['05-11 queen by seen']],
    ['eggs below first', { a: [eggs('05-14')], b: [eggs('05-16')] }, []],
    ['cells and no eggs below: she may have stopped', { a: [none('05-16')] }, []],
  ] as const)('by what was seen: %s', (_, looks, expected) => {
    expect(changed('b', [], vertical, seenIn(looks))).toEqual(expected);
    const other = expected.map((known) => known.replace('queen ', 'queenless '));
    expect(changed('a', [], vertical, seenIn(looks))).toEqual(other);
  });
});

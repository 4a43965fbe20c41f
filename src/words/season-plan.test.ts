import { describe, expect, it } from 'vitest';
import { day } from '../core/calendar/day';
import type { Intention } from '../core/season-plan/intentions';
import { WAY_NAMES } from '../core/season-plan/way';
import { WAYS } from '../core/season-plan/ways/ways';
import { foodAskedWords, foodWords } from './food';
import {
  atTheEndWords,
  borrowWords,
  fewerWords,
  intentionWords,
  markName,
  moveThemWords,
  seasonName,
  shortWords,
  tooMuchWords,
  WAY_WORDS,
} from './season-plan';
import { monthDayWords, signWords } from './year';

const on = (text: string) => day(`2027-${text}`);
const demaree: Intention = {
  key: 'demaree',
  code: 'demaree',
  method: 'demaree',
  window: { earliest: on('05-10'), ideal: on('05-20'), latest: on('06-03') },
  on: on('05-20'),
  isMoved: false,
  isIfCells: false,
  status: 'to-come',
  because: null,
  begun: null,
};
const said = (over: Partial<Intention>, today = on('05-16')) => intentionWords({ ...demaree, ...over }, today);

describe('what is meant, in sentences', () => {
  it('says its day while it is to come, its last while it is there', () => {
    expect(said({})).toBe('The Demaree: best Thu 20 May, any day 10 May to 3 Jun.');
    expect(said({ status: 'now' })).toBe(
      'It is time for the Demaree: best Thu 20 May, any day up to and including 3 Jun.',
    );
    expect(said({ status: 'now' }, on('05-28'))).toBe('It is time for the Demaree: any day up to and including 3 Jun.');
    expect(said({ status: 'held', because: { code: 'no-laying-queen' } })).toBe(
      'It is time for the Demaree (10 May to 3 Jun), but it has no laying queen now.',
    );
  });

  it('says what it gave way to', () => {
    const dropped = (because: Intention['because']) => said({ status: 'dropped', because });
    expect(dropped({ code: 'charged-cells', on: on('05-03') })).toBe(
      'Charged cells on 3 May: the Demaree meant for 20 May is dropped.',
    );
    expect(dropped({ code: 'other-method', on: on('05-03'), method: 'nuc-swarm' })).toBe(
      'Artificial swarm with a nuc was begun on 3 May: the Demaree meant for 20 May is dropped.',
    );
    expect(dropped({ code: 'keeper' })).toBe('You dropped it: the Demaree meant for 20 May is dropped.');
    expect(said({ status: 'lapsed' })).toContain('is not entered as done: its time was over on 3 Jun.');
    expect(said({ status: 'lapsed', isIfCells: true, method: 'nuc-swarm' })).toContain('it was not needed');
    expect(said({ status: 'begun', begun: { programmeId: 'p', on: on('05-19') } })).toBe(
      'The Demaree: done on 19 May.',
    );
  });

  it('has a name and a line for each way, and a short mark for each act', () => {
    expect(Object.keys(WAY_WORDS).sort()).toEqual([...WAY_NAMES].sort());
    for (const { acts } of WAYS)
      for (const { method } of acts)
        for (const one of typeof method === 'string' ? [method] : method)
          expect(markName({ method: one, isIfCells: false }).length).toBeLessThanOrEqual(16);
  });

  it('says what does not go, and what would', () => {
    expect(tooMuchWords({ from: on('05-24'), to: on('05-30') }, 548, 480)).toBe(
      'Too much work 24 to 30 May: 9 h 8 min, and 8 h are free.',
    );
    expect(moveThemWords([{ words: 'the Demaree of Yarrow', to: on('06-03') }])).toBe(
      'Put the Demaree of Yarrow on 3 Jun.',
    );
    expect(fewerWords(['the Demaree of Yarrow'])).toBe('Or do without the Demaree of Yarrow.');
    expect(shortWords(['brood-box'], 2, on('05-24'))).toBe('Short from 24 May on: 2 brood boxes.');
    expect(borrowWords(2, 2)).toBe('Make, buy or borrow them, or do 2 fewer of what takes them.');
    expect(atTheEndWords(3, 5, 1, ['2 nuc boxes'])).toBe(
      '5 colonies at the end of the season, 3 now, up to 6 if cells come wherever you wait for them. That takes 2 nuc boxes.',
    );
    expect([seasonName(2027, false), seasonName(2027, true), seasonName(2099, true)]).toEqual([
      '2027',
      '2027/28',
      '2099/00',
    ]);
  });
});

describe('a year and food, in words', () => {
  it('says days of the year, and signs with the years behind them', () => {
    expect(monthDayWords('05-01')).toBe('1 May');
    expect(signWords({ sign: 'charged-cells', middle: '05-20', earliest: '05-18', latest: '05-25', years: 3 })).toBe(
      'First charged cells: about 20 May (18 to 25 May, 3 years).',
    );
    expect(signWords({ sign: 'last-cells', middle: '07-02', earliest: '07-02', latest: '07-02', years: 1 })).toBe(
      'Last cells: about 2 Jul (one year).',
    );
  });

  it('says what was given and taken, and why food is asked about', () => {
    expect(foodWords({ kind: 'stores-frame', amount: 1 })).toBe('a frame of stores');
    expect(foodWords({ kind: 'honey-taken', amount: 12 })).toBe('12 kg of honey taken');
    expect(foodAskedWords({ code: 'cold-with-little', from: on('05-18'), to: on('05-20'), foundOn: on('05-14') })).toBe(
      'Little food on 14 May, and bees may stay in 18 to 20 May. Feed it before then.',
    );
  });
});

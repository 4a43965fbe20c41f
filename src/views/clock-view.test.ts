import { describe, expect, it } from 'vitest';
import { day } from '../core/calendar/day';
import type { CellStage } from '../core/cells/stage';
import type { ClockState } from './clock-state';
import { clockView } from './clock-view';

const state = (...sights: [string, CellStage][]): ClockState => ({
  sights: sights.map(([on, stage]) => ({ on: day(`2027-05-${on}`), stage })),
  checks: [],
  queenRemoved: null,
});
const view = (today: string, ...sights: [string, CellStage][]) => {
  const made = clockView(state(...sights), day(today));
  if (!made) throw new Error('nothing to show');
  return made;
};

describe('what the cell clock says', () => {
  it('says nothing while nothing was seen', () => expect(clockView(state(), day('2027-05-16'))).toBeNull());

  it.each([
    ['2027-05-10', 'It may be sealed now', ['10', 'larva-large']],
    ['2027-05-10', 'Sealed from Fri 14 May', ['10', 'egg']],
    ['2027-05-15', 'Closed; virgin out from Sun 16 May', ['10', 'larva-large']],
    ['2027-05-17', 'A virgin may be out now', ['10', 'larva-large']],
    [
      '2027-06-17',
      'Emerged or dead by now. If still sealed at your next inspection, open the cell',
      ['10', 'larva-large'],
    ],
    ['2027-05-10', 'A dry cup: nothing to date', ['10', 'cup-dry']],
    ['2027-05-10', 'Broken down', ['10', 'removed']],
    ['2027-05-10', 'Torn down: a virgin is, or was, loose', ['10', 'torn-down']],
    ['2027-05-10', 'The virgin is out', ['10', 'emerged']],
  ] as const)('on %s: %s', (today, headline, sight) => {
    expect(view(today, [...sight] as [string, CellStage]).headline).toBe(headline);
  });

  it('gives laying, sealing and emergence with what is likely', () => {
    const { lines } = view('2027-05-16', ['10', 'larva-large']);
    expect(lines).toEqual([
      { name: 'Laid', words: '1 to 5 May', likely: '11 to 15 days old today' },
      { name: 'Sealed', words: '10 to 14 May', likely: 'likely 10 to 13 May' },
      { name: 'Virgin emerges', words: '16 to 22 May', likely: 'likely 17 to 21 May' },
    ]);
  });

  it('names both sides of a contradiction and dates nothing', () => {
    const { headline, conflict, lines, marks } = view('2027-05-16', ['10', 'sealed-ripe'], ['12', 'egg']);
    expect(headline).toEqual('This cannot all be true');
    expect(conflict).toContain('“egg” on 12 May and “sealed, ripe” on 10 May cannot both be true.');
    expect(lines.map(({ words }) => words)).toEqual(['cannot say', 'cannot say', 'cannot say']);
    expect(marks.every(({ type }) => type === 'look')).toBe(true);
  });

  it('explains what each look contributed', () => {
    const made = clockView(
      {
        ...state(['10', 'larva-large']),
        checks: [
          { on: day('2027-05-03'), thoroughness: 'cleared' },
          { on: day('2027-05-04'), thoroughness: 'bees-on' },
          { on: day('2027-05-05'), thoroughness: 'tip-up' },
          { on: day('2027-05-12'), thoroughness: 'cleared' },
        ],
        queenRemoved: day('2027-05-08'),
      },
      day('2027-05-16'),
    );
    expect(made?.because).toEqual([
      'charged (large larva) on 10 May: laid 1 to 5 May (5 to 9 days old)',
      'not there on 3 May (bees shaken or brushed off; it may be drawn over an egg or larva that was there): laid 27 Apr or later',
      'not there on 4 May (bees left on, so an egg may have been missed; it may be drawn over an egg or larva that was there): laid 25 Apr or later',
      'only tipped up on 5 May: says nothing of this cell',
      'queen gone on 8 May: laid 2 to 8 May',
    ]);
  });

  it('begins its days two before the first laying day', () => {
    expect(view('2027-05-16', ['10', 'larva-large']).axis.first).toBe(day('2027-04-29'));
  });
});

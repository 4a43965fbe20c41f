import { describe, expect, it } from 'vitest';
import { dueWords } from '../../words/due';
import { day, formatDay } from '../calendar/day';
import { colonyOnDay } from '../schedule/standing';
import { DEFAULT_SETTINGS } from '../settings/settings';
import { foldColony } from '../state/fold';
import { type CellSeenFact, type ColonyFacts, type InspectionFact, NO_PROGRAMMES, type QueenEventKind } from './facts';
import { inspection, queenEvent } from './testing';

/** One colony from spring to a laying young queen, asked every few days what it says. */
const cell = (id: string) => ({ id, label: id, place: 'bottom' as const, box: 1, frame: 4, part: null });
const saw = (cellId: string, found: CellSeenFact['found'], takenDown = false) => ({ cellId, found, takenDown });
const look = (on: string, over: Partial<InspectionFact> = {}) => inspection({ at: `2027-${on}T15:00`, ...over });
const event = (kind: QueenEventKind, on: string) => queenEvent({ queenId: 'old', on: day(`2027-${on}`), kind });

const facts: ColonyFacts = {
  ...NO_PROGRAMMES,
  startedOn: day('2027-04-01'),
  endedOn: null,
  origin: 'established',
  cells: ['a', 'b', 'c'].map(cell),
  queenEvents: [event('removed', '05-12')],
  inspections: [
    look('04-24'),
    look('04-30'),
    look('05-05', { cells: [saw('a', 'cup-dry')] }),
    look('05-12', { queen: 'seen', cells: [saw('a', 'larva-small'), saw('b', 'larva-small'), saw('c', 'egg', true)] }),
    look('05-18', {
      eggs: 'none',
      youngest: 'larvae-large',
      cells: [saw('a', 'sealed-fresh'), saw('b', 'sealed-fresh', true)],
    }),
    look('06-09', { eggs: 'none', cells: [saw('a', 'emerged')], youngest: 'none' }),
    look('06-14', { youngest: 'eggs-upright' }),
  ],
};
const on = (today: string) => foldColony(facts, DEFAULT_SETTINGS, day(`2027-${today}`));
const says = (today: string) => {
  const state = on(today);
  const { lead } = colonyOnDay(state.schedule, state.today);
  return [state.lastInspection?.reading.reading, lead && dueWords(lead, state.today)];
};

describe('a season of one colony', () => {
  it.each([
    ['04-24', 'settled', 'Inspect Fri 30 Apr, in 6 days'],
    ['04-30', 'settled', 'Inspect Thu 6 May, in 6 days'],
    ['05-05', 'cups-only', 'Inspect Tue 11 May, in 6 days'],
    ['05-11', 'cups-only', 'Inspect by Wed 12 May, best now'],
    ['05-12', 'preparing', 'Find the cells Wed 19 May, in 7 days'],
    ['05-18', 'raising-queen', 'Look for eggs Tue 8 Jun, in 21 days'],
    ['06-05', 'raising-queen', 'Look for eggs Tue 8 Jun, in 3 days'],
    ['06-09', 'virgin-loose', 'Look for eggs by Sat 12 Jun, best now'],
    ['06-13', 'virgin-loose', 'Late: look for eggs. Due by Sat 12 Jun, yesterday'],
    ['06-14', 'settled', 'Inspect Sun 20 Jun, in 6 days'],
  ])('on %s: %s', (today, reading, due) => expect(says(today)).toEqual([reading, due]));

  it('dates the kept cell more closely with every look', () => {
    const width = (today: string) => {
      const laid = on(today).cells.find(({ cell: { id } }) => id === 'a')?.planBy.laid;
      return laid?.from == null ? null : laid.to - laid.from;
    };
    expect([width('05-05'), width('05-12'), width('05-18')]).toEqual([null, 2, 2]);
    const [kept] = on('05-18').cells;
    expect(kept?.dates.laid && [kept.dates.laid.from, kept.dates.laid.to].map((d) => d && formatDay(d))).toEqual([
      '2027-05-07',
      '2027-05-09',
    ]);
  });

  it('leaves the hive shut exactly while the virgin is about', () => {
    const shut = (today: string) => {
      const state = on(today);
      return state.schedule.leaveShut.some(({ from, to }) => from <= state.today && state.today <= to);
    };
    expect(['05-18', '05-21', '05-22', '05-30', '06-05', '06-06', '06-14'].map(shut)).toEqual([
      false,
      false,
      true,
      true,
      true,
      false,
      false,
    ]);
  });

  it('never asks for anything while the hive is to be left shut', () => {
    for (let date = day('2027-05-22'); date <= day('2027-06-05'); date = (date + 1) as typeof date) {
      const { schedule } = foldColony(facts, DEFAULT_SETTINGS, date);
      expect(colonyOnDay(schedule, date).due.length === 0).toBe(true);
    }
  });
});

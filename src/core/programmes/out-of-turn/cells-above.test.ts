import { describe, expect, it } from 'vitest';
import { day, formatDay } from '../../calendar/day';
import type { CellStage } from '../../cells/stage';
import type { InspectionFact } from '../../colony/facts';
import { queenEvent } from '../../colony/testing';
import { aBox, aHive } from '../../space/testing';
import type { ProgrammeFact } from '../facts';
import { aProgramme, cell, checks, look, saw, yard } from '../testing';

/** A Demaree on 10 May; its cells stand above the excluder. */
const demaree = (over: Partial<ProgrammeFact> = {}) =>
  aProgramme({ method: 'demaree', units: ['top', 'bottom'].map((unit) => ({ unit, colonyId: 'home' })), ...over });
const above = (on: string, found: CellStage, over: Partial<InspectionFact> = {}) =>
  look(on, { cells: [saw('x', found)], ...over });
const home = (inspections: readonly InspectionFact[], programmes: readonly ProgrammeFact[] = [demaree()]) =>
  yard({ home: { cells: [cell('x', 'above')], inspections } }, { programmes });
const laidOf = (state: ReturnType<ReturnType<typeof yard>>) => {
  const { laid, conflict } = state.cells[0]?.planBy ?? {};
  return conflict
    ? 'contradiction'
    : `${laid?.from ? formatDay(laid.from).slice(5) : '?'}..${formatDay(laid?.to ?? day('2027-01-01')).slice(5)}`;
};

describe('cells above the excluder of a Demaree', () => {
  // Larvae up to six days from the egg on 10 May can become queens: laid 4 to 10 May, cut by what was seen.
  it.each([
    ['05-14', 'larva-small', '05-09..05-10'],
    ['05-16', 'larva-large', '05-07..05-10'],
    ['05-16', 'sealed', '05-04..05-09'],
    ['05-17', 'sealed-fresh', '05-05..05-10'],
    ['05-24', 'queen-moving', '05-04..05-09'],
  ] as const)(
    'seen on %s as %s are of brood that was there: laid %s, and contradict no search of that day',
    (on, found, laid) => {
      const cleared = look('05-10', { cells: [] });
      for (const looks of [[above(on, found)], [cleared, above(on, found)]]) {
        expect(laidOf(home(looks)('home', on))).toBe(laid);
        expect(home(looks)('home', on).cells[0]?.dates.conflict).toBeNull();
      }
    },
  );

  it('too young for that day, they are of eggs laid up there since', () => {
    expect(laidOf(home([above('05-16', 'egg')])('home', '05-16'))).toBe('05-13..05-16');
  });

  it('are dated so too where an excluder went on over brood with no method', () => {
    const brood = (id: string, on: string, under: 'open' | 'excluder') => ({
      id,
      at: `2027-${on}T09:00`,
      on: day(`2027-${on}`),
      source: 'survey' as const,
      manner: 'frames' as const,
      flow: 'light' as const,
      coveredSeams: null,
      queenFrameId: null,
      hive: aHive(aBox('low', 'HPBBBBPEEE'), { ...aBox('high', 'HPBBBBPEEE'), under }),
    });
    const surveys = [brood('s1', '05-03', 'open'), brood('s2', '05-10', 'excluder')];
    const at = yard(
      { home: { cells: [cell('x', 'above')], surveys, inspections: [above('05-16', 'sealed')] } },
      { programmes: [] },
    );
    expect(laidOf(at('home', '05-16'))).toBe('05-04..05-09');
  });
});

describe('a live cell above an excluder always asks', () => {
  // Laid 4 to 9 May: a virgin may be out from 19 May.
  it.each([
    ['by its programme', [demaree()], 'clear-top-cells 05-16/05-17/05-18'],
    ['where only sealed brood was said to go up', [demaree({ onlySealedBroodUp: true })], 'act 05-16/05-17/05-18'],
    ['with no programme at all', [], 'act 05-16/05-16/05-16'],
  ] as const)('%s', (_, programmes, asked) => {
    const state = home([above('05-16', 'sealed')], programmes)('home', '05-16');
    expect(checks(state)).toContain(asked);
    const gone = [above('05-16', 'sealed'), look('05-17', { cells: [saw('x', 'sealed', true)] })];
    expect(checks(home(gone, programmes)('home', '05-17')).join()).not.toContain('act');
  });
});

describe('a sealed cell found four weeks after the queen went', () => {
  const gone = queenEvent({ kind: 'removed', on: day('2027-05-01') });
  const found = (eggs: InspectionFact['eggs']) =>
    yard(
      {
        home: {
          cells: [cell('x')],
          queenEvents: [gone],
          inspections: [look('05-29', { eggs, queen: 'none', cells: [saw('x', 'sealed')] })],
        },
      },
      {},
    )('home', '05-29');

  it('holds nobody where no young queen has been seen to lay, and keeps the hive shut no longer', () => {
    const state = found('none');
    expect(state.cells[0]?.overdueOn).toBe(day('2027-05-29'));
    expect(state.schedule.leaveShut.every(({ to }) => to < day('2027-05-29'))).toBe(true);
  });

  it('is of a queen who lays, where there are eggs', () => {
    expect(found('seen').cells[0]?.overdueOn).toBeNull();
  });
});

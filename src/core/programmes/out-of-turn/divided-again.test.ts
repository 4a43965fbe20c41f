import { describe, expect, it } from 'vitest';
import { day } from '../../calendar/day';
import { queenEvent } from '../../colony/testing';
import { lays } from '../../queens/queen-questions';
import type { ProgrammeFact } from '../facts';
import { anAnswer, aProgramme, cell, checks, iso, look, saw, shut, yard } from '../testing';

/** A colony `from` divided on a day of May, so that nobody knows which half has the queen; `to` is the new one. */
const split = (id: string, on: string, from: string, to: string, over: Partial<ProgrammeFact> = {}) =>
  aProgramme({
    id,
    method: 'walk-away',
    colonyId: from,
    on: day(`2027-${on}`),
    at: `2027-${on}T12:00`,
    units: [
      { unit: 'queen-half', colonyId: from },
      { unit: 'queenless-half', colonyId: to },
    ],
    ...over,
  });
const begun = (on: string) => ({ startedOn: day(`2027-${on}`), origin: 'split' as const });
const eggs = (on: string) => look(on, { eggs: 'seen' });
const none = (on: string, cells: Parameters<typeof look>[1] = {}) =>
  look(on, { eggs: 'none', queen: 'none', ...cells });
const asked = (state: Parameters<typeof checks>[0]) => checks(state).map((one) => one.split(' ')[0]);

describe('a half that is divided again', () => {
  const first = split('p1', '05-10', 'home', 'b');
  const second = split('p2', '05-16', 'b', 'c');

  it('and is known to have no queen: neither part is asked which it is, and both wait for the virgins of the first split', () => {
    const at = yard(
      { home: { inspections: [eggs('05-15')] }, b: begun('05-10'), c: begun('05-16') },
      { programmes: [first, second] },
    );
    for (const id of ['b', 'c']) {
      const part = at(id, '05-17');
      expect(part.queen).toMatchObject({ is: 'raising', lost: { from: day('2027-05-10') } });
      expect(asked(part)).not.toContain('which-half');
      // Emergency cells of 10 May: out from the 19th to the 27th, left shut to ten days after.
      expect(shut(part)).toEqual(['05-19..06-06']);
      expect(checks(part)).toContainEqual('eggs 06-07/06-09/06-13');
    }
    expect(lays(at('home', '05-17').queen)).toBe(true);
  });

  it('while it is not known: the first virgin may be out as early as after the first split, and what tells of the first tells of both parts', () => {
    const colonies = { home: {}, b: begun('05-10'), c: begun('05-16') };
    const open = yard(colonies, { programmes: [first, second] });
    for (const id of ['b', 'c']) {
      expect(open(id, '05-17').schedule.emergence).toMatchObject({ earliest: day('2027-05-19') });
      expect(asked(open(id, '05-17'))).toContain('which-half');
    }
    const told = yard({ ...colonies, home: { inspections: [eggs('05-18')] } }, { programmes: [first, second] });
    for (const id of ['b', 'c']) {
      expect(told(id, '05-18').queen).toMatchObject({ is: 'raising', lost: { from: day('2027-05-10') } });
      expect(asked(told(id, '05-18'))).not.toContain('which-half');
    }
  });

  it('which has her: that is not known of either part until one of them tells', () => {
    const colonies = {
      home: { inspections: [none('05-17', { cells: [saw('x', 'larva-large')] })], cells: [cell('x')] },
    };
    const at = yard({ ...colonies, b: begun('05-10'), c: begun('05-16') }, { programmes: [first, second] });
    expect(at('home', '05-18').queen).toMatchObject({ is: 'raising', lost: { from: day('2027-05-10') } });
    for (const id of ['b', 'c']) expect(at(id, '05-18').queen.is).toBe('either-half');
    const laying = yard(
      { ...colonies, b: { ...begun('05-10'), inspections: [eggs('05-21')] }, c: begun('05-16') },
      { programmes: [first, second] },
    );
    expect(lays(laying('b', '05-21').queen)).toBe(true);
    expect(laying('c', '05-21').queen).toMatchObject({ is: 'raising', lost: { from: day('2027-05-16') } });
  });

  it('what is not found in one part of it says nothing of the first split', () => {
    const empty = {
      ...begun('05-10'),
      cells: [cell('y')],
      inspections: [none('05-18', { cells: [saw('y', 'sealed')] })],
    };
    const at = yard({ home: {}, b: empty, c: begun('05-16') }, { programmes: [first, second] });
    expect(lays(at('home', '05-18').queen) && at('home', '05-18').queen.is !== 'either-half').toBe(false);
  });

  it('with a bought queen taken out before: both parts are queenless since then', () => {
    const gone = queenEvent({ kind: 'removed', on: day('2027-05-08'), at: '2027-05-08T12:00' });
    const at = yard({ b: { queenEvents: [gone] }, c: begun('05-16') }, { programmes: [second] });
    for (const id of ['b', 'c']) {
      expect(at(id, '05-17').queen).toMatchObject({ is: 'raising', lost: { from: day('2027-05-08') } });
      expect(shut(at(id, '05-17'))).toEqual([`${iso(day('2027-05-17'))}..06-04`]);
    }
  });

  it('by an inspection of its day, at whatever minute: both parts are queenless', () => {
    const looked = {
      cells: [cell('z')],
      inspections: [look('05-16', { eggs: 'none', queen: 'none', cells: [saw('z', 'sealed-fresh')] })],
    };
    const at = yard({ b: looked, c: begun('05-16') }, { programmes: [second] });
    for (const id of ['b', 'c']) expect(asked(at(id, '05-17'))).not.toContain('which-half');
  });

  it('after it swarmed, with its cells broken down for it: neither part has anything to raise a queen from', () => {
    const swarmed = { cells: [cell('z')], inspections: [none('05-15', { cells: [saw('z', 'sealed-fresh')] })] };
    const at = yard({ b: swarmed, c: begun('05-16') }, { programmes: [second] });
    for (const id of ['b', 'c']) expect(checks(at(id, '05-17'))).toEqual(['act 05-16/05-16/05-19']);
  });
});

describe('a half in which nobody has seen her', () => {
  const programmes = [split('p1', '05-10', 'home', 'b')];
  it.each([
    [
      'by cells in the other',
      {
        b: {
          ...begun('05-10'),
          cells: [cell('x')],
          inspections: [none('05-16', { cells: [saw('x', 'larva-large')] })],
        },
      },
      [],
    ],
    [
      'by word',
      { b: begun('05-10') },
      [{ ...anAnswer('p1', 'home', 'which-half', '2027-05-16', 'known'), queenlessColonyId: 'b' }],
    ],
  ] as const)('is hers %s, and no sign of her is told of', (_, others, answers) => {
    const at = yard({ home: {}, ...others }, { programmes, answers });
    expect(lays(at('home', '05-17').queen)).toBe(true);
    expect(at('home', '05-17').queen).toMatchObject({ lastProof: null, lastEggsSeen: null });
  });

  it('is hers by eggs in it: that is the last sign of her', () => {
    const at = yard({ home: { inspections: [eggs('05-16')] }, b: begun('05-10') }, { programmes });
    expect(at('home', '05-17').queen.lastProof).toEqual({ on: day('2027-05-16'), by: 'eggs' });
  });
});

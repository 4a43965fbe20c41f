import { describe, expect, it } from 'vitest';
import { aProgramme, cell, iso, look, saw, yard } from '../programmes/testing';
import { differenceOf, movesOf } from './what-moved';

/** A nuc swarm of 10 May with one kept cell, seen again as told. */
const nucSwarm = (...later: ReturnType<typeof look>[]) =>
  yard(
    {
      home: {
        cells: [cell('a')],
        inspections: [look('05-10', { cells: [saw('a', 'egg')] }), ...later],
      },
    },
    {
      programmes: [
        aProgramme({
          method: 'nuc-swarm',
          units: [
            { unit: 'nuc', colonyId: 'nuc' },
            { unit: 'parent', colonyId: 'home' },
          ],
          keptCellIds: ['a'],
        }),
      ],
    },
  )('home', '05-20');

const closed = look('05-16', { eggs: 'none', cells: [saw('a', 'sealed-fresh')] });

describe('what moved', () => {
  it('is nothing while nothing more is seen', () => {
    expect(movesOf(nucSwarm().schedules())).toEqual([]);
  });

  it('is told with the window before and after, and what moved it', () => {
    // An egg on the 10th may be of that day; closed on the 16th it was laid by the 8th.
    const moved = movesOf(nucSwarm(closed).schedules());
    expect(moved.map(({ code, on, because }) => [code, iso(on), because])).toEqual([
      ['eggs', '05-16', 'the inspection of 16 May'],
    ]);
    const [eggs] = moved;
    expect(eggs && iso(eggs.to.latest) < iso(eggs.from.latest)).toBe(true);
  });

  it('between two schedules is what both have, dated differently', () => {
    const [before, after] = [nucSwarm(), nucSwarm(closed)];
    const codes = differenceOf(before.schedule.checks, after.schedule.checks).map(({ code }) => code);
    expect(codes).toContain('eggs');
    expect(differenceOf(before.schedule.checks, before.schedule.checks)).toEqual([]);
    // What only one of them has came or went; it did not move.
    expect(differenceOf([], after.schedule.checks)).toEqual([]);
  });
});

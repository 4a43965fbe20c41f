import { describe, expect, it } from 'vitest';
import { METHODS, methodNamed } from '../core/methods/methods';
import { DEFAULT_SETTINGS } from '../core/settings/settings';
import { boxesOf } from '../core/space/arrangement';
import { framesOf } from '../core/space/hive';
import { movesFrames } from '../core/space/proposals/propose';
import { exampleOf } from './example-hive';
import { daysFrom0, handbookLists, handbookPage } from './handbook';

const page = (name: Parameters<typeof methodNamed>[0]) => handbookPage(methodNamed(name), DEFAULT_SETTINGS);

describe('the handbook', () => {
  it('has every method once, by what it is for', () => {
    const names = handbookLists().flatMap(({ methods }) => methods.map(({ name }) => name));
    expect([...names].sort()).toEqual(METHODS.map(({ name }) => name).sort());
  });

  it('counts the checks of a nuc swarm from day 0, with the days on which the parent is left shut', () => {
    const { checks, leaveShut, needs } = page('nuc-swarm');
    expect(checks.map((check) => `${check.words}: ${daysFrom0(check)}`)).toEqual([
      'nuc: See whether it has settled: day 2 to 5, best day 3',
      'parent: Thin the cells: day 6 to 8, best day 7',
      'parent: Look for eggs: day 28 to 34, best day 30',
    ]);
    expect(leaveShut).toEqual([{ part: 'parent', from: 9, to: 27 }]);
    expect(needs).toContain('the queen to be found');
    expect(needs).toContain('at least 4 frames of brood');
  });

  it('names no day of any year', () => {
    const months = /\d (Jan|Feb|Mar|Apr|May|Jun|Jul|Aug|Sep|Oct|Nov|Dec)/;
    for (const { name } of METHODS) expect(JSON.stringify(page(name))).not.toMatch(months);
  });

  it('shows an example of every method that moves frames, and loses no comb of it', () => {
    for (const { name } of METHODS) {
      const example = exampleOf(name);
      expect(example !== null).toBe(movesFrames(name));
      if (!example) continue;
      const after = boxesOf({ units: example.after, out: [] }).flatMap(({ box }) => box.frames);
      const kept = framesOf(example.before).filter(({ id }) => after.some((frame) => frame.id === id));
      // What is taken out for room leaves the hive; no more than the stores that stood in the way.
      expect(kept.length).toBeGreaterThanOrEqual(framesOf(example.before).length - 4);
    }
  });
});

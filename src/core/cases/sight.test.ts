import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { tries } from '../../../scripts/lib/how-often';
import { EGG_HATCHES } from '../biology/development';
import { STAGES } from '../cells/stage';
import { foldColony } from '../state/fold';
import { goOnAsAdvised, type UnderWay } from './advised';
import { bookOf, CASE_SETTINGS } from './book';
import { isStanding } from './case-cell';
import { caseOfSeed } from './invented';
import { CasePlay } from './play';
import { sightOf } from './sight';
import { linkedTo, writtenDown } from './written';

/** Hives some days into a season, looked after or not. */
const HIVES = fc
  .tuple(fc.integer({ min: 1, max: 5000 }), fc.integer({ min: 0, max: 60 }), fc.boolean())
  .map(([seed, days, isKept]) => {
    const of = caseOfSeed(seed, 2027);
    const way: UnderWay = { of, play: new CasePlay(of), moves: [] };
    const day = (of.from + days) as typeof of.from;
    if (isKept) goOnAsAdvised(way, day);
    way.play.passTo(day);
    return { ...way, today: way.play.played.today, hives: [...way.play.played.hives.values()] };
  });

describe('what a look into a hive shows', () => {
  it('all cells with the bees off; with bees on all that hold a larva or more; nothing that is not there', () => {
    fc.assert(
      fc.property(HIVES, ({ of, hives, today }) => {
        for (const hive of hives) {
          const see = (searched: 'cleared' | 'bees-on' | 'tip-up') =>
            new Set(sightOf(hive, { searched, today, seed: of.seed, nth: 0 }).cells.map(({ id }) => id));
          const [cleared, beesOn, tipUp] = [see('cleared'), see('bees-on'), see('tip-up')];
          const standing = hive.cells.filter((cell) => isStanding(cell, today));
          for (const cell of standing) {
            expect(cleared.has(cell.id)).toBe(true);
            if (today - cell.laid >= EGG_HATCHES.value) expect(beesOn.has(cell.id)).toBe(true);
          }
          for (const id of [...beesOn, ...tipUp]) expect(cleared.has(id)).toBe(true);
          for (const id of cleared) {
            const cell = hive.cells.find((one) => one.id === id);
            expect(cell && (isStanding(cell, today) || cell.end?.how !== 'taken-down')).toBe(true);
          }
        }
      }),
      { numRuns: tries(60), seed: 20270501 },
    );
  });

  it('calls a cell by stages whose days its age lies in', () => {
    fc.assert(
      fc.property(HIVES, ({ of, hives, today }) => {
        for (const hive of hives)
          for (const { id, stages } of sightOf(hive, { searched: 'cleared', today, seed: of.seed, nth: 0 }).cells) {
            const cell = hive.cells.find((one) => one.id === id);
            if (!cell) throw new Error(id);
            expect(stages.length).toBeGreaterThan(0);
            if (cell.end) continue;
            for (const stage of stages) {
              const { ages } = STAGES[stage];
              if (ages) expect(today - cell.laid).toBeGreaterThanOrEqual(ages.from);
            }
          }
      }),
      { numRuns: tries(60), seed: 20270502 },
    );
  });

  it('from below shows neither queen, eggs nor room, and says so', () => {
    const of = caseOfSeed(3, 2027);
    const [hive] = [...new CasePlay(of).played.hives.values()];
    if (!hive) throw new Error('No hive');
    const { queen, eggs, stores, youngest, broodFrames, drones } = sightOf(hive, {
      searched: 'tip-up',
      today: 0,
      seed: of.seed,
      nth: 0,
    });
    expect({ queen, eggs, stores, youngest, broodFrames, drones }).toEqual({
      queen: 'not-looked-for',
      eggs: 'not-looked-for',
      stores: 'not-looked-for',
      youngest: null,
      broodFrames: null,
      drones: 'not-looked-for',
    });
  });

  it('finds a marked queen often on her frame, less often as the bees are shaken off, and the same one twice by the same luck', () => {
    const found = (searched: 'bees-on' | 'cleared') =>
      Array.from({ length: 600 }, (_, n) => {
        const of = caseOfSeed(n + 1, 2027);
        const hive = new CasePlay(of).hive('h1');
        const look = () => sightOf(hive, { searched, today: 0, seed: of.seed, nth: 0 }).queen;
        expect(look()).toBe(look());
        return look();
      }).filter((queen) => queen === 'seen').length / 600;
    expect(found('bees-on')).toBeGreaterThan(0.69);
    expect(found('bees-on')).toBeLessThan(0.81);
    expect(found('cleared')).toBeGreaterThan(0.54);
    expect(found('cleared')).toBeLessThan(0.66);
  });
});

describe('a look written down', () => {
  const begun = (searched: 'cleared' | 'bees-on') => {
    const of = caseOfSeed(11, 2027);
    const play = new CasePlay(of);
    while (play.hive('h1').cells.filter((cell) => isStanding(cell, play.played.today)).length < 4)
      play.passTo((play.today + 1) as typeof of.from);
    const today = play.played.today;
    const sight = sightOf(play.hive('h1'), { searched, today, seed: of.seed, nth: 0 });
    const facts = bookOf(of, []).get('h1');
    if (!facts) throw new Error('No colony');
    const at = '2027-05-20T10:00';
    return { of, play, sight, entry: writtenDown(sight, facts, { id: 'm1', colonyId: 'h1', at, down: new Set() }) };
  };

  it('puts cells that were written by hand to those that hang there, the oldest to the oldest', () => {
    const { sight, entry } = begun('cleared');
    const byHand = {
      ...entry,
      cells: entry.cells.map((cell, n) => ({ ...cell, cellId: `hand-${n}`, observationId: `hand-o-${n}` })),
    };
    const linked = linkedTo(byHand, sight);
    expect(new Set(linked.cells.map(({ cellId }) => cellId))).toEqual(new Set(sight.cells.map(({ id }) => id)));
    const more = linkedTo(
      { ...byHand, cells: [...byHand.cells, { ...byHand.cells[0], cellId: 'one-too-many' }] as never },
      sight,
    );
    expect(new Set(more.cells.map(({ cellId }) => cellId)).size).toBe(sight.cells.length + 1);
  });

  it('leaves the cells alone that were not broken down, and takes those away that were', () => {
    const { of, play, sight, entry } = begun('cleared');
    const [first, ...others] = entry.cells;
    if (!first) throw new Error('No cell');
    const on = play.today;
    const look = {
      kind: 'look' as const,
      id: 'm1',
      on,
      at: entry.at,
      colonyId: 'h1',
      searched: 'cleared' as const,
      entry: { ...entry, cells: [{ ...first, takenDown: true }, ...others] },
    };
    play.do(look);
    const standing = play.hive('h1').cells.filter((cell) => isStanding(cell, play.played.today));
    expect(standing.map(({ id }) => id).sort()).toEqual(
      sight.cells
        .map(({ id }) => id)
        .filter((id) => id !== first.cellId)
        .sort(),
    );
    const facts = bookOf(of, [look]).get('h1');
    if (!facts) throw new Error('No colony');
    expect(foldColony(facts, CASE_SETTINGS, on).liveCells.length).toBe(standing.length);
  });
});

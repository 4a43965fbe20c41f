import { describe, expect, it } from 'vitest';
import { ask, faults } from './testing';

describe('what-if', () => {
  const asked = {
    from: '2027-05-10',
    days: 60,
    seed: 7,
    runs: 50,
    season: { from: '2027-04-20', to: '2027-07-10' },
    colony: {
      bees: 24_000,
      eggs: 4500,
      larvae: 9000,
      sealed: 17_000,
      freeCells: 10_000,
      storeCells: 14_500,
      honeyKg: 12.5,
      queen: { layingPerDay: 1500, year: 2 },
      oldestCellLaid: { from: '2027-05-04', to: '2027-05-05' },
    },
    flow: [{ from: '2027-05-10', to: '2027-06-10', kgPerDay: 1.2 }],
    choices: [
      { choice: 'nothing', on: '2027-05-10', giveRoom: false },
      { choice: 'nuc-swarm', on: '2027-05-11', giveRoom: true },
      { choice: 'walk-away', on: '2027-05-11', giveRoom: true, buysQueen: true },
    ],
  };

  it('compares choices under the same luck', async () => {
    const answered = (await ask(['what-if'], asked)) as { value: { choices: Record<string, never>[] } };
    const [nothing, nuc, split] = answered.value.choices;
    expect(nothing).toMatchObject({ choice: 'nothing', swarmLost: 1, firstEggs: null, visits: 0 });
    expect(nuc).toMatchObject({ choice: 'nuc-swarm', swarmLost: 0, visits: 4, layingColonies: { p90: 2 } });
    const { adults, honeyKg } = nothing as unknown as { [k: string]: { [q: string]: number[] } };
    expect([adults?.p10?.length, adults?.p50?.[0], honeyKg?.p90?.[0]]).toEqual([61, 24_000, 12.5]);
    const eggs = (split as unknown as { firstEggs: { p10: string; p50: string } }).firstEggs;
    expect(eggs.p10 >= '2027-05-17' && eggs.p50 <= '2027-05-20').toBe(true);
  });

  it('says what does not fit', async () => {
    const of = (over: object) => faults(['what-if'], { ...asked, ...over });
    const [nothing] = asked.choices;
    expect(await of({ season: { from: '2027-07-10', to: '2027-04-20' } })).toEqual([['contradiction', 'season']]);
    expect(await of({ choices: [{ ...nothing, on: '2027-07-09' }] })).toEqual([['out-of-range', 'choices.0.on']]);
    expect(await of({ choices: [{ ...nothing, buysQueen: true }] })).toEqual([
      ['not-for-this-method', 'choices.0.buysQueen'],
    ]);
    expect(await of({ choices: [{ ...nothing, choice: 'add-super' }] })).toEqual([['not-one-of', 'choices.0.choice']]);
    expect(await of({ colony: { ...asked.colony, oldestCellLaid: { from: '2027-05-04', to: '2027-05-11' } } })).toEqual(
      [['contradiction', 'colony.oldestCellLaid.to']],
    );
    expect(await of({ runs: 2001 })).toEqual([['out-of-range', 'runs']]);
    expect(await faults(['what-if', '--on', '2027-05-16'], asked)).toEqual([['unknown-option', '--on']]);
  });
});

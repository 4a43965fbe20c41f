import { describe, expect, it } from 'vitest';
import { day } from '../core/calendar/day';
import { CASE_NAMES } from '../core/cases/case';
import type { CaseOutcome, Loss } from '../core/cases/ending';
import { namedCase } from '../core/cases/invented';
import { CASE_WORDS, caseName, choiceName, dayOfSeason, lossWords, outcomeWords } from './cases';

const on = day('2027-05-23');
const loss = (over: Partial<Loss>): Loss => ({
  event: { on, colonyId: 'h1', kind: 'swarmed' },
  cells: 7,
  knowable: { beesOff: day('2027-05-13'), beesOn: day('2027-05-15'), out: day('2027-05-29') },
  looks: [],
  ...over,
});
const OUTCOME: CaseOutcome = {
  swarms: 0,
  casts: 0,
  firstLoss: null,
  colonies: 1,
  laying: 1,
  starved: 0,
  honeyKg: 33,
  visits: 1,
};

describe('what is told of a season', () => {
  it('says of a loss when it could have been known, and what was seen of it', () => {
    expect(lossWords(loss({}), 'Rowan')).toEqual([
      'Sun 23 May: Rowan swarmed, and its queen went with the swarm.',
      'With the bees off, the first of its 7 cells could be seen from 13 May; with the bees on, from 15 May.',
      'Nobody looked from then on.',
    ]);
    const looks = [
      { on: day('2027-05-14'), searched: 'bees-on', seen: 0, unseen: 2 },
      { on: day('2027-05-20'), searched: 'cleared', seen: 6, unseen: 0 },
    ] as const;
    expect(lossWords(loss({ looks }), 'Rowan').slice(2)).toEqual([
      'You looked on 14 May (every brood frame, bees left on) and saw none of 2.',
      'You looked on 20 May (every brood frame, bees shaken or brushed off) and saw 6 of 6.',
    ]);
    expect(lossWords(loss({ cells: 0, knowable: null }), 'Rowan')[1]).toBe(
      'No cell hung there any more that a look would have shown.',
    );
    const late = { beesOff: day('2027-05-22'), beesOn: day('2027-05-25'), out: day('2027-05-29') };
    expect(lossWords(loss({ cells: 1, knowable: late }), 'Rowan')[1]).toBe(
      'With the bees off, its one cell could be seen from 22 May; with the bees on, none until it was too late.',
    );
  });

  it('sums it up, one and many', () => {
    expect(outcomeWords(OUTCOME)).toBe(
      'No swarm was lost. At the end 1 colony, its queen lays, 33 kg of honey, after 1 day at the hives.',
    );
    expect(outcomeWords({ ...OUTCOME, swarms: 2, casts: 1, colonies: 3, laying: 1, visits: 0 })).toBe(
      '2 swarms and 1 cast went. At the end 3 colonies, 1 of them with a laying queen, 33 kg of honey, after 0 days at the hives.',
    );
    expect(outcomeWords({ ...OUTCOME, colonies: 2, laying: 2 })).toContain('2 colonies, both have laying queens');
    expect(outcomeWords({ ...OUTCOME, laying: 0 })).toContain('1 colony, without a laying queen');
  });

  it('names every case, its day and what might have been done', () => {
    for (const name of CASE_NAMES) expect(caseName(namedCase(name, 2027))).toBe(CASE_WORDS[name].name);
    expect(dayOfSeason(day('2027-05-12'), day('2027-05-12'), 105)).toBe('Wed 12 May · day 1 of 106');
    expect(choiceName({ kind: 'instead', method: 'walk-away', moveId: 'm1' })).toBe('Walk-away split instead');
  });
});

import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { tries } from '../../../scripts/lib/how-often';
import type { Day } from '../calendar/day';
import { dayIn, season, statesOf } from '../programmes/seasons/testing';
import { expectedIn, lays } from '../queens/queen-questions';
import { shutOn } from '../schedule/leave-shut-wins';
import { colonyOnDay } from '../schedule/standing';
import type { ColonyState } from '../state/fold';
import { askedOf, type BesideColony } from './asked-of';
import type { Choice } from './choice';
import { choose } from './choose';

const BESIDE: BesideColony = {
  season: 'swarm-season',
  flow: null,
  coldestOfNextFive: 10,
  secondStand: true,
  otherColonies: 3,
  wanted: 'nothing',
  earlyFirst: 'room',
  kit: null,
};
const beside = fc.record({
  season: fc.constantFrom<BesideColony['season']>('build-up', 'swarm-season', 'after-season'),
  wanted: fc.constantFrom<BesideColony['wanted']>('honey', 'increase', 'nothing'),
  secondStand: fc.constantFrom(true, false, null),
});

const OPENS_NOTHING = new Set<Choice>(['leave-shut', 'nothing', 'wait', 'add-super']);
const PARTS_HER = new Set<Choice>([
  'nuc-swarm',
  'old-site-swarm',
  'demaree',
  'part-demaree',
  'walk-away',
  'even-split',
  'queen-split',
  'vertical-split',
]);
const GIVES_A_QUEEN = new Set<Choice>(['requeen-mated', 'give-eggs', 'unite']);

/** Random seasons, every colony of them, with what is offered it on a day. */
const always = (seed: number, check: (state: ColonyState, offered: readonly Choice[], today: Day) => void) => {
  let seen = 0;
  fc.assert(
    fc.property(season, dayIn(5), beside, (made, today, place) => {
      for (const state of statesOf(made, today)) {
        if (state.ended) continue;
        seen += 1;
        const { first, others } = choose(askedOf(state, { ...BESIDE, ...place }));
        check(state, [first, ...others.map(({ choice }) => choice)], today);
      }
    }),
    { numRuns: tries(2_000), seed },
  );
  expect(seen).toBeGreaterThan(tries(2_000));
};

describe('what is offered a colony, through any season', { timeout: 600_000 }, () => {
  it('opens none that is to be left shut, unless the day itself asks for it', () => {
    let shut = 0;
    always(20270701, ({ schedule }, offered, today) => {
      const isForced = colonyOnDay(schedule, today).due.some(({ check }) => check.opens);
      if (!shutOn(schedule.leaveShut, today) || isForced) return;
      shut += 1;
      expect(offered.filter((one) => !OPENS_NOTHING.has(one))).toEqual([]);
    });
    expect(shut).toBeGreaterThan(20);
  });

  it('gives no queen where one may be', () => {
    always(20270702, ({ queen, lastInspection, aged }, offered) => {
      const read = lastInspection?.reading.reading;
      // A frame of eggs has told, or her brood is all drones: then something is given.
      const isDone = queen.is === 'without' || read === 'drone-laying' || aged?.as === 'workers-may-lay';
      const mayBe =
        lays(queen) || expectedIn(queen) === 'virgin' || expectedIn(queen) === 'caged' || queen.is === 'going';
      if (!mayBe || isDone || read === 'queen-missing') return;
      // A weak colony that is united late takes its queen with it.
      const gives = offered.filter((one) => GIVES_A_QUEEN.has(one) && !(one === 'unite' && lays(queen)));
      expect(gives, JSON.stringify([expectedIn(queen), queen.is === 'going', read, aged])).toEqual([]);
    });
  });

  it('parts no queen from her bees where none is known to lay, nor of a half of which nobody knows', () => {
    let parted = 0;
    always(20270703, ({ queen, lastInspection, aged }, offered) => {
      const parts = offered.filter((one) => PARTS_HER.has(one));
      if (parts.length > 0) parted += 1;
      if (!lays(queen) || queen.is === 'either-half')
        expect(parts, JSON.stringify([queen, lastInspection?.reading.reading, aged])).toEqual([]);
    });
    expect(parted).toBeGreaterThan(10);
  });

  it('says “after the swarm” of none that has its laying queen', () => {
    always(20270704, ({ queen }, offered) => {
      if (lays(queen)) expect(offered).not.toContain('after-swarm');
    });
  });
});

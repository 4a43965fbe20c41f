import { describe, expect, it } from 'vitest';
import { inWords } from '../../words/in-words';
import { FAILURE_WORDS } from '../../words/methods/methods';
import { day, formatDay } from '../calendar/day';
import type { MethodName } from '../methods/method';
import { methodNamed } from '../methods/methods';
import { planMethod, USUAL_CHOICES } from '../methods/plan';
import { DEFAULT_SETTINGS } from '../settings/settings';
import { outcomesOf } from './outcomes';

const outcomes = (name: MethodName, over: Partial<typeof USUAL_CHOICES> = {}) => {
  const method = methodNamed(name);
  const plan = planMethod(method, { ...USUAL_CHOICES, ...over, on: day('2027-05-10') }, DEFAULT_SETTINGS);
  return outcomesOf(method, plan, DEFAULT_SETTINGS);
};

describe('how a method can come out', () => {
  it('is eggs in their window, or none and the ways on from its last day', () => {
    const [done, none] = outcomes('queen-split');
    expect(done).toMatchObject({
      sign: 'Eggs seen: done',
      when: { from: day('2027-06-07'), to: day('2027-06-13') },
      ways: [],
    });
    expect(none).toMatchObject({ sign: 'No eggs by 13 Jun', when: { from: day('2027-06-13'), to: day('2027-06-24') } });
    expect(none?.ways.map(({ method, until }) => `${method} ${formatDay(until.from)}`)).toEqual([
      'test-comb 2027-06-16',
      'requeen-mated 2027-06-20',
      'give-cell 2027-06-21',
      'give-eggs 2027-06-30',
      'unite 2027-06-18',
    ]);
  });

  it('has every failure of the definition with its remedy', () => {
    for (const name of ['walk-away', 'demaree', 'nuc-swarm', 'unite'] as const) {
      const remedies = outcomes(name).flatMap(({ remedy }) => (remedy ? [inWords(remedy)] : []));
      expect(remedies.sort()).toEqual(
        methodNamed(name)
          .failures.map((failure) => FAILURE_WORDS[failure].remedy)
          .sort(),
      );
    }
  });

  it('raises no queen where none is raised, or one is bought', () => {
    expect(outcomes('demaree').map(({ sign }) => sign)).not.toContain('Eggs seen: done');
    expect(outcomes('queen-split', { buysQueen: true }).map(({ sign }) => sign)).not.toContain('Eggs seen: done');
  });
});

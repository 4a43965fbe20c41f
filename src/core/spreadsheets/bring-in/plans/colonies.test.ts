import { describe, expect, it } from 'vitest';
import { fates, OAK, planOf, rowsOf } from './testing';

describe('colonies', () => {
  it('come of each other in whatever order they stand, in apiaries that are added', () => {
    const plan = planOf('colonies', [
      'apiary,colony,began as,came of,since',
      'Quarry,Ash 2,split,Ash,2027-05-10',
      'Quarry,Ash,,,2027-03-01',
      'Hill,Birch,nuc,Oak,2027-05-12',
    ]);
    expect(fates(plan)).toEqual(['new', 'new', 'new']);
    const [second, first, birch] = rowsOf(plan, 'colonies');
    expect([second?.parentColonyId, first?.parentColonyId, birch?.parentColonyId]).toEqual([first?.id, null, OAK]);
    expect(rowsOf(plan, 'apiaries').map(({ name }) => name)).toEqual(['Quarry']);
  });

  it('are known by their names, and refused where they cannot be', () => {
    const plan = planOf('colonies', [
      'apiary,colony,began as,came of,since,ended on,stand',
      'Hill,oak,,,2027-03-01,,',
      'Hill,Elm,,,,,by the gate',
      'Hill,Fir,nuc,,,,',
      'Hill,Yew,,,2027-06-21,,',
      'Hill,Yew,,,2027-05-02,2027-05-01,',
      'Hill,Pear,split,Nobody,2027-05-02,,',
      'Hill,Plum,split,Pear,2027-05-03,,',
      'Hill,Lime,split,Lime,2027-05-03,,',
      ',Sloe,,,2027-05-03,,',
    ]);
    expect(fates(plan)).toEqual([
      'known',
      'conflict stand',
      'refused day-missing',
      'refused first-day-in-the-future',
      'refused ends-before-it-begins',
      'refused parent-not-known',
      'refused choose-a-parent',
      'refused colony-of-itself',
      'refused choose-an-apiary',
    ]);
    expect(plan.changes).toEqual([]);
  });
});

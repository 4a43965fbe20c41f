import { describe, expect, it } from 'vitest';
import { addDays, day } from '../calendar/day';
import { type FoodKnown, foodAsked } from './food-asked';

const TODAY = day('2027-05-16');
const on = (back: number) => addDays(TODAY, -back);
const ahead = (...flies: boolean[]) => flies.map((one, i) => ({ on: addDays(TODAY, i), flies: one }));
const asked = (over: Partial<FoodKnown>, today = TODAY) =>
  foodAsked({ madeOn: null, isFlow: null, found: null, fedOn: null, days: [], ...over }, today);

describe('a young colony without a flow', () => {
  it('is asked about its food for three weeks', () => {
    expect(asked({ madeOn: on(2) })).toEqual({ code: 'young-without-flow', since: on(2) });
    expect(asked({ madeOn: on(20) })).not.toBeNull();
    expect(asked({ madeOn: on(21) })).toBeNull();
    expect(asked({})).toBeNull();
  });

  it('is left alone with a flow, when it was fed or found with enough; asked again a week later', () => {
    const young = { madeOn: on(10) };
    expect(asked({ ...young, isFlow: true })).toBeNull();
    expect(asked({ ...young, isFlow: false })).not.toBeNull();
    expect(asked({ ...young, fedOn: on(6) })).toBeNull();
    expect(asked({ ...young, fedOn: on(7) })).not.toBeNull();
    expect(asked({ ...young, found: { on: on(3), food: 'enough' } })).toBeNull();
    expect(asked({ ...young, found: { on: on(3), food: 'little' } })).not.toBeNull();
  });
});

describe('a cold spell', () => {
  const little = { found: { on: on(4), food: 'little' } } as const;

  it('is said where a colony had little food when it was looked at last', () => {
    expect(asked({ ...little, days: ahead(true, false, false, false, true) })).toEqual({
      code: 'cold-with-little',
      from: addDays(TODAY, 1),
      to: addDays(TODAY, 3),
      foundOn: on(4),
    });
    expect(asked({ ...little, days: ahead(false, false, true, false, false) })).toBeNull();
    expect(asked({ ...little, days: ahead(false, false, false) })).not.toBeNull();
    expect(asked({ days: ahead(false, false, false) })).toBeNull();
  });

  it('is not where it was fed since, or where that was too long ago', () => {
    const days = ahead(false, false, false);
    expect(asked({ ...little, days, fedOn: on(4) })).toBeNull();
    expect(asked({ ...little, days, fedOn: on(5) })).not.toBeNull();
    expect(asked({ found: { on: on(21), food: 'little' }, days })).toBeNull();
    // A day of which nothing is known breaks the spell.
    const gap = [...ahead(false, false), { on: addDays(TODAY, 3), flies: false }];
    expect(asked({ ...little, days: gap })).toBeNull();
  });
});

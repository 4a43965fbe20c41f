import { describe, expect, it } from 'vitest';
import { day } from '../calendar/day';
import { endedOn, type UnionPart } from './ended-on';

const [MAY, JUNE] = [day('2027-05-10'), day('2027-06-10')];
const part = (queen: string, over: Partial<UnionPart['programme']> = {}): UnionPart => ({
  queen,
  programme: { on: MAY, endedOn: null, ...over },
});

describe('the end of a colony', () => {
  it('is what was put down, or the union in which it became part of another, whichever came first', () => {
    expect(endedOn(null, [])).toBeNull();
    expect(endedOn(JUNE, [])).toBe(JUNE);
    expect(endedOn(null, [part('ends')])).toBe(MAY);
    expect(endedOn(JUNE, [part('ends')])).toBe(MAY);
    expect(endedOn(MAY, [part('ends', { on: JUNE })])).toBe(MAY);
  });

  it('is none by a union that was given up, nor for the colony that took the other in', () => {
    expect(endedOn(null, [part('ends', { endedOn: JUNE }), part('unchanged')])).toBeNull();
  });
});

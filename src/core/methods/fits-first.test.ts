import { describe, expect, it } from 'vitest';
import { kindsAsked } from './fits-first';
import { METHOD_KINDS } from './method';

describe('the kinds of methods that a reading asks for', () => {
  it('room and nothing else where there is too little of it, else all in their order', () => {
    expect(kindsAsked('congested')).toEqual(['room']);
    expect(kindsAsked('swarm-imminent')).toEqual(METHOD_KINDS);
    expect(kindsAsked(null)).toEqual(METHOD_KINDS);
  });
});

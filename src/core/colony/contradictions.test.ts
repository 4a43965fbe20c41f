import { describe, expect, it } from 'vitest';
import { day } from '../calendar/day';
import { anAnswer } from '../programmes/testing';
import { contradictionsOf } from './contradictions';
import { inspection } from './testing';

const TODAY = day('2027-05-16');
const look = (at: string, eggs: 'seen' | 'none' | 'not-looked-for') =>
  inspection({ id: at, at: `2027-05-${at}`, eggs, queen: 'none' });
const answer = (at: string, said: string, id = at) => ({
  ...anAnswer('nuc', 'home', 'bottom-check', '2027-05-15', said),
  id,
  at: `2027-05-15T${at}`,
});

describe('what was said twice on one day', () => {
  it('is a contradiction where one saw eggs and another looked for them in vain', () => {
    const looks = [look('15T10:00', 'seen'), look('15T11:00', 'none')];
    expect(contradictionsOf(looks, [], TODAY)).toEqual([
      { kind: 'eggs', on: day('2027-05-15'), seenAt: '2027-05-15T10:00', noneAt: '2027-05-15T11:00' },
    ]);
  });

  it('is none on two days, nor where one did not look', () => {
    expect(contradictionsOf([look('14T10:00', 'seen'), look('15T11:00', 'none')], [], TODAY)).toEqual([]);
    expect(contradictionsOf([look('15T10:00', 'seen'), look('15T11:00', 'not-looked-for')], [], TODAY)).toEqual([]);
    expect(contradictionsOf([look('15T10:00', 'none'), look('15T11:00', 'none')], [], TODAY)).toEqual([]);
  });

  it('is one where a check was answered in two ways, in order of time', () => {
    const answers = [answer('12:00', 'cells'), answer('11:00', 'in-order')];
    expect(contradictionsOf([], answers, TODAY)).toMatchObject([
      { kind: 'answers', code: 'bottom-check', first: { answer: 'in-order' }, second: { answer: 'cells' } },
    ]);
    expect(contradictionsOf([], [answer('12:00', 'cells'), answer('11:00', 'cells')], TODAY)).toEqual([]);
    const others = [answer('12:00', 'cells'), { ...answer('11:00', 'in-order'), colonyId: 'nuc' }];
    expect(contradictionsOf([], others, TODAY)).toEqual([]);
  });

  it('are told newest first, and pair an answer with the one before it', () => {
    const looks = [
      look('13T10:00', 'seen'),
      look('13T11:00', 'none'),
      look('15T10:00', 'seen'),
      look('15T09:00', 'none'),
    ];
    expect(contradictionsOf(looks, [], TODAY).map(({ on }) => on)).toEqual([day('2027-05-15'), day('2027-05-13')]);
    const three = [answer('10:00', 'cells'), answer('11:00', 'in-order'), answer('12:00', 'in-order')];
    expect(contradictionsOf([], three, TODAY)).toMatchObject([
      { first: { at: '2027-05-15T10:00' }, second: { at: '2027-05-15T11:00' } },
    ]);
    const others = ['programmeId', 'code', 'nth'].map((field) => ({
      ...answer('11:00', 'in-order'),
      [field]: 'another',
    }));
    for (const other of others)
      expect(contradictionsOf([], [answer('12:00', 'cells'), other as never], TODAY)).toEqual([]);
    // Of one minute the order of entry counts.
    const same = [answer('11:00', 'cells', 'b'), answer('11:00', 'in-order', 'a')];
    expect(contradictionsOf([], same, TODAY)).toMatchObject([
      { first: { answer: 'in-order' }, second: { answer: 'cells' } },
    ]);
    const days = [answer('11:00', 'cells'), { ...answer('10:00', 'in-order'), on: day('2027-05-14') }];
    expect(contradictionsOf([], days, TODAY)).toEqual([]);
  });

  it('is past after two weeks', () => {
    const looks = [look('02T10:00', 'seen'), look('02T11:00', 'none')];
    expect(contradictionsOf(looks, [], TODAY)).toHaveLength(1);
    expect(contradictionsOf(looks, [], day('2027-05-17'))).toEqual([]);
    expect(contradictionsOf(looks, [], day('2027-05-01'))).toEqual([]);
  });
});

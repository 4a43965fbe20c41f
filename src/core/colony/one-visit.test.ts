import { describe, expect, it } from 'vitest';
import { asOneLook, isOneVisit } from './one-visit';
import { inspection } from './testing';

const cell = (cellId: string) => ({ cellId, found: 'sealed', takenDown: false }) as const;
const first = inspection({
  at: '2027-05-10T10:00',
  eggs: 'seen',
  queen: 'seen',
  queenSeenAs: 'as-known',
  cells: [cell('a'), cell('b')],
});
const later = inspection({
  at: '2027-05-10T10:30',
  eggs: 'none',
  queen: 'none',
  thoroughness: 'not-searched',
  cells: [cell('b')],
});

describe('a visit entered in two goes', () => {
  it('is of one day, or of one and the same span of days', () => {
    expect(isOneVisit(first, later)).toBe(true);
    expect(isOneVisit(first, { ...later, to: later.on })).toBe(false);
    expect(isOneVisit(first, inspection({ at: '2027-05-11T10:00' }))).toBe(false);
  });

  it('says that there was what one of them saw, and lets the second lead in the rest', () => {
    const one = asOneLook(first, later);
    expect(one).toMatchObject({ id: later.id, at: later.at, eggs: 'seen', queen: 'seen', queenSeenAs: 'as-known' });
    expect(one.thoroughness).toBe(first.thoroughness);
    expect(one.cells.map(({ cellId }) => cellId)).toEqual(['a', 'b']);
    const none = asOneLook({ ...first, eggs: 'none', queen: 'none' }, { ...later, eggs: 'seen', stores: 'honey' });
    expect(none).toMatchObject({ eggs: 'seen', queen: 'none', stores: 'honey' });
  });

  it('takes from the first what the second did not look for', () => {
    const one = asOneLook(first, {
      ...later,
      eggs: 'not-looked-for',
      queen: 'not-looked-for',
      stores: 'not-looked-for',
    });
    expect(one).toMatchObject({ eggs: 'seen', queen: 'seen', stores: first.stores });
    // A youngest brood that was noted says more than that eggs were not looked for.
    const brood = asOneLook(first, { ...later, eggs: 'not-looked-for', youngest: 'sealed' });
    expect(brood).toMatchObject({ eggs: 'not-looked-for', youngest: 'sealed' });
  });

  it('does not let a virgin go again who was caught, nor forgets what was counted or how well it was searched', () => {
    const caught = inspection({
      at: '2027-05-10T10:00',
      queen: 'seen',
      queenSeenAs: 'virgin',
      queenHandled: 'taken',
      thoroughness: 'cleared',
      broodFrames: 7,
      drones: 'flying',
    });
    const one = asOneLook(
      caught,
      inspection({ at: '2027-05-10T10:20', queen: 'not-looked-for', thoroughness: 'tip-up' }),
    );
    expect(one).toMatchObject({ queenSeenAs: 'virgin', queenHandled: 'taken', thoroughness: 'cleared' });
    expect(one).toMatchObject({ broodFrames: 7, drones: 'flying' });
  });
});

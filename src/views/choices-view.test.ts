import { describe, expect, it } from 'vitest';
import { day } from '../core/calendar/day';
import type { CellStage } from '../core/cells/stage';
import { askedOf, type BesideColony } from '../core/choices/asked-of';
import { fitFactsOf } from '../core/colony/fit-facts';
import { aColony, inspection } from '../core/colony/testing';
import { DEFAULT_SETTINGS, type Settings } from '../core/settings/settings';
import { foldColony } from '../core/state/fold';
import { choicesView, keepsACell } from './choices-view';

const BESIDE: BesideColony = {
  season: 'swarm-season',
  flow: null,
  coldestOfNextFive: 10,
  secondStand: null,
  otherColonies: 3,
  wanted: 'nothing',
  earlyFirst: 'room',
  kit: null,
};

/** The page on 16 May of a colony that was looked into on a day, with a cell of each stage. */
function pageOf(
  on: string,
  stages: readonly CellStage[],
  settings: Settings = DEFAULT_SETTINGS,
  looked: object = {},
  elsewhere = {},
) {
  const cells = stages.map((found, i) => ({ cellId: 'abcdef'[i] as string, found, takenDown: false }));
  const colony = aColony({
    cells: cells.map(({ cellId }) => ({ id: cellId, label: cellId, place: 'bottom', box: 1, frame: 4, part: null })),
    inspections: [inspection({ at: `${on}T12:00`, queen: 'seen', thoroughness: 'cleared', cells, ...looked })],
  });
  const state = foldColony(colony, settings, day('2027-05-16'));
  const asked = askedOf(state, BESIDE);
  const facts = fitFactsOf(state, null);
  return choicesView({ asked, state, colony, facts, settings, elsewhere, apiaryName: () => 'Orchard' });
}

describe('the page of a colony’s choices', () => {
  it('says the first and last day, and what follows', () => {
    const { by, methods } = pageOf('2027-05-16', ['larva-large']);
    expect(by).toBe('Best today.');
    expect(pageOf('2027-05-16', ['larva-small']).by).toMatch(
      /^Best (today|\w{3} 1\d May), \w{3} \d+ May at the latest\.$/,
    );
    expect(methods['nuc-swarm'].days).toMatch(/^\d visits, then shut .* to .*\. Eggs .* to .*\.$/);
    expect(methods['nuc-swarm'].needsQueen).toBe(true);
    expect(methods['add-super'].days).not.toContain('Eggs');
  });

  it('what is late says since when, and that it is for today', () => {
    expect(pageOf('2027-05-14', ['larva-large']).by).toBe('Late since Fri 14 May: do it today.');
  });

  it('names the cell to keep and why; two where two are kept; none where there is none', () => {
    expect(pageOf('2027-05-16', ['sealed', 'larva-large']).keep).toBe(
      'Keep cell b, box 1, frame 4: open, and seen to be fed.',
    );
    expect(pageOf('2027-05-16', ['sealed']).keep).toBe('Keep cell a, box 1, frame 4: it is the only one.');
    const two = { ...DEFAULT_SETTINGS, cellsKept: 2 };
    expect(pageOf('2027-05-16', ['sealed-ripe', 'larva-large', 'sealed-fresh'], two).keep).toBe(
      'Keep cells b and c: nearest in age.',
    );
    expect(pageOf('2027-05-16', []).keep).toBeNull();
  });

  it('with a virgin seen keeps no cell', () => {
    const { asked } = pageOf('2027-05-16', ['emerged', 'sealed'], DEFAULT_SETTINGS, { queenSeenAs: 'virgin' });
    expect(asked.reading).toBe('cast-risk');
    expect(keepsACell('thin-cells', asked)).toBe(false);
    expect(keepsACell('thin-cells', { ...asked, colony: { ...asked.colony, virgin: 'no' } })).toBe(true);
  });

  it('says where a thing lies that is not at hand', () => {
    const { elsewhere, things } = pageOf('2027-05-16', ['larva-large'], DEFAULT_SETTINGS, {}, { 'nuc-box': 'home' });
    expect(elsewhere['nuc-box']).toBe('at home');
    expect(things['nuc-box']).toBe('nuc box');
  });
});

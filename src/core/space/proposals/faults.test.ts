import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { ALL_METHOD_NAMES, type MethodName } from '../../methods/method';
import { type Arrangement, addBox, addFrame, moveFrame } from '../arrangement';
import { newFrame } from '../frame-traits';
import type { Box, Hive } from '../hive';
import { aBox, aHive, NOTHING_KNOWN, proposalFrom } from '../testing';
import { WHOLE } from '../whole';
import { type FaultNumber, proposalFaults } from './faults';
import { asIs, inOneHive, type Proposal, type ProposalFrom } from './proposal';
import { movesFrames, propose } from './propose';
import { anyHive, boundHive, proposalFromOf } from './testing';

const nest = aBox('nest', 'HPBYBSSBPH');
const strong = aHive(nest);
const found = { context: { ...NOTHING_KNOWN, queenFrameId: 'nest/4', keptCellFrames: new Set(['nest/5']) } };
const numbers = (method: MethodName, from: ProposalFrom, proposal: Proposal) => [
  ...new Set(proposalFaults(method, from, proposal).map(({ number }) => number)),
];

/** A nuc made by hand of these frames of the nest and comb, in this order; the rest stays. */
function byHand(row: readonly (number | 'E')[], over: Partial<Proposal> = {}): Proposal {
  const box: Box = { ...nest, id: 'nuc', frames: [], places: 6 };
  const start: Arrangement = {
    units: [
      { name: 'nuc', hive: { boxes: [box] } },
      { name: 'parent', hive: strong },
    ],
    out: [],
  };
  const arrangement = row.reduce<Arrangement>((so, one, at) => {
    const to = { boxId: 'nuc', at };
    return one === 'E' ? addFrame(so, newFrame(`comb${at}`, nest.size, 'empty'), to) : moveFrame(so, `nest/${one}`, to);
  }, start);
  return {
    arrangement,
    shaken: ['nest/3', 'nest/6'],
    queenFrameId: 'nest/4',
    queenUnit: 'nuc',
    cellUnit: 'parent',
    notes: [],
    ...over,
  };
}

/** Frames of one hive moved by hand, one after the other; null: taken out; a text: new comb. */
function moved(hive: Hive, ...moves: readonly (readonly [string, string | null, number?])[]): Arrangement {
  return moves.reduce<Arrangement>((so, [frame, boxId, at = 0]) => {
    if (frame.startsWith('comb'))
      return addFrame(so, newFrame(frame, 'national-deep', 'empty'), { boxId: boxId as string, at });
    return moveFrame(so, frame, boxId === null ? null : { boxId, at });
  }, asIs(hive));
}

const superBox = aBox('super', 'HHEEEEEEEE', { role: 'super', size: 'national-super', under: 'excluder' });

describe('a bad proposal is caught', () => {
  const from = proposalFrom(strong, found);
  const inHive = (hive: Hive, arrangement: Arrangement, over: Partial<ProposalFrom> = {}) => {
    const so = proposalFrom(hive, over);
    return [so, inOneHive(so, arrangement)] as const;
  };
  const cold = { context: { ...NOTHING_KNOWN, coldestNightC: 4 } };

  const BAD: readonly (readonly [string, FaultNumber, MethodName, ProposalFrom, Proposal])[] = [
    ['comb between the brood and its food', 1, 'nuc-swarm', from, byHand([1, 'E', 4, 'E', 'E', 'E'])],
    ['no food beside the brood at all', 1, 'nuc-swarm', from, byHand(['E', 'E', 4, 'E', 'E', 'E'])],
    ['all the pollen gone with the queen', 2, 'nuc-swarm', from, byHand([2, 4, 9, 'E', 'E', 'E'])],
    ['pollen outside the honey', 3, 'nuc-swarm', from, byHand([9, 10, 4, 'E', 'E', 'E'])],
    ['the queen left behind', 4, 'nuc-swarm', from, byHand([1, 3, 2, 'E', 'E', 'E'])],
    ['the kept cell taken along', 5, 'nuc-swarm', from, byHand([1, 4, 5, 2, 'E', 'E'])],
    [
      'the frame of the kept cell shaken',
      5,
      'nuc-swarm',
      from,
      byHand([1, 4, 2, 'E', 'E', 'E'], { shaken: ['nest/5', 'nest/3'] }),
    ],
    [
      'the excluder under the brood lost',
      6,
      'add-super',
      ...(() => {
        const hive = aHive(nest, aBox('top', 'HPBBSSBBPH', { under: 'excluder' }));
        const open = { boxes: hive.boxes.map((box) => ({ ...box, under: 'open' as const })) };
        return inHive(hive, asIs(open));
      })(),
    ],
    ['too few bees', 7, 'nuc-swarm', from, byHand([1, 4, 2, 'E', 'E', 'E'], { shaken: [] })],
    [
      'a frame exchanged for another of a full box, and one for it again',
      8,
      'open-sides',
      ...inHive(
        aHive(nest, aBox('top', 'HPBBSSBBPH')),
        moved(aHive(nest, aBox('top', 'HPBBSSBBPH')), ['nest/3', 'top', 0], ['top/3', 'nest', 0]),
      ),
    ],
    [
      'hemmed in as before, and nothing said',
      10,
      'pollen-bound',
      ...inHive(aHive(aBox('nest', 'HPPPBBPPPH')), asIs(aHive(aBox('nest', 'HPPPBBPPPH')))),
    ],
    [
      'an empty frame between brood at cold nights',
      11,
      'interleave',
      ...inHive(strong, moved(strong, ['nest/1', null], ['comb', 'nest', 4]), cold),
    ],
    [
      'food taken while comb hangs idle',
      12,
      'open-sides',
      ...inHive(
        aHive(aBox('nest', 'EHPBBBBPHH')),
        moved(aHive(aBox('nest', 'EHPBBBBPHH')), ['nest/10', null], ['comb', 'nest', 7]),
      ),
    ],
  ];

  it.each(BAD)('%s: %i', (_, number, method, so, proposal) => {
    expect(numbers(method, so, proposal)).toContain(number);
  });

  it('brood parted, or to one side of a new box: 3', () => {
    expect(numbers('honey-bound', ...inHive(strong, moved(strong, ['nest/2', 'nest', 4])))).toContain(3);
    const box = aBox('new', 'BBHEEEEEEE');
    const added = addBox(asIs(strong), WHOLE, box, 1);
    expect(numbers('add-box', ...inHive(strong, added))).toContain(3);
  });

  it('a super lifted for frames that hang in it: 9 counts what the list orders', () => {
    const hive = aHive(nest, superBox);
    const untouched = proposalFaults(
      'add-box',
      ...inHive(hive, addBox(asIs(hive), WHOLE, aBox('new', 'EEEEEEEEEE'), 2)),
    );
    expect(untouched.filter(({ number }) => number === 9)).toEqual([]);
  });

  it('and a good one is not', () => {
    expect(numbers('nuc-swarm', from, byHand(['E', 2, 4, 10, 'E', 'E']))).toEqual([]);
    // Food that is nowhere to be had is no fault once it is said.
    const bare = proposalFrom(aHive(aBox('nest', 'EEBYBSSBEE')), found);
    expect(numbers('nuc-swarm', bare, propose('nuc-swarm', bare))).toEqual([]);
  });
});

describe('proposals for hives as they come', () => {
  const METHODS = ALL_METHOD_NAMES.filter(movesFrames);
  /** What a keeper would shake his head at may be under two in a hundred. */
  const AT_MOST = 0.02;

  it('break hardly any of the twelve', () => {
    const seen: string[] = [];
    const hives = fc.sample(proposalFromOf(anyHive), { seed: 5, numRuns: 60 });
    for (const from of hives) {
      for (const method of METHODS) {
        const faults = proposalFaults(method, from, propose(method, from));
        if (faults.length > 0) seen.push(`${method}: ${faults.map(({ what }) => what).join(', ')}`);
      }
    }
    expect(seen.length / (hives.length * METHODS.length), seen.join('\n')).toBeLessThan(AT_MOST);
  });

  it('free a nest that is hemmed in, or say what is missing', () => {
    for (const from of fc.sample(proposalFromOf(boundHive), { seed: 5, numRuns: 60 })) {
      for (const method of ['honey-bound', 'pollen-bound'] as const) {
        expect(proposalFaults(method, from, propose(method, from)).filter(({ number }) => number === 10)).toEqual([]);
      }
    }
  });
});

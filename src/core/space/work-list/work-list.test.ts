import { describe, expect, it } from 'vitest';
import { inWords } from '../../../words/in-words';
import { verbatim } from '../../says/together';
import { moveFrame } from '../arrangement';
import { FRAME_SIZES } from '../frame-size';
import type { Box } from '../hive';
import { asIs } from '../proposals/proposal';
import { propose } from '../proposals/propose';
import { aBox, aHive, NOTHING_KNOWN, proposalFrom } from '../testing';
import { boxSteps } from './box-steps';
import { movedFrames } from './order';
import { workList } from './work-list';

const nest = aBox('nest', 'HPBYBSSBPH');
const heavy = aBox('super', 'HHHHHHHHHH', { role: 'super', size: 'national-super', under: 'excluder' });
const context = {
  queenWasOn: 'nest/4',
  queenFrameId: 'nest/4',
  keptCellFrames: new Set<string>(),
  placesAssumed: false,
  shaken: new Set<string>(),
  coveredSeams: 8,
  sizes: FRAME_SIZES,
};

describe('the list of what to do at the hive', () => {
  it('is empty where nothing is moved', () => {
    expect(workList(asIs(aHive(nest)), asIs(aHive(nest)), context)).toEqual([]);
  });

  it('names only frames that are lifted, not those that slide along', () => {
    const before = asIs(aHive(nest));
    const after = moveFrame(before, 'nest/2', { boxId: 'nest', at: 7 });
    expect(movedFrames(before, after).map(({ id }) => id)).toEqual(['nest/2']);
  });

  it('of a nuc swarm: lift off, queen first, then the frames, then the bees, then close up', () => {
    const hive = aHive(nest, heavy);
    const kept = new Set(['nest/3']);
    const from = proposalFrom(hive, { context: { ...NOTHING_KNOWN, queenFrameId: 'nest/4', keptCellFrames: kept } });
    const { arrangement, shaken } = propose('nuc-swarm', from);
    const steps = workList(asIs(hive), arrangement, { ...context, keptCellFrames: kept, shaken: new Set(shaken) });
    const kinds = steps.map(({ kind }) => kind);
    expect(kinds.slice(0, 4)).toEqual(['lift', 'queen', 'box', 'frame']);
    expect(kinds.slice(-4)).toEqual(['shake', 'shake', 'close', 'close']);
    // Six places in the nuc less three frames, and three gaps in the parent; food to both sides of the queen’s.
    expect(kinds.slice(4, -4).sort()).toEqual(['frame', 'frame', 'new-frame', 'new-frame']);
    expect(steps.find(({ kind }) => kind === 'new-frame')?.text).toEqual(
      '3 new frames (empty comb) into the nuc, new brood box, as frames 1, 5 and 6.',
    );
    // Honey for ten super frames: 29,000 cells of 0.46 g, 3 kg of wood, 2.1 kg of box.
    expect(steps[0]?.text).toEqual('Lift off super, about 18 kg: take frames out of it, or have somebody help.');
    expect(steps[1]?.text).toEqual(
      'The queen was last on frame 4 of old brood box (brood). Find her, and move that frame first.',
    );
    expect(steps[2]?.text).toEqual('Make ready: the nuc, new brood box.');
    expect(steps[3]).toMatchObject({
      frameIds: ['nest/4'],
      text: 'Frame 4 of old brood box (brood) to the nuc, new brood box, as frame 3.',
    });
    expect(steps.find(({ kind }) => kind === 'shake')?.text).saying('into the nuc; look for the queen first');
  });

  it('asks to look on every frame where nobody knows which the queen is on, and to mind the kept cell', () => {
    const before = asIs(aHive(nest));
    const after = moveFrame(before, 'nest/8', { boxId: 'nest', at: 2 });
    const steps = workList(before, after, {
      ...context,
      queenWasOn: null,
      queenFrameId: null,
      keptCellFrames: new Set(['nest/8']),
    });
    expect(steps[0]?.text).saying('check every frame before it leaves its box');
    expect(steps[1]?.text).saying('Keep it upright');
  });

  it('calls a box by one name from the first line to the last, wherever it comes to stand', () => {
    const hive = aHive(nest, heavy);
    const { arrangement } = propose(
      'demaree',
      proposalFrom(hive, { context: { ...NOTHING_KNOWN, queenFrameId: 'nest/4' } }),
    );
    const texts = workList(asIs(hive), arrangement, context).map(({ text }) => inWords(text));
    expect(texts.filter((text) => /[^wd] brood box/.test(text))).toEqual([]);
    expect(texts).toContainEqual('Lift off old brood box, about 24 kg: take frames out of it, or have somebody help.');
    expect(texts).toContain('Frame 4 of old brood box (brood) to new brood box, as frame 5.');
    expect(texts.at(-1)).saying(
      /^Close up the hive: from the floor up new brood box \(about \d+ kg\), excluder, super .* kg in all\.$/,
    );
  });

  it('tells a frame by what is on it where its place is only assumed', () => {
    const before = asIs(aHive(nest));
    const steps = workList(before, moveFrame(before, 'nest/1', null), { ...context, placesAssumed: true });
    expect(steps.find(({ kind }) => kind === 'out')?.text).toEqual(
      'Take out a frame of honey in brood box, bees brushed off.',
    );
  });

  it('has the queen moved over by hand where the kept cell hangs on her frame', () => {
    const hive = aHive(nest);
    const context4 = { ...NOTHING_KNOWN, queenFrameId: 'nest/4', keptCellFrames: new Set(['nest/4']) };
    const { arrangement, queenFrameId } = propose('nuc-swarm', proposalFrom(hive, { context: context4 }));
    const steps = workList(asIs(hive), arrangement, { ...context, queenFrameId, keptCellFrames: new Set(['nest/4']) });
    expect(steps[0]?.text).saying(
      /^The queen was last on frame 4 .* Find her, and move her over by hand, or in a cage, to frame/,
    );
  });

  it('asks nothing about the queen where no frame is moved that she could be on', () => {
    const hive = aHive(nest, heavy);
    const { arrangement } = propose('add-super', proposalFrom(hive));
    const steps = workList(asIs(hive), arrangement, { ...context, queenWasOn: null, queenFrameId: null });
    expect(steps.map(({ kind }) => kind)).toEqual(['lift', 'box', 'new-frame', 'close']);
  });
});

describe('boxes that are set elsewhere', () => {
  const hive = aHive(
    aBox('nest', 'HPBBBPEEEE'),
    aBox('low', 'NNNNNNNNNN', { role: 'super', under: 'excluder' }),
    aBox('high', 'EEEEEEEEEE', { role: 'super' }),
  );
  const [nest, low, high] = hive.boxes as [Box, Box, Box];
  const steps = (boxes: readonly Box[]) => boxSteps(asIs(hive), asIs({ boxes }), verbatim).map(inWords).join(' ');

  it.each([
    ['nothing', [nest, low, high], ''],
    [
      'a super under another',
      [nest, { ...high, under: 'excluder' as const }, { ...low, under: 'open' as const }],
      'Set low on high.',
    ],
    ['the excluder away', [nest, { ...low, under: 'open' as const }, high], 'Take the queen excluder off nest.'],
    [
      'an excluder between the supers',
      [nest, low, { ...high, under: 'excluder' as const }],
      'Put a queen excluder on low.',
    ],
    [
      'the nest on top',
      [{ ...low, under: 'open' as const }, high, { ...nest, under: 'excluder' as const }],
      'Take the queen excluder off nest. Put a queen excluder on high. Set nest on high.',
    ],
    [
      'a new super over the excluder',
      [nest, aBox('new', 'EEEE', { role: 'super', under: 'excluder' }), { ...low, under: 'open' as const }, high],
      '',
    ],
    ['a super taken off', [nest, low], 'Leave off high.'],
  ])('%s', (_, boxes, words) => {
    expect(steps(boxes)).toBe(words);
  });

  it('are a list of their own, with what has to come off first', () => {
    const swapped = { boxes: [nest, { ...high, under: 'excluder' as const }, { ...low, under: 'open' as const }] };
    const list = workList(asIs(hive), asIs(swapped), context).map(({ text }) => inWords(text));
    expect(list.slice(0, 3)).toEqual([
      expect.saying(/^Lift off super 2/),
      expect.saying(/^Lift off super 1/),
      'Set super 1 on super 2.',
    ]);
    expect(list.at(-1)).saying(/^Close up the hive: from the floor up brood box .*, excluder, super 2 .*, super 1/);
  });
});

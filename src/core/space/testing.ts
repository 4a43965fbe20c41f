import { INTERLEAVE_NIGHT } from '../settings/strength';
import { type Glance, sidesByGlance } from './count-survey';
import { FRAME_SIZES } from './frame-size';
import type { Box, Frame, Hive } from './hive';
import { DEFAULT_NECTAR } from './nectar';
import type { ProposalFrom } from './proposals/proposal';

const GLANCE_OF: { readonly [letter: string]: Glance } = {
  H: 'honey',
  N: 'nectar',
  P: 'pollen',
  B: 'brood',
  Y: 'young',
  S: 'sealed',
  E: 'empty',
  U: 'undrawn',
};

/** A box for tests, a letter a frame: `HPBBYSPEUN`. Its frames are called `box/1` and so on. */
export function aBox(id: string, letters: string, over: Partial<Box> = {}): Box {
  const size = over.size ?? 'national-deep';
  const frames = [...letters].map(
    (letter, i): Frame => ({
      id: `${id}/${i + 1}`,
      kind: 'comb',
      size,
      sides: sidesByGlance(GLANCE_OF[letter] as Glance),
    }),
  );
  return { id, role: 'brood', size, places: frames.length, under: 'open', frames, ...over };
}

export const aHive = (...boxes: readonly Box[]): Hive => ({ boxes });

/** What a box holds, in letters, as far as its frames are told by one content. */
export function letters(box: Box): string {
  const byGlance = new Map(
    Object.entries(GLANCE_OF).map(([letter, glance]) => [JSON.stringify(sidesByGlance(glance)), letter]),
  );
  return box.frames.map(({ sides }) => byGlance.get(JSON.stringify(sides)) ?? '?').join('');
}

export const NOTHING_KNOWN: ProposalFrom['context'] = {
  queenFrameId: null,
  otherQueenFrames: new Set(),
  keptCellFrames: new Set(),
  cellFrames: new Set(),
  coldestNightC: 12,
  warmNightC: INTERLEAVE_NIGHT.value,
  onlySealedUpBelowC: 7,
  hasDisease: false,
};

/** What a proposal is made from in tests; ids of what is new count up. */
export function proposalFrom(hive: Hive, over: Partial<ProposalFrom> = {}): ProposalFrom {
  let made = 0;
  const newId = () => {
    made += 1;
    return `new/${made}`;
  };
  return {
    hive,
    context: NOTHING_KNOWN,
    sizes: FRAME_SIZES,
    newId,
    fill: 'empty',
    usualSuper: 'national-super',
    flow: 'none',
    nectarKg: DEFAULT_NECTAR,
    wouldLayPerDay: 1200,
    areCounted: false,
    manyPests: false,
    ...over,
  };
}

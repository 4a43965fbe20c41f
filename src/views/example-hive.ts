import type { MethodName } from '../core/methods/method';
import { DEFAULT_SETTINGS, type Settings } from '../core/settings/settings';
import type { Unit } from '../core/space/arrangement';
import { type Glance, sidesByGlance } from '../core/space/count-survey';
import { FRAME_SIZES, sizeOf } from '../core/space/frame-size';
import { type Box, framesOf, type Hive, isBroodFrame } from '../core/space/hive';
import { DEFAULT_NECTAR } from '../core/space/nectar';
import { movesFrames, propose } from '../core/space/proposals/propose';

const NEST: readonly Glance[] = [
  'honey',
  'pollen',
  'brood',
  'young',
  'brood',
  'sealed',
  'brood',
  'young',
  'brood',
  'pollen',
  'honey',
];
const NEST_BOUND: { readonly [M in MethodName]?: readonly Glance[] } = {
  'honey-bound': ['honey', 'honey', 'honey', 'brood', 'young', 'brood', 'pollen', 'honey', 'honey', 'honey', 'honey'],
  'pollen-bound': [
    'honey',
    'pollen',
    'pollen',
    'brood',
    'young',
    'brood',
    'pollen',
    'pollen',
    'pollen',
    'honey',
    'honey',
  ],
};

/** A hive as methods are shown on: one full brood box, and a super over an excluder. */
export function exampleHive(method: MethodName): Hive {
  const box = (id: string, role: Box['role'], size: string, glances: readonly Glance[], under: Box['under']): Box => ({
    id,
    role,
    size,
    places: glances.length,
    under,
    frames: glances.map((glance, i) => ({ id: `${id}/${i + 1}`, kind: 'comb', size, sides: sidesByGlance(glance) })),
  });
  const above = Array<Glance>(sizeOf('national-super', FRAME_SIZES).places).fill('nectar');
  return {
    boxes: [
      box('nest', 'brood', 'national-deep', NEST_BOUND[method] ?? NEST, 'open'),
      box('super', 'super', 'national-super', above, 'excluder'),
    ],
  };
}

/** The frame that the example's queen is on. */
export const EXAMPLE_QUEEN = 'nest/4';
const EXAMPLE_CELL = 'nest/9';

/** The example before and after a method; null where it moves no frames. */
export function exampleOf(
  method: MethodName,
  settings: Settings = DEFAULT_SETTINGS,
): { readonly before: Hive; readonly after: readonly Unit[] } | null {
  if (!movesFrames(method)) return null;
  const before = exampleHive(method);
  let made = 0;
  const newId = () => {
    made += 1;
    return `new/${made}`;
  };
  const hasCell = framesOf(before).some((frame) => frame.id === EXAMPLE_CELL && isBroodFrame(frame));
  const { arrangement } = propose(method, {
    hive: before,
    context: {
      queenFrameId: EXAMPLE_QUEEN,
      otherQueenFrames: new Set(),
      keptCellFrames: new Set(method === 'cell-nuc' && hasCell ? [EXAMPLE_CELL] : []),
      cellFrames: new Set(),
      coldestNightC: 14,
      warmNightC: settings.interleaveNightC,
      onlySealedUpBelowC: settings.onlySealedUpNightC,
      hasDisease: false,
    },
    sizes: FRAME_SIZES,
    newId,
    fill: 'empty',
    usualSuper: 'national-super',
    flow: 'none',
    nectarKg: DEFAULT_NECTAR,
    wouldLayPerDay: 1500,
    areCounted: false,
    manyPests: false,
  });
  return { before, after: arrangement.units };
}

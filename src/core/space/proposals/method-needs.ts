import type { MethodName } from '../../methods/method';
import { hiveOf } from '../arrangement';
import { hasEggs, isStoresFrame } from '../frame-traits';
import { type Frame, type Hive, isBroodFrame } from '../hive';
import { WHOLE } from '../whole';
import { bodyOf, hasNote, type Judge, type Judged, type NoteAbout } from './judged';
import { SHAKEN_INTO_NUC } from './tools';

/** What a method says that its units have; what is missing has to be said. */
export const NEEDS: { readonly [M in MethodName]?: Judge } = {
  'nuc-swarm': (judged) => [
    ...needs(judged, 'nuc', isBroodFrame, 'brood', 'cells', 'brood'),
    ...needs(judged, 'nuc', isStoresFrame, 'stores', 'stores'),
    ...bees(judged),
  ],
  'queen-split': (judged) => [
    ...needs(judged, 'nuc', isBroodFrame, 'brood', 'cells', 'brood'),
    ...needs(judged, 'nuc', isStoresFrame, 'stores', 'stores'),
  ],
  'old-site-swarm': (judged) => [
    ...needs(judged, 'old-site', isBroodFrame, 'brood', 'cells', 'brood'),
    ...needs(judged, 'old-site', isStoresFrame, 'stores', 'stores'),
  ],
  demaree: (judged) => {
    const nest = hiveOf(judged.after, WHOLE).boxes[0]?.frames ?? [];
    return [
      ...(nest.some(isBroodFrame) || hasNote(judged, 'brood') ? [] : ['no-brood-below']),
      ...(nest.some(isStoresFrame) || hasNote(judged, 'stores') ? [] : ['no-stores-below']),
    ];
  },
  'even-split': (judged) => halvesNeed(judged),
  'walk-away': (judged) => halvesNeed(judged),
  'vertical-split': (judged) => [
    ...needs(judged, 'top', hasEggs, 'eggs', 'eggs'),
    ...needs(judged, 'top', isStoresFrame, 'stores', 'stores'),
  ],
  'cell-nuc': (judged) => [
    ...needs(judged, 'nuc', ({ id }) => judged.from.context.cellFrames.has(id), 'cell', 'cells'),
    ...needs(judged, 'nuc', isStoresFrame, 'stores', 'stores'),
    ...bees(judged),
  ],
};

function needs(
  judged: Judged,
  unit: string,
  is: (frame: Frame) => boolean,
  what: string,
  ...about: readonly NoteAbout[]
): readonly string[] {
  return unitBody(judged, unit).some(is) || hasNote(judged, ...about) ? [] : [`no-${what}-in:${unit}`];
}

function halvesNeed(judged: Judged): readonly string[] {
  const isFound = judged.from.context.queenFrameId !== null;
  return ['queenless-half', 'queen-half'].flatMap((unit) => [
    ...(isFound && unit === 'queen-half' ? [] : needs(judged, unit, hasEggs, 'eggs', 'eggs')),
    ...needs(judged, unit, isStoresFrame, 'stores', 'stores'),
  ]);
}

/** Two frames’ bees go into a nuc, as far as there are frames that can be shaken. */
function bees({ proposal, from, after }: Judged): readonly string[] {
  const { keptCellFrames, cellFrames, queenFrameId } = from.context;
  const could = unitShakeable(hiveOf(after, 'parent')).filter(
    ({ id }) => id !== queenFrameId && !keptCellFrames.has(id) && !cellFrames.has(id),
  ).length;
  return proposal.shaken.length < Math.min(SHAKEN_INTO_NUC, could) ? ['too-few-bees'] : [];
}

const unitShakeable = (hive: Hive) => bodyOf(hive).filter(isBroodFrame);

/** Frames of a unit’s brood boxes. */
const unitBody = ({ after }: Judged, unit: string) => bodyOf(hiveOf(after, unit));

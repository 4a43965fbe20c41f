import type { Said } from '../../says/said';
import { type Arrangement, moveFrame, placeOf } from '../arrangement';
import { broodSpan, isEmptyFrame, isStoresFrame } from '../frame-traits';
import { type Box, type Frame, layingBoxes } from '../hive';
import { say } from '../says';
import {
  besideBrood,
  exchanged,
  idleComb,
  isCold,
  movedBeside,
  NEST_SIDES,
  type NestSide,
  spareFrame,
} from './comb-at-hand';
import { FOOD_OUT } from './food';
import { asIs, inOneHive, type ProposalFrom, type Propose } from './proposal';
import { best, boxNamed, isFree, mainBox, sealedOn } from './tools';

const ALL_BROOD = say('no-frame-can-make-way');
const OPEN_ALREADY = say('comb-beside-the-brood-already');
const ONE_SIDE = say('cold-one-side-only');

/**
 * Comb to lay in at both edges of the nest: such as hangs idle first, else in place of the outermost food that can go. Where brood
 * is in the box above a frame from the edge is lifted beside it, and comb from up there comes down. At cold nights food stays beside
 * the brood on one side.
 */
export const openSides: Propose = (from) => {
  const main = mainBox(from.hive);
  let arrangement = lifted(from, main);
  const notes = new Set<Said>();
  for (const side of NEST_SIDES) {
    const box = boxNamed(arrangement, main.id);
    if (isOpen(box, side)) continue;
    if (isCold(from) && !foodStays(box, side)) {
      if (!isOpen(box, side === 'left' ? 'right' : 'left')) notes.add(ONE_SIDE);
      continue;
    }
    const opened = openedOn(arrangement, box, side, from);
    if (opened) arrangement = opened;
    else notes.add(ALL_BROOD);
  }
  const isSame = arrangement.units[0]?.hive === from.hive;
  if (isSame && notes.size === 0) notes.add(OPEN_ALREADY);
  if (arrangement.out.some(isStoresFrame)) notes.add(FOOD_OUT);
  return inOneHive(from, arrangement, ...notes);
};

const isOpen = (box: Box, side: NestSide): boolean => {
  const beside = besideBrood(box, side);
  return beside !== null && isEmptyFrame(beside);
};

/** Food is left beside the brood on the other side, when this one is opened. */
const foodStays = (box: Box, side: NestSide): boolean => {
  const other = besideBrood(box, side === 'left' ? 'right' : 'left');
  return other === null || isStoresFrame(other);
};

/** One side opened: by comb that hangs idle in the box, else in place of what can go. Null: nothing can make way. */
export function openedOn(arrangement: Arrangement, box: Box, side: NestSide, from: ProposalFrom): Arrangement | null {
  const [idle] = idleComb(box);
  if (idle) return movedBeside(arrangement, idle, box.id, side);
  const spare = spareFrame(arrangement, box, side, from);
  return spare ? exchanged(arrangement, spare, box.id, side, from) : null;
}

/** A frame of brood from the edge beside the brood of the box above, for comb that hangs idle there; as it is where that cannot be. */
function lifted({ hive, context }: ProposalFrom, main: Box): Arrangement {
  const arrangement = asIs(hive);
  const laying = layingBoxes(hive);
  const above = laying[laying.indexOf(main) + 1];
  const [span, nest] = [broodSpan(main.frames), above && broodSpan(above.frames)];
  // Only beside brood: alone in a box of honey it would be chilled.
  if (!above || !nest || above.size !== main.size || !span || span.last - span.first < 2) return arrangement;
  const edges = [main.frames[span.first], main.frames[span.last]] as Frame[];
  const goes = best(
    edges.filter((frame) => isFree(frame, context)),
    sealedOn,
  );
  const [down] = idleComb(above);
  const at = goes && placeOf(arrangement, goes.id)?.at;
  if (!goes || !down || at === null || at === undefined) return arrangement;
  const empty = moveFrame(arrangement, down.id, null);
  const up = broodSpan(boxNamed(empty, above.id).frames);
  const raised = moveFrame(empty, goes.id, { boxId: above.id, at: (up?.last ?? 0) + 1 });
  return moveFrame(raised, down.id, { boxId: main.id, at });
}

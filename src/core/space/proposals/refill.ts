import { type Arrangement, moveFrame } from '../arrangement';
import { broodSpan, isEmptyFrame, isStoresFrame } from '../frame-traits';
import { broodBoxes, type Hive } from '../hive';
import { NEST_SIDES } from './comb-at-hand';
import { fillAtWalls } from './lay-nest';
import type { ProposalFrom } from './proposal';
import { boxNamed } from './tools';

/** Every brood box of what stays is closed up, with food beside its brood where it has any, and filled with comb at its walls. */
export const refill = (arrangement: Arrangement, { boxes }: Hive, from: ProposalFrom): Arrangement =>
  broodBoxes({ boxes }).reduce((so, { id }) => {
    const was = from.hive.boxes.find((box) => box.id === id)?.frames;
    const now = boxNamed(so, id).frames;
    // What was not touched stays as it is, and what is new was laid out in order.
    const isTouched = was?.some((frame, i) => frame.id !== now[i]?.id);
    return fillAtWalls(isTouched ? foodBesideBrood(so, id) : so, id, from);
  }, arrangement);

/** Where comb came to hang between the brood and its food, the food comes in beside the brood. */
const foodBesideBrood = (arrangement: Arrangement, boxId: string): Arrangement =>
  NEST_SIDES.reduce((so, side) => {
    const { frames } = boxNamed(so, boxId);
    const span = broodSpan(frames);
    if (!span) return so;
    const row = side === 'left' ? frames.slice(0, span.first).reverse() : frames.slice(span.last + 1);
    const [first] = row;
    const food = row.find(isStoresFrame);
    if (!food || !first || !isEmptyFrame(first)) return so;
    return moveFrame(so, food.id, { boxId, at: side === 'left' ? span.first - 1 : span.last + 1 });
  }, arrangement);

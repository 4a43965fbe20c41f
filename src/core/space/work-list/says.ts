import { type Plain, type Said, sayer } from '../../says/said';
import type { Box, BoxRole, Tape } from '../hive';
import type { FrameHolds } from './frame-holds';

/** A box by what it is called in its hive. */
export interface BoxNamed {
  readonly role: BoxRole;
  /** Its number among those alike, counted from below; null: it is the only one. */
  readonly nth: number | null;
  readonly tape: Tape | null;
}

interface OfBox {
  readonly box: Said;
}

interface OfFrame {
  readonly frame: Said;
}

/** What lies under a box: a queen excluder or a split board. */
type Under = Exclude<Box['under'], 'open'>;

/** What is said of what to do at the hive, in what order. Every place is counted from 1, from the left. */
export interface WorkSays {
  /** A unit, by the method's name for it, or by the name of the colony that it is. */
  unit: { readonly unit: string; readonly colony: string | null };
  /** A box that was there before; `isOld`: there is a new one of its kind. `of` null: there is only one hive. */
  box: { readonly named: BoxNamed; readonly isOld: boolean; readonly of: Said | null };
  'new-box': { readonly named: BoxNamed; readonly of: Said | null };
  'frame-at': OfBox & { readonly place: number; readonly holds: FrameHolds };
  /** A frame told by what is on it: where it hangs is not known. */
  'frame-in': OfBox & { readonly holds: FrameHolds };
  'new-frame': { readonly holds: FrameHolds };

  'lift-off': OfBox & { readonly kg: number; readonly isHeavy: boolean };
  'queens-place-not-known': Plain;
  'move-queen-by-hand': { readonly from: Said; readonly to: Said };
  'queens-frame-first': OfFrame;
  'queens-frame-aside': OfFrame;
  'make-ready': OfBox & { readonly under: Box['under'] };
  'leave-off': OfBox;
  /** `below` null: it stands on the floor. */
  'set-on': OfBox & { readonly below: Said | null };
  'take-off': OfBox & { readonly what: Under };
  'put-on': OfBox & { readonly what: Under };
  'feeder-on': Plain;
  'feeder-off': Plain;
  'top-entrance-open': Plain;
  'top-entrance-shut': Plain;
  'take-out': OfFrame;
  'stand-aside': OfFrame;
  'hang-new-frames': OfBox & { readonly holds: FrameHolds; readonly places: readonly number[] };
  'move-within': OfFrame & { readonly place: number; readonly hasKeptCell: boolean };
  'move-to': OfFrame & OfBox & { readonly place: number; readonly hasKeptCell: boolean };
  shake: OfFrame & { readonly into: Said };
  /** The boxes from the floor up, with their weights. */
  'close-up': {
    readonly unit: Said;
    readonly boxes: readonly (OfBox & { readonly under: Box['under']; readonly kg: number })[];
    readonly kg: number;
  };
}

export const say = sayer<WorkSays>('work');

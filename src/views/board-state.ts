import {
  type Arrangement,
  addBox,
  addFrame,
  boxesOf,
  type FramePlace,
  moveFrame,
  placeOf,
  type Unit,
} from '../core/space/arrangement';
import type { Box, Frame, Hive } from '../core/space/hive';

/** Where the frames are on the board, and what is to be done with them. */
export interface BoardState {
  readonly arrangement: Arrangement;
  readonly shaken: readonly string[];
  readonly queenFrameId: string | null;
  readonly keptCellFrames: readonly string[];
  /** Other colonies whose hives were brought in, by their ids. */
  readonly brought: readonly string[];
  /** In which unit the proposal that was taken has the queen and the kept cell, and what it could not do. */
  readonly proposed: {
    /** The frame that she is run over to by hand, away from a kept cell; null: she stays on hers. */
    readonly queenTo: string | null;
    readonly queenUnit: string | null;
    readonly cellUnit: string | null;
    readonly notes: readonly string[];
  };
}

export const NOTHING_PROPOSED: BoardState['proposed'] = { queenTo: null, queenUnit: null, cellUnit: null, notes: [] };

export type BoardChange =
  | { readonly type: 'move'; readonly frameId: string; readonly to: Omit<FramePlace, 'unit'> | null }
  | { readonly type: 'shake'; readonly frameId: string; readonly isOn: boolean }
  | { readonly type: 'queen'; readonly frameId: string | null }
  | { readonly type: 'keep'; readonly frameId: string; readonly isOn: boolean }
  | { readonly type: 'new-frame'; readonly frame: Frame; readonly boxId: string }
  | { readonly type: 'new-box'; readonly unit: string; readonly box: Box; readonly level: number }
  | { readonly type: 'drop-box'; readonly boxId: string }
  /** A queen excluder under a box, or none. */
  | { readonly type: 'under'; readonly boxId: string; readonly under: Box['under'] }
  /** A box a level up (1) or down (-1); what lies under each level stays where it is. */
  | { readonly type: 'set-hive'; readonly unit: string; readonly fields: Pick<Hive, 'feeder' | 'topEntrance'> }
  | { readonly type: 'level'; readonly boxId: string; readonly by: 1 | -1 }
  | { readonly type: 'bring'; readonly unit: Unit }
  | { readonly type: 'take'; readonly state: BoardState };

const boxNamed = (arrangement: Arrangement, boxId: string): Box | undefined =>
  boxesOf(arrangement).find(({ box }) => box.id === boxId)?.box;

const toggled = (list: readonly string[], id: string, isOn: boolean) =>
  isOn ? [...new Set([...list, id])] : list.filter((other) => other !== id);

const withHives = (state: BoardState, change: (hive: Hive) => Hive): BoardState => ({
  ...state,
  arrangement: {
    ...state.arrangement,
    units: state.arrangement.units.map((unit) => ({ ...unit, hive: change(unit.hive) })),
  },
});

/** A hive with a box a level higher or lower; as it is where it goes no further. An excluder stays at the level at which it lies. */
function restacked(hive: Hive, boxId: string, by: 1 | -1): Hive {
  const at = hive.boxes.findIndex(({ id }) => id === boxId);
  const [box, other] = [hive.boxes[at], hive.boxes[at + by]];
  if (!box || !other) return hive;
  const boxes = [...hive.boxes];
  boxes[at] = { ...other, under: box.under };
  boxes[at + by] = { ...box, under: other.under };
  return { ...hive, boxes };
}

/** The board after one change. A box can only be taken off when nothing is in it. */
export function changeBoard(state: BoardState, change: BoardChange): BoardState {
  switch (change.type) {
    case 'move':
      return { ...state, arrangement: moveFrame(state.arrangement, change.frameId, change.to) };
    case 'shake':
      return { ...state, shaken: toggled(state.shaken, change.frameId, change.isOn) };
    case 'queen':
      // Found elsewhere than was thought, she is not run over from there.
      return { ...state, queenFrameId: change.frameId, proposed: { ...state.proposed, queenTo: null } };
    case 'keep':
      return { ...state, keptCellFrames: toggled(state.keptCellFrames, change.frameId, change.isOn) };
    case 'new-frame': {
      const { frame, boxId } = change;
      const at = boxNamed(state.arrangement, boxId)?.frames.length ?? 0;
      return { ...state, arrangement: addFrame(state.arrangement, frame, { boxId, at }) };
    }
    case 'new-box':
      return { ...state, arrangement: addBox(state.arrangement, change.unit, change.box, change.level) };
    case 'drop-box':
      return withHives(state, ({ boxes, ...hive }) => ({
        ...hive,
        boxes: boxes.filter(({ id, frames }) => id !== change.boxId || frames.length > 0),
      }));
    case 'under':
      return withHives(state, ({ boxes, ...hive }) => ({
        ...hive,
        boxes: boxes.map((box) => (box.id === change.boxId ? { ...box, under: change.under } : box)),
      }));
    case 'set-hive':
      return {
        ...state,
        arrangement: {
          ...state.arrangement,
          units: state.arrangement.units.map((unit) =>
            unit.name === change.unit ? { ...unit, hive: { ...unit.hive, ...change.fields } } : unit,
          ),
        },
      };
    case 'level':
      return withHives(state, (hive) => restacked(hive, change.boxId, change.by));
    case 'bring': {
      const { unit } = change;
      if (state.brought.includes(unit.name)) return state;
      const { units, out } = state.arrangement;
      return { ...state, brought: [...state.brought, unit.name], arrangement: { units: [...units, unit], out } };
    }
    case 'take':
      return change.state;
  }
}

/** Boxes as they stand on the board: unit by unit, each from the roof down. */
export function boxesFromTop({ units }: Arrangement): readonly { readonly unit: string; readonly box: Box }[] {
  return units.flatMap(({ name, hive }) => [...hive.boxes].reverse().map((box) => ({ unit: name, box })));
}

export type Arrow = 'left' | 'right' | 'up' | 'down';

/**
 * Where an arrow takes a frame: a place along in its box, or to the same place in the box above or below, and from a unit’s last box
 * on to the next unit; null where it goes no further.
 */
export function placeByArrow(arrangement: Arrangement, frameId: string, arrow: Arrow): Omit<FramePlace, 'unit'> | null {
  const place = placeOf(arrangement, frameId);
  if (!place) return null;
  const boxes = boxesFromTop(arrangement);
  if (arrow === 'left' || arrow === 'right') {
    const box = boxes.find((one) => one.box.id === place.boxId)?.box as Box;
    const at = place.at + (arrow === 'right' ? 1 : -1);
    return at >= 0 && at < box.frames.length ? { boxId: place.boxId, at } : null;
  }
  const next = boxes[boxes.findIndex(({ box }) => box.id === place.boxId) + (arrow === 'down' ? 1 : -1)];
  return next ? { boxId: next.box.id, at: Math.min(place.at, next.box.frames.length) } : null;
}

/** The frame that an arrow walks to; null: none that way. */
export function neighbourByArrow(arrangement: Arrangement, frameId: string, arrow: Arrow): string | null {
  const to = placeByArrow(arrangement, frameId, arrow);
  if (!to) return null;
  const frames = boxesOf(arrangement).find(({ box }) => box.id === to.boxId)?.box.frames ?? [];
  return frames[Math.min(to.at, frames.length - 1)]?.id ?? null;
}

/** What a frame can be let go on: another frame, a box, or the tray of those taken out; as an id on the page and back. */
export const DROP = {
  onFrame: (frameId: string) => `frame ${frameId}`,
  onBox: (boxId: string) => `box ${boxId}`,
  out: 'out',
} as const;

/**
 * Where a frame goes that is let go: beside the frame it was let go on, on the side it came down on; at the end of a box; out; or
 * nowhere (undefined).
 *
 * @param isRight it came down on the right half
 */
export function placeOfDrop(
  arrangement: Arrangement,
  frameId: string,
  target: string,
  isRight: boolean,
): Omit<FramePlace, 'unit'> | null | undefined {
  if (target === DROP.out) return null;
  const id = target.slice(target.indexOf(' ') + 1);
  if (target === DROP.onBox(id)) {
    const frames = boxNamed(arrangement, id)?.frames ?? [];
    return { boxId: id, at: frames.filter((frame) => frame.id !== frameId).length };
  }
  const place = placeOf(arrangement, id);
  if (id === frameId || !place) return undefined;
  // The frames behind its old place have closed up by the time that it is put down.
  const from = placeOf(arrangement, frameId);
  const isAfterOwn = from !== null && from.boxId === place.boxId && from.at < place.at;
  return { boxId: place.boxId, at: place.at + Number(isRight) - Number(isAfterOwn) };
}

/**
 * A board that was left, gone on with: its frames as they are known by now, in the places that they were left in. Null where the hive
 * that it began with is made up otherwise by now.
 */
export function takenUp(left: { readonly begin: BoardState; readonly present: BoardState }, begin: BoardState) {
  const makeUp = ({ arrangement }: BoardState) =>
    JSON.stringify(boxesOf(arrangement).map(({ box: { id, frames } }) => [id, frames.map((frame) => frame.id)]));
  if (makeUp(left.begin) !== makeUp(begin)) return null;
  const known = new Map(boxesOf(begin.arrangement).flatMap(({ box }) => box.frames.map((frame) => [frame.id, frame])));
  const asKnown = (frame: Frame): Frame => known.get(frame.id) ?? frame;
  const { units, out } = left.present.arrangement;
  // What was marked on the board stands, unless something else was seen in the hive since.
  const marked = <Key extends 'queenFrameId' | 'keptCellFrames'>(key: Key) =>
    JSON.stringify(left.begin[key]) === JSON.stringify(begin[key]) ? left.present[key] : begin[key];
  const inBox = (box: Box): Box => ({ ...box, frames: box.frames.map(asKnown) });
  return {
    ...left.present,
    queenFrameId: marked('queenFrameId'),
    keptCellFrames: marked('keptCellFrames'),
    arrangement: {
      units: units.map((unit) => ({ ...unit, hive: { ...unit.hive, boxes: unit.hive.boxes.map(inBox) } })),
      out: out.map(asKnown),
    },
  } satisfies BoardState;
}

import { describe, expect, it } from 'vitest';
import { placeOf } from '../core/space/arrangement';
import { asIs } from '../core/space/proposals/proposal';
import { aBox, aHive, letters } from '../core/space/testing';
import {
  type BoardState,
  boxesFromTop,
  changeBoard,
  DROP,
  NOTHING_PROPOSED,
  neighbourByArrow,
  placeByArrow,
  placeOfDrop,
  takenUp,
} from './board-state';

const start: BoardState = {
  arrangement: asIs(aHive(aBox('nest', 'HBBH'), aBox('top', 'EEE'))),
  shaken: [],
  queenFrameId: null,
  keptCellFrames: [],
  brought: [],
  proposed: NOTHING_PROPOSED,
};
const rows = ({ arrangement }: BoardState) => boxesFromTop(arrangement).map(({ box }) => `${box.id} ${letters(box)}`);

describe('the frame board', () => {
  it('stands as the hive does, from the roof down', () => {
    expect(rows(start)).toEqual(['top EEE', 'nest HBBH']);
  });

  it('moves frames, brings new ones and boxes, and takes off a box only when it is empty', () => {
    const moved = changeBoard(start, { type: 'move', frameId: 'nest/2', to: { boxId: 'top', at: 1 } });
    expect(rows(moved)).toEqual(['top EBEE', 'nest HBH']);
    const box = aBox('super', '', { role: 'super', places: 4 });
    const added = changeBoard(moved, { type: 'new-box', unit: 'hive', box, level: 2 });
    const frame = { ...(aBox('x', 'U').frames[0] as (typeof box.frames)[number]), id: 'new' };
    const filled = changeBoard(added, { type: 'new-frame', frame, boxId: 'super' });
    expect(rows(filled)).toEqual(['super U', 'top EBEE', 'nest HBH']);
    expect(rows(changeBoard(filled, { type: 'drop-box', boxId: 'super' }))).toEqual(rows(filled));
    expect(rows(changeBoard(added, { type: 'drop-box', boxId: 'super' }))).toEqual(rows(moved));
    expect(changeBoard(filled, { type: 'take', state: start })).toBe(start);
  });

  it('brings in another hive once, to move frames to and from', () => {
    const unit = { name: 'clover', hive: aHive(aBox('other', 'BBE')) };
    const both = changeBoard(changeBoard(start, { type: 'bring', unit }), { type: 'bring', unit });
    expect(rows(both)).toEqual(['top EEE', 'nest HBBH', 'other BBE']);
    const given = changeBoard(both, { type: 'move', frameId: 'nest/2', to: { boxId: 'other', at: 2 } });
    expect(rows(given)).toEqual(['top EEE', 'nest HBH', 'other BBBE']);
    expect(placeByArrow(both.arrangement, 'nest/1', 'down')).toEqual({ boxId: 'other', at: 0 });
  });

  it('marks the frames to shake, to keep the cell of, and the queen’s', () => {
    const marked = (
      [
        { type: 'shake', frameId: 'nest/2', isOn: true },
        { type: 'shake', frameId: 'nest/3', isOn: true },
        { type: 'shake', frameId: 'nest/2', isOn: false },
        { type: 'keep', frameId: 'nest/2', isOn: true },
        { type: 'queen', frameId: 'nest/3' },
      ] as const
    ).reduce(changeBoard, start);
    expect([marked.shaken, marked.keptCellFrames, marked.queenFrameId]).toEqual([['nest/3'], ['nest/2'], 'nest/3']);
  });

  it('arrows move a frame along its box, and to the box above or below', () => {
    const { arrangement } = start;
    expect(placeByArrow(arrangement, 'nest/2', 'left')).toEqual({ boxId: 'nest', at: 0 });
    expect(placeByArrow(arrangement, 'nest/1', 'left')).toBeNull();
    expect(placeByArrow(arrangement, 'nest/4', 'right')).toBeNull();
    expect(placeByArrow(arrangement, 'nest/4', 'up')).toEqual({ boxId: 'top', at: 3 });
    expect(placeByArrow(arrangement, 'nest/4', 'down')).toBeNull();
    expect(neighbourByArrow(arrangement, 'nest/4', 'up')).toBe('top/3');
    expect(neighbourByArrow(arrangement, 'top/1', 'down')).toBe('nest/1');
    const out = changeBoard(start, { type: 'move', frameId: 'nest/1', to: null });
    expect(placeByArrow(out.arrangement, 'nest/1', 'left')).toBeNull();
    expect(placeOf(out.arrangement, 'nest/1')).toBeNull();
  });

  it('puts a frame down beside the one it was let go on', () => {
    const { arrangement } = start;
    const letGo = (frameId: string, target: string, isRight: boolean) =>
      placeOfDrop(arrangement, frameId, target, isRight);
    expect(letGo('nest/1', DROP.onFrame('nest/3'), false)).toEqual({ boxId: 'nest', at: 1 });
    expect(letGo('nest/1', DROP.onFrame('nest/3'), true)).toEqual({ boxId: 'nest', at: 2 });
    expect(letGo('nest/4', DROP.onFrame('nest/2'), false)).toEqual({ boxId: 'nest', at: 1 });
    expect(letGo('top/1', DROP.onFrame('nest/2'), true)).toEqual({ boxId: 'nest', at: 2 });
    expect(letGo('nest/1', DROP.onBox('nest'), true)).toEqual({ boxId: 'nest', at: 3 });
    expect(letGo('nest/1', DROP.onBox('top'), true)).toEqual({ boxId: 'top', at: 3 });
    expect(letGo('nest/1', DROP.out, true)).toBeNull();
    expect(letGo('nest/1', DROP.onFrame('nest/1'), true)).toBeUndefined();
  });
});

describe('a board that was left', () => {
  const present = changeBoard(changeBoard(start, { type: 'move', frameId: 'nest/2', to: { boxId: 'top', at: 1 } }), {
    type: 'queen',
    frameId: 'nest/3',
  });
  const today = (nest: string, over: Partial<BoardState> = {}): BoardState => ({
    ...start,
    arrangement: asIs(aHive(aBox('nest', nest), aBox('top', 'EEE'))),
    ...over,
  });

  it('is gone on with, its frames holding what they hold by now', () => {
    const again = takenUp({ begin: start, present }, today('HSBH'));
    expect(again && rows(again)).toEqual(['top ESEE', 'nest HBH']);
    expect(again?.queenFrameId).toBe('nest/3');
  });

  it('is told where the queen and the kept cells are, where that was seen since', () => {
    const seen = takenUp(
      { begin: start, present },
      today('HBBH', { queenFrameId: 'nest/2', keptCellFrames: ['nest/2'] }),
    );
    expect([seen?.queenFrameId, seen?.keptCellFrames]).toEqual(['nest/2', ['nest/2']]);
  });

  it('is begun anew where the hive is made up otherwise by now', () => {
    expect(takenUp({ begin: start, present }, today('HBB'))).toBeNull();
  });
});

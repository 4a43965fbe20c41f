import { expect, it } from 'vitest';
import { againstShaking } from './against-shaking';
import { FRAME_SIZES } from './frame-size';
import { asIs } from './proposals/proposal';
import { aBox, aHive, proposalFrom } from './testing';

it('a frame with a kept cell is not shaken, another may be, whatever was shaken before', () => {
  const hive = aHive(aBox('nest', 'HPBBPH'));
  const [, , kept, free] = hive.boxes.flatMap(({ frames }) => frames.map(({ id }) => id)) as [
    string,
    string,
    string,
    string,
  ];
  const { context } = proposalFrom(hive);
  const asked = {
    ...context,
    before: asIs(hive),
    shaken: new Set([free]),
    queenUnit: null,
    cellUnit: null,
    keptCellFrames: new Set([kept]),
    cellFrames: new Set([kept]),
  };
  expect(againstShaking(asIs(hive), asked, kept, FRAME_SIZES)).not.toBeNull();
  expect(againstShaking(asIs(hive), asked, free, FRAME_SIZES)).toBeNull();
});

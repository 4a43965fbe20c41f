import type { SpaceSays } from '../core/space/says';
import { temperatureWords } from './measures';
import type { Words } from './words';

/** Arrangements of frames, and proposals for them. */
export const spaceWords: Words<SpaceSays> = {
  'splits-the-brood': 'It splits the brood. The nest is best kept in one piece.',
  'empty-beside-young-brood': ({ coldestC }) => {
    const nights = coldestC === null ? 'no night temperature entered' : `nights down to ${temperatureWords(coldestC)}`;
    return `An empty frame beside eggs or larvae, with ${nights}: they may be chilled.`;
  },
  'pollen-inside-honey': 'Pollen belongs between the brood and the honey.',
  'queens-frame-not-known': 'The queen’s frame is not known. Check each frame before it leaves its box.',
  'own-queen-stays': 'That hive’s own queen was last on this frame: it stays with her.',
  'nothing-keeps-her-from-brood': 'Nothing keeps the queen from this brood any more: put the excluder back under it.',
  'nothing-keeps-her-from-super':
    'Nothing keeps the queen from this super any more: put an excluder under it, unless that is what you want.',
  'kept-cell-not-shaken':
    'The kept cell is on this frame. Shaking would damage the queen in it: brush the bees off, and keep it upright.',
  'kept-cell-wrong-unit': 'The kept cell is on this frame, and this is not the unit that raises a queen.',
  'kept-cell-not-out': 'The kept cell is on this frame: it cannot be taken out.',
  'live-cells-on-her-frame':
    'There are live cells on this frame, and the queen’s unit must have none: break them down first.',
  'too-many-frames': ({ frames, places, over }) => `${frames} frames in a box for ${places}: ${over} too many.`,
  'too-few-frames': ({ short, places }) =>
    `${short} short of ${places} frames: the bees will build into the gap. Fill it, or close it with a dummy.`,
  'frame-does-not-fit': ({ frame, box }) => `A ${frame} frame does not go into a ${box} box.`,
  'frame-too-shallow': ({ frame, box }) => `A ${frame} frame in a ${box} box: they will build below it.`,
  'disease-nothing-leaves': 'The brood looked diseased: nothing leaves this hive. Close up and call the inspector.',
  'queen-not-out': 'The queen is on this frame: it cannot be taken out.',
  'queen-wrong-unit': 'The queen is on this frame, and this is not the unit that is to have her.',
  'queen-above-excluder': 'The queen is on this frame: she would be above the excluder.',
  'nights-not-noted': 'How cold the nights will be was not noted: the careful way is to open the sides.',
  'nights-too-cold': ({ coldestC }) =>
    `Nights down to ${temperatureWords(coldestC)}: an empty frame between brood would chill it, so open the sides.`,
  'too-weak-to-interleave': ({ least }) =>
    `Fewer than ${least} frames of brood: too weak for empty frames in between, so open the sides.`,
  'too-few-bees-to-interleave': ({ least }) =>
    `Fewer than ${least} covered seams: too few bees for empty frames in between, so open the sides.`,
  'warm-enough-to-interleave': ({ nightC }) =>
    `Nights stay at ${temperatureWords(nightC)} or more, and it is strong: empty frames in between give her room at once.`,
  'pollen-takes-her-comb': 'Pollen takes three tenths of the drawn comb or more.',
  'stores-take-her-comb': ({ by }) => `${by === 'nectar' ? 'Nectar' : 'Honey'} takes the comb that she needs.`,
  'gaps-would-part-young-brood': 'Empty frames in between would part young brood, as far as the frames tell.',
  'bees-cover-the-top-box': 'Bees cover four fifths of the top box or more.',
  'supers-nearly-full': 'The supers are seven tenths full or more.',
  'no-cell-to-spare': 'No frame is known with a cell to spare: note on which frame it hangs, or do not keep it.',
  'no-brood-free-to-go': 'No frame of brood is free to go with it.',
  'no-brood-for-the-queen': 'No frame of brood for the queen.',
  'no-stores-for-her-box': 'No frame of stores to spare for her box: feed her, if there is no flow.',
  'open-brood-goes-up': ({ frames }) => `${frames} frames with open brood do not fit below and go up.`,
  'eggs-in-one-half-only': 'Only one half has eggs: the other cannot raise a queen.',
  'honey-with-the-stronger': 'Honey stays with the stronger half; feed the weaker one, and reduce its entrance.',
  'no-stores-in-one-half':
    'There is no frame of stores in the brood box of one half: feed it, or leave a super of honey on it.',
  'food-taken-out':
    'Food that was taken out goes to a hive that needs it, or into the freezer, wrapped. Note which hive it came from.',
  'no-drawn-comb':
    'There is no drawn comb at hand. Foundation gives her room only once it is drawn, on a flow or on syrup.',
  'no-honey-hems': 'No honey hems the brood in: nothing is needed.',
  'no-pollen-hems': 'No pollen hems the brood in: nothing is needed.',
  'short-of-room-on-brood-frames':
    'She stays short of room for what is on the brood frames themselves: add a box of drawn comb.',
  'short-of-room-food-beside':
    'She stays short of room: the rest of the food is beside the brood at cold nights, on her frame, or on one with a cell. Add a box of drawn comb.',
  'no-frame-can-make-way':
    'No frame of the box can make way: it holds brood, or the last of the food. Add a box first.',
  'cold-open-the-sides':
    'Nights are cold or not noted, and an empty frame between brood would chill it: open the sides instead.',
  'no-gap-left': 'No gap is left that would not part young brood: open the sides instead.',
  'only-counted':
    'The frames were only counted, so it is not known where the young brood is: survey them frame by frame first, or open the sides.',
  'no-stores-for-the-swarm': 'No frame of stores to spare for the swarm: feed it, if there is no flow.',
  'comb-beside-the-brood-already': 'There is empty comb beside the brood already: nothing is needed.',
  'cold-one-side-only':
    'Nights are cold or not noted: food stays beside the brood on one side, so only the other is opened.',
  'takes-brood-frames': ({ least, there }) => `It takes ${least} frames of brood, and there are ${there}.`,
  'nothing-can-go-up': ({ onlySealed }) =>
    onlySealed
      ? 'Nights are too cold for open brood above, and there is no frame of sealed brood alone: wait for milder nights, or choose another method.'
      : 'There is no frame of brood that can go up.',
  'fewer-can-go-up': ({ count, onlySealed, short }) =>
    `Only ${count} frames ${onlySealed ? 'of sealed brood ' : ''}can go up, ${short} fewer than usual.`,
  'cold-only-sealed-up': 'Nights are cold: only sealed brood goes up.',
  'no-brood-free-of-cells': 'No frame of brood is free of cells: clear one of cells for the queen first.',
  'no-stores-for-the-nuc': 'No frame of stores to spare: feed the nuc.',
  'too-few-frames-free-of-cells': 'Too few frames of brood free of cells for the queen’s part.',
  'no-eggs-go-up': 'No eggs go up: the top could not raise a queen.',
  'no-stores-for-the-top': 'No frame of stores to spare for the top: feed it.',
};

import type { Box } from '../core/space/hive';
import type { WorkSays } from '../core/space/work-list/says';
import { boxWords } from './boxes';
import { capital } from './capital';
import { HOLDS_WORDS } from './holds';
import { listWords } from './list';
import { wholeMassWords } from './measures';
import { unitTitle } from './units';
import type { Words } from './words';

const UNDER_WORDS = { excluder: 'queen excluder', board: 'split board' } as const;
const overWords = (under: Box['under']) => (under === 'open' ? '' : ` over a ${UNDER_WORDS[under]}`);
const STACKED = { open: '', excluder: 'excluder, ', board: 'split board, ' } as const;

const about = (kg: number) => `about ${wholeMassWords(kg)}`;
const upright = (hasKeptCell: boolean) =>
  hasKeptCell ? ' Keep it upright and do not jar it: the kept cell is on it.' : '';
const lastOn = (frame: string) => `The queen was last on ${frame}.`;

/** What to do at the hive. */
export const workWords: Words<WorkSays> = {
  unit: ({ unit, colony }) => colony ?? unitTitle(unit),
  box: ({ named, isOld, of }) => `${isOld ? 'old ' : ''}${boxWords(named)}${of === null ? '' : ` of ${of}`}`,
  'new-box': ({ named, of }) => `${of === null ? '' : `${of}, `}new ${boxWords(named)}`,
  'frame-at': ({ place, box, holds }) => `frame ${place} of ${box} (${HOLDS_WORDS[holds]})`,
  'frame-in': ({ box, holds }) => `a frame of ${HOLDS_WORDS[holds]} in ${box}`,
  'new-frame': ({ holds }) => `a new frame (${HOLDS_WORDS[holds]})`,

  'lift-off': ({ box, kg, isHeavy }) =>
    `Lift off ${box}, ${about(kg)}${isHeavy ? ': take frames out of it, or have somebody help' : ''}.`,
  'queens-place-not-known':
    'The queen’s place is not known: check every frame before it leaves its box, and cage her if you see her.',
  'move-queen-by-hand': ({ from, to }) =>
    `${lastOn(from)} Find her, and move her over by hand, or in a cage, to ${to}: the kept cell hangs on her frame, and the two must part.`,
  'queens-frame-first': ({ frame }) => `${lastOn(frame)} Find her, and move that frame first.`,
  'queens-frame-aside': ({ frame }) =>
    `${lastOn(frame)} Find her, and stand that frame aside, covered, until the rest is done.`,
  'make-ready': ({ box, under }) => `Make ready: ${box}${overWords(under)}.`,
  'leave-off': ({ box }) => `Leave off ${box}.`,
  'set-on': ({ box, below }) => `Set ${box} on ${below ?? 'the floor'}.`,
  'take-off': ({ what, box }) => `Take the ${UNDER_WORDS[what]} off ${box}.`,
  'put-on': ({ what, box }) => `Put a ${UNDER_WORDS[what]} on ${box}.`,
  'feeder-on': 'Put the feeder on top.',
  'feeder-off': 'Take the feeder off.',
  'top-entrance-open': 'Open the top entrance.',
  'top-entrance-shut': 'Shut the top entrance.',
  'take-out': ({ frame }) => `Take out ${frame}, bees brushed off.`,
  'stand-aside': ({ frame }) => `Stand aside ${frame}.`,
  'hang-new-frames': ({ holds, box, places }) => {
    const [what, where] = places.length === 1 ? ['New frame', 'frame'] : [`${places.length} new frames`, 'frames'];
    return `${what} (${HOLDS_WORDS[holds]}) into ${box}, as ${where} ${listWords(places.map(String))}.`;
  },
  'move-within': ({ frame, place, hasKeptCell }) =>
    `${capital(frame)} within it, as frame ${place}.${upright(hasKeptCell)}`,
  'move-to': ({ frame, box, place, hasKeptCell }) =>
    `${capital(frame)} to ${box}, as frame ${place}.${upright(hasKeptCell)}`,
  shake: ({ frame, into }) => `Shake the bees of ${frame} into ${into}; look for the queen first.`,
  'close-up': ({ unit, boxes, kg }) => {
    const stack = boxes.map(({ box, under, kg: weight }) => `${STACKED[under]}${box} (${about(weight)})`);
    const whole = boxes.length > 1 ? `; ${about(kg)} in all` : '';
    return `Close up ${unit}: from the floor up ${stack.join(', ')}${whole}.`;
  },
};

import type { CheckCode } from '../../core/schedule/check';

/** How many names a line has room for. */
const NAMED = 2;

/** What else a day asks, in a few words each. */
export const alsoPhrases = {
  title: 'Also today',
  swarmWeather: 'swarm weather',
  loss: (name: string) => `a scale asks about ${name}`,
  kitShort: 'kit is short',
  kitToBring: 'kit to take along',
  move: (name: string) => `move ${name}`,
  daily: (name: string, code: CheckCode) => (code === 'turn-hive' ? `turn ${name}` : `move ${name}’s boxes`),
  wayMarks: (places: number) => (places === 1 ? 'a way-mark' : 'way-marks'),
  food: (names: readonly string[]) => (names.length <= NAMED ? `food for ${names.join(' and ')}` : 'food'),
  meant: (things: number) => `${things} from the season plan`,
  count: (things: number) => `${things} ${things === 1 ? 'thing' : 'things'}`,
};

import { type Day, dayOfMinute } from '../../core/calendar/day';
import type { SwarmSign } from '../../core/colony/may-swarm';
import { weekdayWords } from '../days';

/** A swarm is out. */
export const swarmOutPhrases = {
  sign: {
    'sealed-cells': 'Sealed cells at the last inspection.',
    'open-cells': 'Cells with larvae or eggs, not sealed yet when last seen.',
    'unseen-since': 'Cells that could have taken a swarm by now; not inspected since.',
    'not-enough-seen': 'Too little was seen to rule it out.',
    none: 'Nothing speaks for it.',
  } as const satisfies { readonly [S in SwarmSign]: string },
  loss: (kg: string, at: string, today: Day) => {
    const on = dayOfMinute(at);
    return `${kg} lighter at ${at.slice(11)} ${on === today ? 'today' : `on ${weekdayWords(on)}`}, by its scale.`;
  },
  swarmWeather: 'Swarm weather today: the first fine day after days that kept the bees in.',
  bring: [
    'Veil, smoker, brush, and a spray of water to settle the bees',
    'A nuc box, or an empty brood box with floor, roof and a few frames of drawn comb or foundation',
    'A sheet for the ground, and a skep or a stout box to shake them into',
    'Secateurs for the twig; a ladder only with somebody to hold it',
    'Feed, if there is no flow. A queen excluder under the box holds a prime swarm for the first days. Never under a cast: its virgin has to fly.',
  ],
  caution:
    'Leave alone what hangs high, over a road or inside a building, and ask somebody experienced. On other people’s land ask first; local rules say whose a swarm is.',
  next: 'Whose it was shows at the hive: few bees flying, sealed cells, no eggs. Inspect the likely ones the same day or the next, before a cast follows, and keep one or two cells.',
} as const;

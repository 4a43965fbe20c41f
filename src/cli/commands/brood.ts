import { z } from 'zod';
import { lastLaid } from '../../core/brood/last-laid';
import { YOUNGEST_BROOD } from '../../core/brood/youngest';
import { dayField } from '../../core/facts/day-field';
import { command } from '../command';
import { writeRange } from '../write';

/** When the queen last laid, from the youngest worker brood. */
export const broodCommand = command({
  input: z.strictObject({
    on: dayField,
    youngest: z.enum(YOUNGEST_BROOD),
    eggsLookedFor: z.boolean(),
    lastEggsSeen: dayField.optional(),
  }),
  pastDays: ({ on, lastEggsSeen }) => [
    { path: ['on'], day: on },
    ...(lastEggsSeen === undefined ? [] : [{ path: ['lastEggsSeen'], day: lastEggsSeen }]),
  ],
  run: ({ lastEggsSeen = null, ...seen }) => {
    const { lastLaid: laid, conflict } = lastLaid({ ...seen, lastEggsSeen });
    return { ok: true, value: { lastLaid: writeRange(laid), conflict } };
  },
});

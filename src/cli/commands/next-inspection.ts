import { z } from 'zod';
import { THOROUGHNESS } from '../../core/cells/thoroughness';
import { dayField } from '../../core/facts/day-field';
import { nextInspection } from '../../core/inspections/next-inspection';
import { command } from '../command';
import { writeDay } from '../write';

/** By when to be back, from how thoroughly it was looked at. */
export const nextInspectionCommand = command({
  input: z.strictObject({
    on: dayField,
    thoroughness: z.enum(THOROUGHNESS),
    cellsRemoved: z.boolean(),
    clipped: z.boolean(),
    alreadyDue: dayField.optional(),
  }),
  pastDays: ({ on }) => [{ path: ['on'], day: on }],
  run: ({ alreadyDue = null, ...look }) => {
    const { ideal, latest, hiddenAge } = nextInspection({ ...look, alreadyDue });
    return { ok: true, value: { ideal: writeDay(ideal), latest: writeDay(latest), hiddenAge } };
  },
});

import { z } from 'zod';
import { LOOKED } from '../../core/brood/looked';
import { showsEggs, YOUNGEST_BROOD } from '../../core/brood/youngest';
import { CELL_PLACES } from '../../core/cells/place';
import { CELL_STAGES } from '../../core/cells/stage';
import { dayField } from '../../core/facts/day-field';
import { QUEEN_EXPECTED } from '../../core/inspections/inspection-seen';
import { readInspection } from '../../core/inspections/reading';
import { inWords } from '../../words/in-words';
import { refusal } from '../../words/issues';
import { command } from '../command';
import { writeDay } from '../write';

const COUNT = { min: 1, max: 200 };

/** What one inspection means. */
export const readCommand = command({
  input: z.strictObject({
    on: dayField,
    inspection: z.strictObject({
      eggs: z.enum(LOOKED),
      queenSeen: z.boolean(),
      youngest: z.enum(YOUNGEST_BROOD).nullable(),
      cells: z.array(
        z.strictObject({
          stage: z.enum(CELL_STAGES),
          count: z.int().min(COUNT.min).max(COUNT.max),
          place: z.enum(CELL_PLACES),
        }),
      ),
      droneBroodInWorkerCells: z.boolean(),
      severalEggsPerCell: z.boolean(),
      layingRoomDays: z.number().min(0).nullable(),
      bound: z.boolean(),
    }),
    context: z.strictObject({ queenExpected: z.enum(QUEEN_EXPECTED), virginEmergedFrom: dayField.optional() }),
  }),
  pastDays: ({ on, context: { virginEmergedFrom } }) => [
    { path: ['on'], day: on },
    ...(virginEmergedFrom === undefined ? [] : [{ path: ['context', 'virginEmergedFrom'], day: virginEmergedFrom }]),
  ],
  run: ({ on, inspection, context }) => {
    const { eggs, youngest } = inspection;
    const eggsAreYoungest = showsEggs(youngest);
    if ((eggs === 'seen' && youngest !== null && !eggsAreYoungest) || (eggs === 'none' && eggsAreYoungest)) {
      const message =
        eggs === 'seen'
          ? `eggs were seen, so the youngest brood cannot be ${youngest}; make it eggs or eggs-upright`
          : `no eggs were found, so the youngest brood cannot be ${youngest}; correct one of the two`;
      return refusal({ path: ['inspection', 'youngest'], code: 'contradiction', message });
    }
    const { queenExpected, virginEmergedFrom = null } = context;
    const { reading, actBy, cause, because } = readInspection(on, inspection, { queenExpected, virginEmergedFrom });
    return {
      ok: true,
      value: {
        reading,
        actBy: writeDay(actBy),
        cause,
        because: because.map(({ code, text }) => ({ code, text: inWords(text) })),
      },
    };
  },
});

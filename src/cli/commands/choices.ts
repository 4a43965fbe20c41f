import { z } from 'zod';
import { CAUSES } from '../../core/cells/cause';
import { choose } from '../../core/choices/choose';
import { dayField } from '../../core/facts/day-field';
import { LIMITS } from '../../core/facts/limits';
import { READINGS } from '../../core/inspections/reading';
import { THINGS } from '../../core/methods/thing';
import { inWords } from '../../words/in-words';
import { command } from '../command';

const TENTHS = 10;
const tenths = z.int().min(0).max(TENTHS).nullable();
const counted = (max: number) => z.int().min(0).max(max).nullable();
const OLDEST = ['none', 'egg', 'larva', 'sealed', 'ripe', 'emerged'] as const;

/** What an experienced keeper would say first of a colony, what else, and why not the rest. */
export const choicesCommand = command({
  input: z.strictObject({
    on: dayField,
    reading: z.enum([...READINGS, 'may-have-swarmed']),
    colony: z.strictObject({
      broodFrames: counted(LIMITS.broodFrames),
      coveredSeams: counted(LIMITS.seams),
      queenFound: z.enum(['today', 'no', 'not-looked-for']),
      eggs: z.enum(['seen', 'none', 'not-looked-for']),
      cells: z
        .strictObject({ count: z.int().min(0).max(200), oldest: z.enum(OLDEST) })
        .refine(({ count, oldest }) => (count === 0) === (oldest === 'none'), {
          error: 'cells that are none have no oldest one, and others have',
        }),
      earliestEmergence: dayField.nullable(),
      earliestSealing: dayField.nullable(),
      broodBoxes: z.literal([1, 2, 3]),
      supers: z.int().min(0).max(LIMITS.frames),
      coveredTenths: tenths,
      fullestSuperTenths: tenths,
      bound: z.enum(['none', 'honey', 'nectar', 'pollen', 'not-known']),
      clipped: z.boolean(),
      layingWorkers: z.boolean(),
      leaveShutTo: dayField.nullable(),
      cause: z.enum(CAUSES).nullable(),
      eggsOverdue: z.boolean(),
      testFrame: z.enum(['none', 'given', 'cells', 'no-cells']),
      virgin: z.enum(['seen', 'heard', 'no']),
      broodYoung: z.boolean(),
    }),
    place: z.strictObject({
      drones: z.enum(['flying', 'sealed-only', 'none', 'not-looked-for']),
      coldestOfNextFive: z.number().min(-60).max(60).nullable(),
      flow: z
        .strictObject({ from: dayField, to: dayField })
        .refine(({ from, to }) => from <= to, { error: 'the flow ends before it begins' })
        .nullable(),
      season: z.enum(['build-up', 'swarm', 'after', 'rest']),
      secondStand: z.boolean().nullable(),
      otherColonies: z.int().min(0).max(10_000),
    }),
    wanted: z.enum(['increase', 'honey', 'nothing']),
    kit: z.array(z.enum(THINGS)).optional(),
  }),
  pastDays: ({ on }) => [{ path: ['on'], day: on }],
  run: ({ kit = null, ...asked }) => {
    const { because, ...choices } = choose({ ...asked, underWay: false, earlyFirst: 'room', kit });
    return {
      ok: true,
      value: { ...choices, because: because.map(({ code, text }) => ({ code, text: inWords(text) })) },
    };
  },
});

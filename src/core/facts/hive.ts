import { z } from 'zod';
import { problem } from '../problems/says';
import { CONTENTS, type Side, sideFault, TENTHS } from '../space/content';
import { BOX_ROLES, FRAME_KINDS, framesOf, TAPES } from '../space/hive';
import { idField } from './fields';
import { LIMITS } from './limits';

const tenths = z.int().min(0).max(TENTHS);

/** One side of a comb: whole tenths that make ten. */
const sideField = z
  .strictObject(Object.fromEntries(CONTENTS.map((content) => [content, tenths.optional()])))
  .superRefine((side, context) => {
    const fault = sideFault(side as Side);
    if (fault) context.addIssue({ code: 'custom', message: problem(fault) });
  })
  .transform((side) => side as Side);

export const frameField = z
  .strictObject({
    id: idField,
    kind: z.enum(FRAME_KINDS),
    size: z.string().min(1).max(LIMITS.code),
    sides: z.tuple([sideField, sideField]).readonly().nullable(),
  })
  .refine(({ kind, sides }) => (kind === 'comb') === (sides !== null), {
    path: ['sides'],
    error: problem('dummy-with-sides'),
  });

const boxField = z.strictObject({
  id: idField,
  role: z.enum(BOX_ROLES),
  size: z.string().min(1).max(LIMITS.code),
  places: z.int().min(1).max(LIMITS.frames),
  under: z.enum(['open', 'excluder', 'board']),
  frames: z.array(frameField).max(LIMITS.frames).readonly(),
  coveredSeams: z.int().min(0).max(LIMITS.frames).nullable().optional(),
  tape: z.enum(TAPES).nullable().optional(),
});

/** A hive: at least one brood box, no frame twice. */
export const hiveField = z
  .strictObject({
    boxes: z.array(boxField).min(1).max(LIMITS.boxes).readonly(),
    feeder: z.boolean().optional(),
    topEntrance: z.boolean().optional(),
  })
  .superRefine((hive, context) => {
    if (!hive.boxes.some(({ role }) => role === 'brood'))
      context.addIssue({ code: 'custom', path: ['boxes'], message: problem('no-brood-box') });
    const ids = [...framesOf(hive), ...hive.boxes].map(({ id }) => id);
    if (new Set(ids).size !== ids.length)
      context.addIssue({ code: 'custom', path: ['boxes'], message: problem('frame-twice') });
  });

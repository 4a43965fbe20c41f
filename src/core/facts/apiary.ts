import { z } from 'zod';
import { idField, nameField, noteField } from './fields';

/** A place where colonies stand. */
export const apiaryFact = z.strictObject({ id: idField, name: nameField, note: noteField });

export type ApiaryFact = z.infer<typeof apiaryFact>;

import { z } from 'zod';
import { problem } from '../problems/says';
import { LIMITS } from './limits';

/** Made by the client, so that an entry sent twice lands once. */
export const idField = z.uuid({ error: problem('not-an-identifier') }).toLowerCase();
export const nameField = z.string().trim().min(1).max(LIMITS.name);
export const noteField = z.string().max(LIMITS.note);

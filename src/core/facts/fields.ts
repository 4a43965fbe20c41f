import { z } from 'zod';
import { LIMITS } from './limits';

/** Made by the client, so that an entry sent twice lands once. */
export const idField = z
  .uuid({ error: 'is not an identifier; it is made by the program and is not to be changed' })
  .toLowerCase();
export const nameField = z.string().trim().min(1).max(LIMITS.name);
export const noteField = z.string().max(LIMITS.note);

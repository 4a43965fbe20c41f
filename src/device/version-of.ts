import { v5 as nameBased } from 'uuid';
import { canonical } from '../core/facts/same-value';

/** The space of names in which versions are made. */
const VERSIONS = '6f0d3e0a-6c5b-5c0e-9a53-3b8a3f0c2d71';

/**
 * Names what an entry says: the same content always has the same version, whatever the order of its properties, on the device and on
 * the server. By it a thing that is sent again is told from one that was changed.
 */
export const versionOf = (content: unknown): string => nameBased(canonical(content), VERSIONS);

/** The version of what was deleted: not the one that it had while it stood, so that nobody puts it back unawares. */
export const deletedVersion = (content: unknown): string => versionOf({ deleted: content });

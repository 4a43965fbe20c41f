import type { Side } from '../core/space/content';
import type { Box, BoxRole, Hive } from '../core/space/hive';
import { COMB } from './comb-letters';

/** A box as it was seen: a letter for each comb. */
export interface BoxSaw {
  readonly letters: string;
  readonly role?: BoxRole;
  readonly size?: string;
  readonly under?: Box['under'];
}

/** A hive of such boxes, from the floor up. What hangs where something hung before is the same frame, in the same box. */
export const hiveOf = (boxes: readonly BoxSaw[], before: Hive['boxes'] | undefined, newId: () => string): Hive => ({
  boxes: boxes.map(({ letters, role = 'brood', size = 'national-deep', under = 'open' }, level) => ({
    id: before?.[level]?.id ?? newId(),
    role,
    size,
    places: letters.length,
    under,
    frames: [...letters].map((letter, place) => ({
      id: before?.[level]?.frames[place]?.id ?? newId(),
      kind: 'comb' as const,
      size,
      sides: COMB[letter] as readonly [Side, Side],
    })),
  })),
});

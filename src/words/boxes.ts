import type { Box, BoxRole, Hive, Tape } from '../core/space/hive';
import { boxNamed } from '../core/space/work-list/box-names';
import type { BoxNamed } from '../core/space/work-list/says';
import { capital } from './capital';

const ROLE_WORDS: { readonly [R in BoxRole]: string } = { brood: 'brood box', super: 'super' };

export const TAPE_WORDS: { readonly [T in Tape]: string } = {
  red: 'red',
  yellow: 'yellow',
  green: 'green',
  blue: 'blue',
  white: 'white',
};

/** `brood box`, `super 2`, `super 1 (red tape)`. */
export function boxWords({ role, nth, tape }: BoxNamed): string {
  const number = nth === null ? '' : ` ${nth}`;
  return `${ROLE_WORDS[role]}${number}${tape === null ? '' : ` (${TAPE_WORDS[tape]} tape)`}`;
}

/** What a box is called in its hive, counted from below. */
export const boxName = (hive: Hive, box: Box): string => boxWords(boxNamed(hive, box));

/** `Brood box`, `Brood box 2`, `Super 1 (red tape)`: a box as a heading. */
export const boxTitle = (hive: Hive, box: Box): string => capital(boxName(hive, box));

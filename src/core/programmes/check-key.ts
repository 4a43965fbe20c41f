import type { CheckCode } from '../schedule/check';

/** `eggs:0196...`: the key of a check that hangs on a fact; `nth` tells those of one code in one programme apart. */
export function checkKey(code: CheckCode, anchor: string, nth = 1): string {
  return nth === 1 ? `${code}:${anchor}` : `${code}:${anchor}:${nth}`;
}

import type { Day } from '../calendar/day';
import { A_NUC_BOX, A_NUC_OF_FRAMES } from '../methods/kit-items';
import type { MethodName } from '../methods/method';
import { methodNamed } from '../methods/methods';
import type { Thing, Wanted } from '../methods/thing';
import type { CheckCode } from '../schedule/check';

/** Why something is needed: for a method that is decided on, or that fits first; for what a check may ask for; to mark a young queen; or to have one in hand. */
export type NeedReason =
  | { readonly kind: 'method'; readonly method: MethodName; readonly isDecided: boolean; readonly colonyId: string }
  | { readonly kind: 'check'; readonly code: CheckCode; readonly colonyId: string }
  | { readonly kind: 'mark'; readonly colonyId: string }
  | { readonly kind: 'spare-nuc' };

/** What is needed at an apiary on a day. */
export interface Need {
  readonly apiaryId: string;
  readonly on: Day;
  readonly wanted: Wanted;
  readonly because: NeedReason;
  /** It is used at one hive after the other: one of it does for a whole round. */
  readonly isShared: boolean;
}

/** Work at a hive, on the day on which it is planned, or best done where it is on no round. */
export interface KitWork {
  readonly colonyId: string;
  readonly apiaryId: string;
  readonly on: Day;
  readonly code: CheckCode;
  /** What is begun on it, as far as that is known: by a list that is to be worked off, or what fits first. */
  readonly method: { readonly name: MethodName; readonly isDecided: boolean } | null;
}

const A_BOX_ABOVE: readonly Wanted[] = [{ of: ['super'], count: 1 }];
/** What a check may ask for once the hive is open. */
const ASKED_BY: { readonly [C in CheckCode]?: readonly Wanted[] } = {
  'supers-check': A_BOX_ABOVE,
  'space-check': A_BOX_ABOVE,
  'make-room': A_BOX_ABOVE,
};
/** Checks at which a young queen is found laying, and marked. */
const MARKED_AT: ReadonlySet<CheckCode> = new Set(['eggs', 'laying-check']);

/** What some work needs: the kit of its method, what its check may ask for, a pen of the year's colour where a queen is to be marked. */
export function needsOfWork({ colonyId, apiaryId, on, code, method }: KitWork, pen: Thing): readonly Need[] {
  const at = { apiaryId, on };
  if (method) {
    const because = { kind: 'method', method: method.name, isDecided: method.isDecided, colonyId } as const;
    return methodNamed(method.name).kit.flatMap(({ brings }) =>
      brings.map(({ of, count }): Need => ({ ...at, wanted: { of, count }, because, isShared: false })),
    );
  }
  const because = { kind: 'check', code, colonyId } as const;
  const asked = (ASKED_BY[code] ?? []).map((wanted): Need => ({ ...at, wanted, because, isShared: false }));
  if (!MARKED_AT.has(code)) return asked;
  return [...asked, { ...at, wanted: { of: [pen], count: 1 }, because: { kind: 'mark', colonyId }, isShared: true }];
}

/** A nuc with its frames, to be in hand wherever charged cells may be found. */
export const spareNuc = (apiaryId: string, on: Day): readonly Need[] =>
  [...A_NUC_BOX, ...A_NUC_OF_FRAMES].map(
    ({ of, count }): Need => ({ apiaryId, on, wanted: { of, count }, because: { kind: 'spare-nuc' }, isShared: false }),
  );

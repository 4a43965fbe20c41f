import type { Day } from '../calendar/day';
import { formatDay } from '../calendar/day';
import { A_SUPER } from '../methods/kit-items';
import type { FollowUpCode, MethodName } from '../methods/method';
import { methodNamed } from '../methods/methods';
import type { Brings, Thing, Wanted } from '../methods/thing';
import type { Hive } from '../space/hive';

/** What things went to a hive, or came off it, by what was done there. */
export type KitUse =
  | {
      readonly kind: 'taken' | 'came-free';
      /** Local minute; where none was noted, the beginning of the day. */
      readonly at: string;
      readonly colonyId: string;
      readonly apiaryId: string;
      readonly wanted: Wanted;
    }
  | {
      /** Its hive was seen as it is: what is more on it than was known came from the store, what is less went there. */
      readonly kind: 'seen';
      readonly at: string;
      readonly colonyId: string;
      readonly apiaryId: string;
      readonly things: ReadonlyMap<Thing, number>;
      /** All of its hive came from the store: it was made by a method. */
      readonly isOfStore: boolean;
    };

/** A day, and the local minute where one was noted. */
export interface Moment {
  readonly on: Day;
  readonly at: string | null;
}

/** A method that was begun, as far as its kit goes. */
export interface KitProgramme {
  readonly method: MethodName;
  readonly at: string | null;
  readonly on: Day;
  readonly colonyId: string;
  /** The colony that came of it; null: none. */
  readonly newColonyId: string | null;
  /** When it was over, and the minute where that is known; null: it is not. */
  readonly over: Moment | null;
}

/** A colony whose hive is looked at for its kit. */
export interface KitColony {
  readonly id: string;
  /** When it ended, and the minute where that is known; null: it has not. */
  readonly ended: Moment | null;
  /** Where it stood on a day. */
  readonly apiaryOn: (on: Day) => string;
  readonly surveys: readonly { readonly at: string; readonly on: Day; readonly hive: Hive }[];
}

/** What was given with the answer to a check. */
export interface KitAnswer {
  readonly at: string;
  readonly on: Day;
  readonly colonyId: string;
  readonly code: FollowUpCode;
  readonly answer: string;
}

/** Answers that say that something was put on. */
const PUT_ON: { readonly [C in FollowUpCode]?: { readonly [answer: string]: readonly Brings[] } } = {
  'supers-check': { another: A_SUPER },
};

const startOf = (on: Day): string => `${formatDay(on)}T00:00`;
const endOf = (on: Day): string => `${formatDay(on)}T23:59`;

/** Boxes of so few frames are nucs. */
const NUC_PLACES = 6;

/** The boxes and what lies between them. */
export function thingsOf({ boxes }: Hive): ReadonlyMap<Thing, number> {
  const count = (isIt: (box: Hive['boxes'][number]) => boolean) => boxes.filter(isIt).length;
  return new Map<Thing, number>([
    ['nuc-box', count(({ role, places }) => role === 'brood' && places <= NUC_PLACES)],
    ['brood-box', count(({ role, places }) => role === 'brood' && places > NUC_PLACES)],
    ['super', count(({ role }) => role === 'super')],
    ['excluder', count(({ under }) => under === 'excluder')],
    ['split-board', count(({ under }) => under === 'board')],
  ]);
}

/** In order of time; what was begun or given at a minute comes before what was seen at it. */
export function kitUses(
  programmes: readonly KitProgramme[],
  colonies: readonly KitColony[],
  answers: readonly KitAnswer[] = [],
): readonly KitUse[] {
  const colonyOf = new Map(colonies.map((one) => [one.id, one]));
  const uses = programmes.flatMap((programme): KitUse[] => {
    const { method, at, on, colonyId, newColonyId, over } = programme;
    return methodNamed(method).kit.flatMap(({ brings }) =>
      brings.flatMap(({ of, count, comesFree }): KitUse[] => {
        const holder = colonyOf.get(comesFree === 'colony-ends' ? (newColonyId ?? colonyId) : colonyId);
        if (!holder) return [];
        const wanted = { of, count };
        const taken = {
          kind: 'taken',
          at: at ?? startOf(on),
          colonyId: holder.id,
          apiaryId: holder.apiaryOn(on),
          wanted,
        } as const;
        const free = comesFree === 'method-over' ? over : comesFree === 'colony-ends' ? holder.ended : null;
        if (free === null) return [taken];
        return [
          taken,
          { ...taken, kind: 'came-free', at: free.at ?? endOf(free.on), apiaryId: holder.apiaryOn(free.on) },
        ];
      }),
    );
  });
  const given = answers.flatMap(({ at, on, colonyId, code, answer }): KitUse[] => {
    const hive = colonyOf.get(colonyId);
    if (!hive) return [];
    return (PUT_ON[code]?.[answer] ?? []).map(({ of, count }) => ({
      kind: 'taken',
      at,
      colonyId,
      apiaryId: hive.apiaryOn(on),
      wanted: { of, count },
    }));
  });
  const made = new Set(programmes.map(({ newColonyId }) => newColonyId));
  const seen = colonies.flatMap(({ id, surveys, apiaryOn }) =>
    surveys.map(({ at, on, hive }): KitUse => {
      const where = { colonyId: id, apiaryId: apiaryOn(on) };
      return { kind: 'seen', at, ...where, things: thingsOf(hive), isOfStore: made.has(id) };
    }),
  );
  const order = { taken: 0, seen: 1, 'came-free': 2 };
  return [...uses, ...given, ...seen].sort((a, b) =>
    a.at < b.at ? -1 : a.at > b.at ? 1 : order[a.kind] - order[b.kind],
  );
}

import { type Day, dayOfMinute } from '../core/calendar/day';
import { grouped } from '../core/grouped';
import { CAR, HOME, type KitEntry, type KitPlace } from '../core/kit/kit-entry';
import type { Fetch, MetNeed } from '../core/kit/shortages';
import type { Stock } from '../core/kit/stock';
import { THINGS, type Thing } from '../core/methods/thing';
import { dayWords, minuteWords } from '../words/days';
import {
  fetchWords,
  missingWords,
  overdrawnWords,
  placeName,
  placeWords,
  reasonWords,
  saidWords,
  thingName,
  wantedWords,
} from '../words/kit';
import type { AllApiaries } from './all-apiaries';

/** One thing at one place. */
export interface KitCell {
  readonly thing: Thing;
  readonly name: string;
  readonly count: number;
  /** When it was counted there last, in words; null: never, there may be more. */
  readonly counted: string | null;
  readonly frozen: string | null;
}

export interface KitPlaceView {
  readonly place: KitPlace;
  readonly name: string;
  readonly cells: readonly KitCell[];
  /** Nothing was ever counted here. */
  readonly isUncounted: boolean;
  /** Brood disease is suspected here: nothing is lent from it. */
  readonly isSuspected: boolean;
}

/** Something that does not lie where it is needed. */
export interface ShortageLine {
  readonly key: string;
  readonly words: string;
  /** What it is for. */
  readonly why: string;
  readonly ways: readonly string[];
  /** Of some of it there is none, or no round brings it in time. */
  readonly isOpen: boolean;
  /** It is needed, not merely asked for perhaps. */
  readonly isSure: boolean;
}

export interface KitView {
  readonly places: readonly KitPlaceView[];
  readonly overdrawn: readonly string[];
  readonly shortages: readonly ShortageLine[];
  /** What was said last, the latest first. */
  readonly said: readonly {
    readonly ids: readonly string[];
    readonly at: string;
    readonly words: string;
    readonly reason: string;
  }[];
  /** Nothing was ever counted anywhere. */
  readonly isEmpty: boolean;
  readonly isUnreckoned: boolean;
}

export interface KitKnown {
  /** It cannot be worked out what lies where. */
  readonly isUnreckoned: boolean;
  readonly entries: readonly KitEntry[];
  readonly stock: Stock;
  readonly met: readonly MetNeed[];
}

/** So much of what was said is listed. */
const SAID_SHOWN = 12;

/** What lies where, what is short, and what was said of it. */
export function kitView(all: AllApiaries, { entries, stock, met, isUnreckoned }: KitKnown, today: Day): KitView {
  const apiaryName = namesOf(all);
  const places = [HOME, CAR, ...all.apiaries.map(({ id }) => id)].map((place): KitPlaceView => {
    const cells = THINGS.map((thing): KitCell => {
      const { count, countedAt, frozenSince } = stock.lying(place, thing);
      return {
        thing,
        name: thingName(thing),
        count,
        counted: countedAt === null ? null : dayWords(dayOfMinute(countedAt)),
        frozen: frozenSince === null || count === 0 ? null : dayWords(frozenSince),
      };
    });
    return {
      place,
      name: placeName(place, apiaryName),
      cells,
      isUncounted: cells.every(({ counted }) => counted === null),
      isSuspected: all.apiaries.some(({ id, diseaseSuspectedSince }) => id === place && diseaseSuspectedSince !== null),
    };
  });
  return {
    places,
    overdrawn: stock.overdrawn.map(({ place, thing, count }) =>
      overdrawnWords(thing, count, placeWords(place, apiaryName)),
    ),
    shortages: shortageLines(all, met, today),
    said: saidTogether(entries)
      .slice(-SAID_SHOWN)
      .reverse()
      .map((list) => ({
        ids: list.map(({ id }) => id),
        at: minuteWords((list[0] as KitEntry).at),
        words: saidWords(list, apiaryName),
        reason: list[0]?.reason ?? '',
      })),
    isEmpty: entries.length === 0,
    isUnreckoned,
  };
}

export const namesOf =
  ({ apiaries }: AllApiaries) =>
  (id: string): string =>
    apiaries.find((one) => one.id === id)?.name ?? '';

export const colonyNames =
  ({ colonies }: AllApiaries) =>
  (id: string): string =>
    colonies.find(({ colony }) => colony.id === id)?.colony.name ?? '';

/** What was said at one minute of the same places stands together. */
function saidTogether(entries: readonly KitEntry[]): readonly (readonly KitEntry[])[] {
  return [...grouped(entries, ({ at, kind, from, to, reason }) => [at, kind, from, to, reason].join(' ')).values()];
}

/** What does not lie where it is needed, one line for each thing that it is needed for: what is sure before what may be, then by day. */
export function shortageLines(all: AllApiaries, met: readonly MetNeed[], today: Day): readonly ShortageLine[] {
  const [apiaryName, colonyName] = [namesOf(all), colonyNames(all)];
  const lacking = met.filter(({ fetched, missing }) => fetched.length > 0 || missing > 0);
  const byUse = grouped(
    lacking,
    ({ need: { apiaryId, on, because } }) => `${apiaryId} ${on} ${JSON.stringify(because)}`,
  );
  return [...byUse]
    .map(([key, list]) => {
      const { apiaryId, on, because } = (list[0] as MetNeed).need;
      const isOpen = list.some(({ missing, fetched }) => missing > 0 || fetched.some((one) => one.comesAlong === null));
      const isSure = because.kind !== 'check' && because.kind !== 'mark';
      return {
        line: {
          key,
          words: wantedWords(
            list.map(({ need }) => need.wanted),
            apiaryName(apiaryId),
            on,
            today,
          ),
          why: reasonWords(because, colonyName),
          ways: waysOf(list, { apiaryName, today }),
          isOpen,
          isSure,
        },
        order: [isSure ? 0 : 1, isOpen ? 0 : 1, on],
      };
    })
    .sort((a, b) => compared(a.order, b.order))
    .map(({ line }) => line);
}

const compared = (a: readonly number[], b: readonly number[]): number =>
  a.map((one, i) => one - (b[i] as number)).find((difference) => difference !== 0) ?? 0;

function waysOf(list: readonly MetNeed[], named: Parameters<typeof fetchWords>[2]): readonly string[] {
  const fetched = list.flatMap((one) => one.fetched);
  const byWay = grouped(fetched, ({ from, pickedUp, comesAlong }) => [from, pickedUp?.on, comesAlong?.on].join(' '));
  return [
    ...[...byWay.values()].map((things) => fetchWords(things, things[0] as Fetch, named)),
    ...list.flatMap(({ need, missing, isUncounted }) =>
      missing > 0 ? [missingWords(need.wanted.of, missing, isUncounted)] : [],
    ),
  ];
}

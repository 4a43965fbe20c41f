import { type Day, dayOfMinute } from '../core/calendar/day';
import { CAR, HOME, type KitEntry, type KitPlace } from '../core/kit/kit-entry';
import type { MetNeed } from '../core/kit/shortages';
import type { Stock } from '../core/kit/stock';
import { THINGS, type Thing } from '../core/methods/thing';
import { dayWords, minuteWords } from '../words/days';
import {
  entryWords,
  fetchWords,
  missingWords,
  overdrawnWords,
  placeName,
  placeWords,
  reasonWords,
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
  readonly ways: readonly string[];
  /** Of some of it there is none, or no round brings it in time. */
  readonly isOpen: boolean;
}

export interface KitView {
  readonly places: readonly KitPlaceView[];
  readonly overdrawn: readonly string[];
  readonly shortages: readonly ShortageLine[];
  /** What was said last, the latest first. */
  readonly said: readonly {
    readonly id: string;
    readonly at: string;
    readonly words: string;
    readonly reason: string;
  }[];
  /** Nothing was ever counted anywhere. */
  readonly isEmpty: boolean;
}

export interface KitKnown {
  readonly entries: readonly KitEntry[];
  readonly stock: Stock;
  readonly met: readonly MetNeed[];
}

/** So much of what was said is listed. */
const SAID_SHOWN = 30;

/** What lies where, what is short, and what was said of it. */
export function kitView(all: AllApiaries, { entries, stock, met }: KitKnown, today: Day): KitView {
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
    said: entries
      .slice(-SAID_SHOWN)
      .reverse()
      .map((entry) => ({
        id: entry.id,
        at: minuteWords(entry.at),
        words: entryWords(entry, apiaryName),
        reason: entry.reason,
      })),
    isEmpty: entries.length === 0,
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

/** What does not lie where it is needed, one line for each thing that it is needed for, by day. */
export function shortageLines(all: AllApiaries, met: readonly MetNeed[], today: Day): readonly ShortageLine[] {
  const [apiaryName, colonyName] = [namesOf(all), colonyNames(all)];
  const lines = new Map<string, MetNeed[]>();
  for (const one of met) {
    if (one.fetched.length === 0 && one.missing === 0) continue;
    const key = `${one.need.apiaryId} ${one.need.on} ${JSON.stringify(one.need.because)}`;
    lines.set(key, [...(lines.get(key) ?? []), one]);
  }
  return [...lines]
    .map(([key, list]): ShortageLine & { readonly on: Day } => {
      const { apiaryId, on, because } = (list[0] as MetNeed).need;
      return {
        key,
        on,
        words: wantedWords(
          list.map(({ need }) => need.wanted),
          apiaryName(apiaryId),
          on,
          today,
          reasonWords(because, colonyName),
        ),
        ways: list.flatMap(({ need, fetched, missing, isUncounted }) => [
          ...fetched.map((fetch) => fetchWords(fetch, { apiaryName, today })),
          ...(missing > 0 ? [missingWords(need.wanted.of, missing, isUncounted)] : []),
        ]),
        isOpen: list.some(
          ({ missing, fetched }) => missing > 0 || fetched.some(({ comesAlong }) => comesAlong === null),
        ),
      };
    })
    .sort((a, b) => a.on - b.on)
    .map(({ on: _, ...line }) => line);
}

import type { KitPlace } from '../core/kit/kit-entry';
import { type PackedLine, packingList } from '../core/kit/packing';
import type { KitRound, MetNeed } from '../core/kit/shortages';
import type { Thing } from '../core/methods/thing';
import { capital } from '../words/capital';
import { weekdayWords } from '../words/days';
import { missingWords, placeWords, reasonWords, thingsWords } from '../words/kit';
import type { AllApiaries } from './all-apiaries';
import { colonyNames, namesOf } from './kit-view';

export interface PackingLine {
  readonly key: string;
  readonly thing: Thing;
  readonly count: number;
  readonly from: KitPlace;
  readonly words: string;
  /** What for, and where it lies. */
  readonly why: string;
}

export interface PackingView {
  readonly title: string;
  readonly on: string;
  readonly apiaryId: string;
  readonly toPack: readonly PackingLine[];
  readonly inCar: readonly PackingLine[];
  readonly there: readonly PackingLine[];
  readonly toPickUp: readonly PackingLine[];
  readonly missing: readonly { readonly key: string; readonly words: string; readonly why: string }[];
  /** Nothing was ever counted: the list cannot tell what lies where. */
  readonly isUncounted: boolean;
}

/** What comes along on a round, where it lies, and what it is for. */
export function packingView(
  all: AllApiaries,
  met: readonly MetNeed[],
  round: KitRound & { readonly day: string },
  isUncounted: boolean,
): PackingView {
  const [apiaryName, colonyName] = [namesOf(all), colonyNames(all)];
  const list = packingList(met, round);
  const why = (because: PackedLine['because']) =>
    [...new Set(because.map((one) => reasonWords(one, colonyName)))].join('; ');
  const line = ({ thing, count, from, because }: PackedLine): PackingLine => ({
    key: `${from} ${thing}`,
    thing,
    count,
    from,
    words: [
      capital(thingsWords([thing], count)),
      ...(from === round.apiaryId ? [] : [placeWords(from, apiaryName)]),
    ].join(', '),
    why: why(because),
  });
  return {
    title: `${apiaryName(round.apiaryId)}, ${weekdayWords(round.on)}`,
    on: round.day,
    apiaryId: round.apiaryId,
    toPack: list.toPack.map(line),
    inCar: list.inCar.map(line),
    there: list.there.map(line),
    toPickUp: list.toPickUp.map(line),
    missing: list.missing.map(({ of, count, isUncounted: isUnknown, because }) => ({
      key: of.join(' '),
      words: missingWords(of, count, isUnknown),
      why: why(because),
    })),
    isUncounted,
  };
}

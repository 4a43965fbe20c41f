import type { Day } from '../calendar/day';
import type { CheckAnswerFact, ProgrammePart } from '../programmes/facts';
import type { HalfKnown } from '../programmes/which-half';
import type { SurveyFact } from '../space/survey';
import type { CellArrival, CellDeparture, ColonyFacts, InspectionFact, QueenEventFact } from './facts';

/** What happened at a colony, one thing at a time. */
export type Step =
  | { readonly on: Day; readonly kind: 'half'; readonly part: ProgrammePart; readonly half: HalfKnown }
  | { readonly on: Day; readonly kind: 'look'; readonly inspection: InspectionFact }
  | { readonly on: Day; readonly kind: 'queen'; readonly event: QueenEventFact }
  | { readonly on: Day; readonly kind: 'given'; readonly departure: CellDeparture }
  | { readonly on: Day; readonly kind: 'arrived'; readonly arrival: CellArrival }
  | { readonly on: Day; readonly kind: 'programme'; readonly part: ProgrammePart }
  | { readonly on: Day; readonly kind: 'survey'; readonly survey: SurveyFact }
  | { readonly on: Day; readonly kind: 'answer'; readonly answer: CheckAnswerFact };

interface Timed {
  readonly step: Step;
  /** Local minute; null: not noted. */
  readonly at: string | null;
  readonly id: string;
}

const inText = (a: string, b: string) => (a < b ? -1 : a > b ? 1 : 0);

/** Of one minute: a look before a method that it is of the same day as, and which half it is before the look that tells. */
const RANKS: { readonly [K in Step['kind']]?: number } = { half: -2, look: -1 };
const rankOf = ({ step }: Timed) => RANKS[step.kind] ?? 0;

/** A method carried out on the colony, not one that it came of. */
const isOwnMethod = ({ step }: Timed) => step.kind === 'programme' && step.part.isOwn;

/**
 * An inspection of the day on which a method was carried out tells how the colony was before it, whichever of the two was entered first:
 * one of a later minute counts as made right before the last method of that day.
 */
function asBeforeMethods(all: readonly Timed[]): readonly Timed[] {
  const lastOn = new Map<Day, string>();
  for (const one of all) {
    const before = lastOn.get(one.step.on);
    if (isOwnMethod(one) && one.at !== null && (before === undefined || one.at > before))
      lastOn.set(one.step.on, one.at);
  }
  if (lastOn.size === 0) return all;
  return all.map((one) => {
    const last = one.step.kind === 'look' ? lastOn.get(one.step.on) : undefined;
    return last !== undefined && one.at !== null && one.at > last ? { ...one, at: last } : one;
  });
}

/**
 * The steps up to today in order of time, whatever the order in which they were entered; of one minute in the order of entry, which
 * their identifiers tell. What carries no minute counts in the order of entry: after everything of its day that was entered before
 * it.
 *
 * @param carried splits of a colony that this one came of: what is told of their halves holds for it too
 */
export function stepsOf(
  facts: ColonyFacts,
  parts: readonly ProgrammePart[],
  today: Day,
  carried: readonly ProgrammePart[] = [],
): readonly Step[] {
  const all: readonly Timed[] = [
    ...facts.inspections.map(
      (inspection): Timed => ({
        step: { on: inspection.on, kind: 'look', inspection },
        at: inspection.at,
        id: inspection.id,
      }),
    ),
    ...facts.queenEvents.map(
      (event): Timed => ({ step: { on: event.on, kind: 'queen', event }, at: event.at, id: event.id }),
    ),
    ...facts.departures.map(
      (departure): Timed => ({
        step: { on: departure.on, kind: 'given', departure },
        at: departure.at,
        id: departure.id,
      }),
    ),
    ...facts.arrivals.map(
      (arrival): Timed => ({
        step: { on: arrival.on, kind: 'arrived', arrival },
        at: arrival.at,
        id: arrival.id,
      }),
    ),
    ...parts.map(
      (part): Timed => ({
        step: { on: part.programme.on, kind: 'programme', part },
        at: part.programme.at,
        id: part.programme.id,
      }),
    ),
    ...[...parts, ...carried].flatMap((part) =>
      part.halves.map(
        (half): Timed => ({ step: { on: half.on, kind: 'half', part, half }, at: half.at, id: part.programme.id }),
      ),
    ),
    ...facts.surveys.map(
      (survey): Timed => ({ step: { on: survey.on, kind: 'survey', survey }, at: survey.at, id: survey.id }),
    ),
    ...facts.answers.map(
      (answer): Timed => ({ step: { on: answer.on, kind: 'answer', answer }, at: answer.at, id: answer.id }),
    ),
  ];
  const known = asBeforeMethods(all.filter(({ step }) => step.on <= today));
  const timed = known
    .filter(({ at }) => at !== null)
    .sort(
      (a, b) =>
        a.step.on - b.step.on || inText(a.at as string, b.at as string) || rankOf(a) - rankOf(b) || inText(a.id, b.id),
    );
  const untimed = known
    .filter(({ at }) => at === null)
    .sort((a, b) => a.step.on - b.step.on || inText(a.id, b.id) || inText(a.step.kind, b.step.kind));
  return merge(timed, untimed).map(({ step }) => step);
}

function merge(timed: readonly Timed[], untimed: readonly Timed[]): readonly Timed[] {
  const places = untimed.map((one) => {
    const last = timed.findLastIndex(
      (other) =>
        other.step.on < one.step.on ||
        (other.step.on === one.step.on && (other.id < one.id || (isOwnMethod(one) && other.step.kind === 'look'))),
    );
    return { one, place: last };
  });
  // Two of one day keep the order of entry, even where a timed one between them was entered earlier.
  places.sort((a, b) => a.place - b.place || a.one.step.on - b.one.step.on || inText(a.one.id, b.one.id));
  const merged: Timed[] = [];
  let next = 0;
  const take = (upTo: number) => {
    for (let place = places[next]; place && place.place <= upTo; place = places[next]) {
      merged.push(place.one);
      next += 1;
    }
  };
  take(-1);
  timed.forEach((step, i) => {
    merged.push(step);
    take(i);
  });
  return merged;
}

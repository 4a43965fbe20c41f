import type { ColonyFacts } from '../colony/facts';
import type { PartFact, ProgrammePart } from '../programmes/facts';
import { partBy } from '../programmes/parts';
import type { QueenState } from '../queens/queen-state';

type Divided = Pick<PartFact, 'programme' | 'dividedFrom'>;

/** What was known of the colony that was divided right before it was; null: this one did not come of it. */
export function factsBefore({ programme, dividedFrom }: Divided): ColonyFacts | null {
  if (!dividedFrom) return null;
  const { on, at } = programme;
  const isBefore = (fact: { readonly on: typeof on; readonly at: string | null }) =>
    fact.on < on || (fact.on === on && (at === null || fact.at === null || fact.at <= at));
  const { parts, inspections, queenEvents, answers, surveys, departures, arrivals } = dividedFrom;
  return {
    ...dividedFrom,
    parts: parts.filter((part) => part.programme.id !== programme.id && isBefore(part.programme)),
    // Those of its day tell how it was before, at whatever minute.
    inspections: inspections.filter((look) => look.on <= on),
    queenEvents: queenEvents.filter(isBefore),
    answers: answers.filter(isBefore),
    surveys: surveys.filter(isBefore),
    departures: departures.filter(isBefore),
    arrivals: arrivals.filter(isBefore),
  };
}

/**
 * What became known of the half that was divided, once it was: where that half had no queen, none of its parts has. That it had her says
 * not in which of them she is.
 *
 * @param before how that half stood right before it was divided
 */
export function halvesCarried(
  { programme, dividedFrom }: Divided,
  before: QueenState | null,
  today: ColonyFacts['startedOn'],
): readonly ProgrammePart[] {
  if (!dividedFrom || !before || before.is !== 'either-half') return [];
  return dividedFrom.parts
    .filter((part) => part.programme.id === before.programme?.id)
    .map((part) => {
      const known = partBy(part, dividedFrom.inspections, dividedFrom.answers, today);
      const halves = known.halves.filter(
        ({ is, at }) => (is === 'queenless' || is === 'failed') && (programme.at === null || at > programme.at),
      );
      return { ...known, halves };
    })
    .filter(({ queen, halves }) => queen === 'either' && halves.length > 0);
}

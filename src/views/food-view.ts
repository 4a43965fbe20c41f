import { type Day, day, dayOfMinute } from '../core/calendar/day';
import { isFlowOn } from '../core/food/flow-on';
import { type FoodFact, isFeed } from '../core/food/food';
import { type FoodAsked, type FoodKnown, foodAsked } from '../core/food/food-asked';
import { flowExpected } from '../core/year/flow-expected';
import { foodAskedWords } from '../words/food';
import type { AllApiaries, StandingColony } from './all-apiaries';
import { flowAt, NOTHING_MEASURED } from './measured';

/** A colony whose food is asked about. */
export interface FoodNote {
  readonly colonyId: string;
  readonly name: string;
  readonly words: string;
}

/** Colonies that were made or hived; those that were there before are not young. */
const MADE = new Set(['nuc', 'split', 'prime-swarm', 'cast']);

/** What inspections found of its food last; null: nobody looked. */
function foodFound({ inspections }: StandingColony['state']): FoodKnown['found'] {
  for (const { inspection } of inspections.toReversed()) {
    const { on, food = 'not-looked-for' } = inspection;
    if (food !== 'not-looked-for') return { on, food };
  }
  return null;
}

function askedOf(
  all: AllApiaries,
  { colony, apiary, state }: StandingColony,
  food: readonly FoodFact[],
  isFlowing: boolean,
  today: Day,
): FoodAsked | null {
  const measured = all.measured ?? NOTHING_MEASURED;
  const fed = food.findLast((entry) => entry.colonyId === colony.id && isFeed(entry));
  return foodAsked(
    {
      madeOn: MADE.has(colony.origin) ? day(colony.startedOn) : null,
      isFlow: isFlowOn(flowExpected(apiary, today), isFlowing, today),
      found: foodFound(state),
      fedOn: fed ? dayOfMinute(fed.at) : null,
      days: (measured.weather.get(apiary.id)?.days ?? [])
        .filter(({ fit }) => fit !== 'unknown')
        .map(({ on, fit }) => ({ on, flies: fit !== 'shut' })),
    },
    today,
  );
}

/** Whose food is asked about today, and why. @param food of all colonies, in order of time */
export function foodNotes(all: AllApiaries, food: readonly FoodFact[], today: Day): readonly FoodNote[] {
  const measured = all.measured ?? NOTHING_MEASURED;
  const flowing = new Set(
    all.apiaries
      .filter(({ id }) => {
        const own = all.colonies.filter(({ apiary }) => apiary.id === id).map(({ colony }) => colony);
        return flowAt(measured, own) !== null;
      })
      .map(({ id }) => id),
  );
  return all.colonies.flatMap((standing) => {
    const asked = askedOf(all, standing, food, flowing.has(standing.apiary.id), today);
    return asked ? [{ colonyId: standing.colony.id, name: standing.colony.name, words: foodAskedWords(asked) }] : [];
  });
}

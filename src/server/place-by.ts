import 'server-only';
import type { Day } from '../core/calendar/day';
import type { DayRange } from '../core/calendar/window';
import type { AllApiaries } from '../views/all-apiaries';
import { coldestAt, flowAt, flowReckoned, NOTHING_MEASURED } from '../views/measured';
import { mainFlowWords } from '../words/scale';

/** What the place where a colony stands has to say when methods are weighed. */
export interface PlaceMeasured {
  /** The coldest of the next five nights, °C; null: not all of them are known. */
  readonly coldestNightC: number | null;
  /** The main flow to reckon with; null: not entered, and no scale shows one. */
  readonly flow: DayRange | null;
  /** What was entered of the flow and what the scales show, where one of them says something. */
  readonly flowWords: string | null;
}

/** @param entered the main flow as the keeper expects it */
export function placeBy(
  { colonies, measured = NOTHING_MEASURED }: Pick<AllApiaries, 'colonies' | 'measured'>,
  apiaryId: string,
  entered: DayRange | null,
  today: Day,
): PlaceMeasured {
  const own = colonies.filter(({ apiary }) => apiary.id === apiaryId).map(({ colony }) => colony);
  const byScale = flowAt(measured, own);
  const isOnScale = own.some(({ id }) => measured.scales.has(id));
  return {
    coldestNightC: coldestAt(measured, apiaryId),
    flow: flowReckoned(entered, byScale, today),
    flowWords: entered || isOnScale ? mainFlowWords(entered, isOnScale ? byScale : undefined) : null,
  };
}

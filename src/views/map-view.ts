import type { Day } from '../core/calendar/day';
import type { StandFact, YardMarkFact } from '../core/facts/yard';
import { isDaily } from '../core/schedule/check';
import { colonyOnDay } from '../core/schedule/standing';
import { allSizes } from '../core/settings/settings';
import { coveredIn } from '../core/space/covered';
import type { FrameSize } from '../core/space/frame-size';
import { boxWeight } from '../core/space/weight';
import type { AllApiaries, ColonyEntry, StandingColony } from './all-apiaries';
import { type DueView, dueView } from './due-view';
import { hasVirgin, wayMarkNote, type YardStep, type YardThere, yardSteps } from './yard-notes';

export interface MapColony {
  readonly entry: ColonyEntry;
  /** Seams covered by bees, as counted last; null: not counted. */
  readonly coveredSeams: number | null;
  /** A young queen flies from it, or will. */
  readonly hasVirgin: boolean;
  /** Its boxes together, as they were surveyed last, kg; null: they were not. */
  readonly stackKg: number | null;
  /** What is done outside the hive each day: turned, or both boxes shifted. */
  readonly daily: readonly DueView[];
}

export interface MapStand extends StandFact {
  /** Those that stand on it, by its name. */
  readonly colonies: readonly MapColony[];
}

export interface MapView {
  readonly apiary: { readonly id: string; readonly name: string };
  readonly stands: readonly MapStand[];
  readonly marks: readonly YardMarkFact[];
  /** Colonies of the apiary whose stand is not on the map. */
  readonly unplaced: readonly MapColony[];
  readonly otherApiaries: readonly { readonly id: string; readonly name: string }[];
  readonly notes: readonly string[];
  /** Hives that are moved by steps. */
  readonly steps: readonly YardStep[];
}

function mapColony({ colony, state }: StandingColony, sizes: readonly FrameSize[]): MapColony {
  const { today, frames, inspections } = state;
  const counted = inspections.map(({ inspection }) => inspection.coveredSeams).findLast((seams) => seams !== null);
  const survey = frames?.survey;
  return {
    entry: colony,
    coveredSeams: frames?.survey.coveredSeams ?? counted ?? null,
    hasVirgin: hasVirgin(state),
    daily: colonyOnDay(state.schedule, today)
      .due.filter(({ check }) => isDaily(check.code))
      .map((one) => dueView(one, today)),
    stackKg: survey
      ? survey.hive.boxes.reduce(
          (kg, box) => kg + boxWeight(box, coveredIn(box, survey.hive, survey.coveredSeams), sizes),
          0,
        )
      : null,
  };
}

/** Where the hives of an apiary stand, to scale. */
export function mapView(
  { apiaries, colonies, settings, measured }: AllApiaries,
  apiaryId: string,
  yard: YardThere,
  marks: readonly YardMarkFact[],
  today: Day,
): MapView {
  const sizes = allSizes(settings);
  const { stands } = yard;
  const there = colonies.filter(({ colony }) => colony.apiaryId === apiaryId);
  const own = there.map((one) => mapColony(one, sizes));
  const placed = stands.map(
    (stand): MapStand => ({ ...stand, colonies: own.filter(({ entry }) => entry.stand === stand.name) }),
  );
  const names = new Set(stands.map(({ name }) => name));
  const wayMark = wayMarkNote(there, yard);
  const apiary = apiaries.find(({ id }) => id === apiaryId);
  return {
    apiary: { id: apiaryId, name: apiary?.name ?? '' },
    stands: placed,
    marks,
    unplaced: own.filter(({ entry }) => !names.has(entry.stand)),
    otherApiaries: apiaries.filter(({ id }) => id !== apiaryId).map(({ id, name }) => ({ id, name })),
    notes: wayMark === null ? [] : [wayMark.words],
    steps: yardSteps(there, yard, today, measured?.weather.get(apiaryId) ?? null),
  };
}

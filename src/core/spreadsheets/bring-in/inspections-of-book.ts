import { day } from '../../calendar/day';
import type { SeasonFacts } from '../../formats/season-file';
import { NOTHING_NOTED } from '../../inspections/nothing-noted';
import type { Colony } from './row-plan';

export type Inspection = SeasonFacts['inspections'][number];

/** An inspection of which nothing is known but that there was one. */
export const blankInspection = (id: string, colonyId: string, at: string): Inspection => ({
  ...NOTHING_NOTED,
  id,
  colonyId,
  at,
  thoroughness: 'not-said',
  deletedAt: null,
});

/** When a colony was there. */
export const lifeOf = ({ origin, startedOn, endedOn }: Colony) => ({
  origin,
  startedOn: day(startedOn),
  endedOn: endedOn === null ? null : day(endedOn),
});

const dayKey = (colonyId: string, at: string) => `${colonyId} ${at.slice(0, 'YYYY-MM-DD'.length)}`;

/** The inspections of a book by what a sheet may know them by, with those that the sheet adds. */
export class InspectionsOfBook {
  readonly byId = new Map<string, Inspection>();
  readonly #byDay = new Map<string, Inspection[]>();

  constructor(inspections: readonly Inspection[]) {
    for (const look of inspections) this.add(look);
  }

  add(look: Inspection): void {
    this.byId.set(look.id, look);
    if (look.deletedAt !== null) return;
    const key = dayKey(look.colonyId, look.at);
    this.#byDay.set(key, [...(this.#byDay.get(key) ?? []), look]);
  }

  onDayOf(colonyId: string, at: string): readonly Inspection[] {
    return this.#byDay.get(dayKey(colonyId, at)) ?? [];
  }

  /** The one that a sheet means: of that minute, or, where it gives the day alone, the only one of that day. */
  meant(colonyId: string, at: string, hasTime: boolean): Inspection | null {
    const ofDay = this.onDayOf(colonyId, at);
    const ofMinute = ofDay.find((look) => look.at === at);
    return ofMinute ?? (!hasTime && ofDay.length === 1 ? (ofDay[0] ?? null) : null);
  }
}

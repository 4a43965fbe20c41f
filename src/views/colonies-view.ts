import { addDays, type Day } from '../core/calendar/day';
import { situationOf } from '../core/colony/situation';
import { colonyOnDay } from '../core/schedule/standing';
import { dueWords } from '../words/due';
import { inWords } from '../words/in-words';
import { notBeforeWords } from '../words/shut';
import type { AllApiaries, ApiaryEntry, NamedColony, StandingColony } from './all-apiaries';
import { type Mark, type Tone, toneOf } from './marks';

export interface ColonyLine {
  readonly id: string;
  readonly name: string;
  readonly stand: string;
  readonly reading: string;
  readonly due: string | null;
  /** The last day of what presses most, or the first on which it may be opened again; null: nothing is due. */
  readonly dueOn: Day | null;
  /** The last inspection; null: none yet. */
  readonly lookedOn: Day | null;
  readonly tone: Tone;
  /** When it was looked at lately. */
  readonly marks: readonly Mark[];
}

export interface ApiaryGroup {
  readonly apiary: ApiaryEntry;
  readonly colonies: readonly ColonyLine[];
  /** Those that cannot be worked out. */
  readonly unreckoned: readonly NamedColony[];
}

/** Every colony under its apiary, by name. */
export function coloniesView({ apiaries, colonies, unreckoned = [] }: AllApiaries, today: Day): readonly ApiaryGroup[] {
  return apiaries.map((apiary) => ({
    apiary,
    colonies: colonies.filter(({ colony }) => colony.apiaryId === apiary.id).map((own) => colonyLine(own, today)),
    unreckoned: unreckoned.map(({ colony }) => colony).filter(({ apiaryId }) => apiaryId === apiary.id),
  }));
}

function colonyLine({ colony, state }: StandingColony, today: Day): ColonyLine {
  const { inspections, schedule } = state;
  const { lead, due, shut: shutNow } = colonyOnDay(schedule, today);
  const shut = schedule.leaveShut.filter(({ from, to }) => from <= to);
  const marks: Mark[] = [
    ...shut.map(({ from, to }): Mark => ({ type: 'shut', from, to, row: 0 })),
    ...inspections.map(({ inspection }): Mark => ({ type: 'look', on: inspection.on, row: 0 })),
  ];
  return {
    id: colony.id,
    name: colony.name,
    stand: colony.stand,
    reading: inWords(situationOf(state)),
    due: shutNow && due.length === 0 ? notBeforeWords(shutNow) : lead && dueWords(lead, today),
    dueOn: shutNow && due.length === 0 ? addDays(shutNow.to, 1) : (lead?.check.window.latest ?? null),
    lookedOn: state.lastInspection?.inspection.on ?? null,
    tone: lead ? toneOf(lead.standing) : 'fine',
    marks,
  };
}

import { type Day, day, dayOfMinute } from '../core/calendar/day';
import type { BesideColony } from '../core/choices/asked-of';
import type { ColonyFacts } from '../core/colony/facts';
import { factsWith } from '../core/colony/facts-with';
import type { FitThere, RoundApiary } from '../core/rounds/asked';
import type { TimedRound } from '../core/rounds/plan-fortnight';
import type { Gift } from '../core/rounds/round-order';
import type { MinutesByKind } from '../core/rounds/work';
import type { Settings } from '../core/settings/settings';
import { withStep } from '../core/yard/by-steps';
import type { ApiaryEntry, ColonyEntry } from '../views/all-apiaries';
import type { FoodNote } from '../views/food-view';
import type { WeatherThere } from '../views/measured';
import type { YardThere } from '../views/yard-notes';
import type { OutboxEntry } from './outbox-entry';

/** Everything that is needed at the hive without a signal: the book's facts as they were when it was last asked. */
export interface Pack {
  /** Changes with every change of the book, and with the day. */
  readonly version: string;
  /** How often the book was written by then. */
  readonly writes?: number;
  /** Local minute at which it was made. */
  readonly minute: string;
  readonly settings: Settings;
  readonly apiaries: readonly ApiaryEntry[];
  readonly colonies: readonly PackedColony[];
  /** Those of them that cannot be worked out; absent: there are none. They are not tried here again: what does not end there would not here. */
  readonly unreckoned?: readonly string[];
  /** The weather to come, by the apiary. */
  readonly weather?: readonly (WeatherThere & { readonly apiaryId: string })[];
  /** Where the hives of each apiary stand. */
  readonly yards?: readonly (YardThere & { readonly apiaryId: string })[];
  /** Colonies whose food is asked about. */
  readonly foodAsked?: readonly FoodNote[];
  /** The rounds as planned, with what they were planned from; absent where they could not be. */
  readonly plan?: PackedPlan;
  /** Pages that are to open without a signal. */
  readonly pages: readonly string[];
}

/** The plan as a device takes it along: lists, where the planner has maps. */
export interface PackedPlan {
  readonly days: readonly {
    readonly on: Day;
    readonly freeMinutes: number;
    readonly there: readonly (readonly [string, FitThere])[];
  }[];
  readonly apiaries: readonly RoundApiary[];
  readonly minutes: MinutesByKind;
  /** Who gives frames to whom. */
  readonly gifts: readonly Gift[];
  readonly rounds: readonly Pick<TimedRound, 'on' | 'apiary' | 'checks' | 'hours'>[];
}

export interface PackedColony {
  readonly colony: ColonyEntry;
  readonly facts: ColonyFacts;
  /** Its place and what is wanted of it, for its choices; absent: it cannot be worked out how it stands. */
  readonly beside?: BesideColony;
}

/** Where the hives of an apiary stand, with the steps that were ticked on this device since. */
export function yardOnDevice(
  { yards }: Pick<Pack, 'yards'>,
  apiaryId: string,
  outbox: readonly OutboxEntry[],
): YardThere | undefined {
  const yard = yards?.find((one) => one.apiaryId === apiaryId);
  if (!yard) return undefined;
  const said = outbox.flatMap((entry) =>
    entry.kind === 'stand-move' && entry.state !== 'refused' ? [entry.body] : [],
  );
  return {
    ...yard,
    moves: yard.moves.map((move) => said.filter(({ moveId }) => moveId === move.id).reduce(withStep, move)),
  };
}

/** The facts of a colony with what was said on this device since, apart from what the server refused. */
export function factsOnDevice({ colony, facts }: PackedColony, outbox: readonly OutboxEntry[]): ColonyFacts {
  return outbox.filter(({ state }) => state !== 'refused').reduce((so, entry) => withSaid(so, entry, colony.id), facts);
}

/** What the server knows of already is not said twice. */
function withSaid(facts: ColonyFacts, entry: OutboxEntry, colonyId: string): ColonyFacts {
  const isKnown = (known: readonly { readonly id: string }[]) => known.some(({ id }) => id === entry.id);
  // What a check came to may settle the whole programme, at whichever of its colonies it was asked.
  if (entry.kind === 'answer') {
    const isOfHers = facts.parts.some(({ programme }) => programme.id === entry.body.programmeId);
    if (!isOfHers || isKnown(facts.answers)) return facts;
    return { ...facts, answers: [...facts.answers, { ...entry.body, on: dayOfMinute(entry.body.at) }] };
  }
  if (entry.colonyId !== colonyId) return facts;
  switch (entry.kind) {
    case 'inspection':
      return isKnown(facts.inspections) ? facts : factsWith(facts, entry.entry);
    case 'survey':
      if (isKnown(facts.surveys)) return facts;
      return { ...facts, surveys: [...facts.surveys, { ...entry.body, on: dayOfMinute(entry.body.at) }] };
    case 'check-change': {
      if (isKnown(facts.changes)) return facts;
      const { at, to, ...change } = entry.body;
      const moved = { ...change, at, on: dayOfMinute(at), to: to === null ? null : day(to) };
      return { ...facts, changes: [...facts.changes, moved] };
    }
    // None of them moves a date: a round is told by what was entered on it, kit, stands and food are kept apart, steps are a list to tick, and frames have moved once the server has worked the plan off.
    case 'step':
    case 'frame-moves':
    case 'round':
    case 'kit':
    case 'stand-move':
    case 'food':
      return facts;
  }
}

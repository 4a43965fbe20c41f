import type { Day } from '../core/calendar/day';
import { namedByChoice } from '../core/choices/order-of-day';
import type { ColonyFacts } from '../core/colony/facts';
import { plannedOn } from '../core/rounds/planned-on';
import type { Settings } from '../core/settings/settings';
import type { Room } from '../core/space/room';
import type { SurveyFact } from '../core/space/survey';
import { type ColonyState, foldColony } from '../core/state/fold';
import { isSound } from '../core/state/is-sound';
import type { ApiaryEntry, ColonyEntry } from '../views/all-apiaries';
import { type NeedyColony, needyColonies } from '../views/cells-view';
import { type PlannedThere, type RoundView, roundView } from '../views/round-view';
import type { OutboxEntry } from './outbox-entry';
import { factsOnDevice, type Pack, type PackedColony, yardOnDevice } from './pack';

/** A hive that can be entered from what is kept on the device. */
export interface HiveAtHand {
  readonly colony: ColonyEntry;
  readonly facts: ColonyFacts;
  /** Minute of the last look; null: none yet. */
  readonly lastLookAt: string | null;
  /** Its frames as they were last known; null: never surveyed. */
  readonly lastSurvey: SurveyFact | null;
  /** The room that follows from it. */
  readonly lastRoom: Room | null;
  /** How it stands cannot be worked out: it can be entered all the same. */
  readonly isUnreckoned: boolean;
}

export interface RoundsAtHand {
  /** Each apiary's round, the one with most to do first. */
  readonly rounds: readonly { readonly apiary: ApiaryEntry; readonly hives: number; readonly round: RoundView }[];
  readonly hives: readonly HiveAtHand[];
  /** Colonies that a cell would help. */
  readonly needy: readonly NeedyColony[];
}

/** What is planned at an apiary; nothing where there is no plan. */
const plannedFrom = ({ plan }: Pack, apiaryId: string): PlannedThere => ({
  on: plannedOn((plan?.rounds ?? []).filter(({ apiary }) => apiary === apiaryId)),
  gifts: plan?.gifts ?? [],
});

/** A colony as it stands by what is kept on the device. */
export interface StandingOnDevice {
  readonly colony: ColonyEntry;
  readonly facts: ColonyFacts;
  readonly state: ColonyState;
}

/** Every colony that is kept on the device, with what was entered on it since, and those of them that cannot be worked out. */
export function standingsOnDevice(
  { colonies, settings, unreckoned = [] }: Pack,
  outbox: readonly OutboxEntry[],
  today: Day,
): { readonly standing: readonly StandingOnDevice[]; readonly unreckoned: readonly Omit<StandingOnDevice, 'state'>[] } {
  const all = colonies.map((packed) => {
    const facts = factsOnDevice(packed, outbox);
    const isTried = !unreckoned.includes(packed.colony.id);
    return { colony: packed.colony, facts, state: isTried ? stateOrNull(packed, facts, settings, today) : null };
  });
  return {
    standing: all.flatMap(({ state, ...one }) => (state ? [{ ...one, state }] : [])),
    unreckoned: all.flatMap(({ state, ...one }) => (state ? [] : [one])),
  };
}

/** A colony that cannot be reckoned must not keep the others from being gone through. */
function stateOrNull({ beside }: PackedColony, facts: ColonyFacts, settings: Settings, today: Day): ColonyState | null {
  try {
    const state = foldColony(facts, settings, today);
    if (!isSound(state)) return null;
    return beside ? namedByChoice(state, beside) : state;
  } catch (error) {
    console.error('a colony could not be reckoned:', error);
    return null;
  }
}

/** The rounds of a day, from what is kept on the device and what was entered on it since. */
export function roundsAtHand(pack: Pack, outbox: readonly OutboxEntry[], today: Day): RoundsAtHand {
  const { apiaries, settings } = pack;
  const { standing: standings, unreckoned } = standingsOnDevice(pack, outbox, today);
  const colonies = standings
    .filter(({ state }) => !state.ended)
    .flatMap((standing) => {
      const apiary = apiaries.find(({ id }) => id === standing.colony.apiaryId);
      return apiary ? [{ ...standing, apiary }] : [];
    });
  return {
    rounds: apiaries
      .map((apiary) => {
        const here = standings.filter(({ colony }) => colony.apiaryId === apiary.id);
        const weather = pack.weather?.find(({ apiaryId }) => apiaryId === apiary.id) ?? null;
        const yard = yardOnDevice(pack, apiary.id, outbox);
        return {
          apiary,
          hives: here.length + unreckoned.filter(({ colony }) => colony.apiaryId === apiary.id).length,
          round: roundView(here, today, weather, plannedFrom(pack, apiary.id), yard),
        };
      })
      .sort((a, b) => b.round.due.length - a.round.due.length),
    hives: [
      ...standings.map(({ colony, facts, state }) => ({
        colony,
        facts,
        lastLookAt: state.lastInspection?.inspection.at ?? null,
        lastSurvey: state.frames?.survey ?? null,
        lastRoom: state.frames?.room ?? null,
        isUnreckoned: false,
      })),
      ...unreckoned.map(({ colony, facts }) => ({
        colony,
        facts,
        lastLookAt:
          facts.inspections
            .map(({ at }) => at)
            .sort()
            .at(-1) ?? null,
        lastSurvey: null,
        lastRoom: null,
        isUnreckoned: true,
      })),
    ],
    needy: needyColonies({ apiaries, colonies, settings }),
  };
}

import type { Day } from '../calendar/day';
import type { CellDeparture, CellTravel, ColonyFacts } from '../colony/facts';
import { NO_PROGRAMMES } from '../colony/facts';
import type { TrackedCell } from '../colony/track-cells';
import type { Method } from '../methods/method';
import type { Plan, PlannedCheck } from '../methods/plan';
import type { PartFact, ProgrammeFact } from '../programmes/facts';
import { programmeOf } from '../queens/queen-questions';
import type { Settings } from '../settings/settings';
import { type ColonyState, foldColony } from '../state/fold';

/** What the keeper decides before a method is started. */
export interface StartChoices {
  /** The day it is done, or the first on which it may have been. */
  readonly on: Day;
  /** The last day on which it may have been; null: the day is certain. */
  readonly to: Day | null;
  readonly secondThinning: boolean;
  readonly onlySealedBroodUp: boolean;
  /** The queen was not found: every bee was shaken down below an excluder. */
  readonly queenShakenDown: boolean;
  readonly buysQueen: boolean;
  readonly turnsDaily: boolean;
  /** Of the colony's live cells, those that stay, and those that go to other colonies. */
  readonly keptCellIds: readonly string[];
  readonly givenCellIds: readonly string[];
  /** The cell that it is given, as it is known where it hangs; null: none is given. */
  readonly gift: TrackedCell | null;
  /** How that cell travels; on its frame where it is not said. */
  readonly giftTravel?: CellTravel;
}

/** Names that no stored fact has; they come after all that was entered before. */
const PROGRAMME = 'z-preview';
const NEW_COLONY = 'z-new-colony';
const THIS_COLONY = 'z-this-colony';

/**
 * Every date of a method before it is started: the same reckoning that follows it once it is, over the colony's facts and a start that
 * nobody has stored yet.
 */
export function previewStart(facts: ColonyFacts, method: Method, choices: StartChoices, settings: Settings): Plan {
  const { on, to, keptCellIds, givenCellIds, gift, giftTravel = 'on-frame', ...options } = choices;
  const programme: ProgrammeFact = {
    ...options,
    id: PROGRAMME,
    colonyId: THIS_COLONY,
    method: method.name,
    at: null,
    on,
    to,
    endedOn: null,
    queenId: null,
    units: method.units.map(({ name, isNewColony }) => ({
      unit: name,
      colonyId: isNewColony ? NEW_COLONY : THIS_COLONY,
    })),
    keptCellIds: gift ? [gift.cell.id] : keptCellIds,
  };
  const partOf = (colonyId: string): PartFact => ({
    colonyId,
    programme,
    queenClipped: false,
    otherHalfLooks: [],
    dividedOn: {},
    dividedFrom: colonyId === NEW_COLONY && method.units.some(({ queen }) => queen === 'either') ? facts : null,
  });
  const child = method.units.find(({ isNewColony }) => isNewColony);
  const goWithChild = child !== undefined && child.name === method.raisesQueen?.unit ? keptCellIds : [];
  const departures = [...givenCellIds, ...goWithChild].map(
    (cellId): CellDeparture => ({ id: `${PROGRAMME}-${cellId}`, at: null, on, cellId, toColonyId: NEW_COLONY }),
  );
  const arrival = (cell: TrackedCell, travel: CellTravel) => ({
    id: `${PROGRAMME}-${cell.cell.id}`,
    at: null,
    on,
    cell,
    travel,
  });
  const here: ColonyFacts = {
    ...facts,
    parts: [...facts.parts, partOf(THIS_COLONY)],
    departures: [...facts.departures, ...departures],
    arrivals: [...facts.arrivals, ...(gift ? [arrival(gift, giftTravel)] : [])],
  };
  const known = goWithChild.length > 0 ? foldColony(facts, settings, on).cells : [];
  const there: ColonyFacts = {
    ...NO_PROGRAMMES,
    startedOn: on,
    endedOn: null,
    origin: child?.name === 'nuc' ? 'nuc' : 'split',
    cells: [],
    inspections: [],
    queenEvents: [],
    parts: [partOf(NEW_COLONY)],
    arrivals: known.filter(({ cell }) => goWithChild.includes(cell.id)).map((cell) => arrival(cell, 'on-frame')),
  };
  const states = [here, ...(child ? [there] : [])].map((one) => foldColony(one, settings, on));
  return planOf(states);
}

/** What the programme asks of its colonies, each thing once. */
function planOf(states: readonly ColonyState[]): Plan {
  const checks = new Map<string, PlannedCheck>();
  const leaveShut: Plan['leaveShut'][number][] = [];
  let raised: Pick<Plan, 'emergence' | 'eggsBy'> = { emergence: null, eggsBy: null };
  for (const { schedule, queen } of states) {
    for (const { key, code, window, why, programme, order } of schedule.checks) {
      if (programme?.id !== PROGRAMME) continue;
      checks.set(key, { unit: programme.unit, code, window, why, ...(order === undefined ? {} : { order }) });
    }
    const led = programmeOf(queen);
    const unit = led?.id === PROGRAMME ? (queen.is === 'either-half' ? 'both' : led.unit) : null;
    if (unit === null) continue;
    if (!leaveShut.some((span) => span.unit === unit)) {
      leaveShut.push(...schedule.leaveShut.map((span) => ({ unit, ...span })));
    }
    raised = { emergence: schedule.emergence, eggsBy: schedule.eggsBy };
  }
  const inOrder = [...checks.values()].sort((a, b) => a.window.ideal - b.window.ideal);
  return { checks: inOrder, leaveShut, ...raised };
}

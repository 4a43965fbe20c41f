import { LAST_QUEENABLE_AGE, QUEEN_EMERGES } from '../biology/development';
import { CAST_LAYS } from '../biology/mating';
import { addDays, type Day } from '../calendar/day';
import { type CheckWindow, type DayRange, notBefore, spanOf, type Window } from '../calendar/window';
import { windowFromLaying } from '../cells/windows';
import { eggsWindow, emergencyEmergence, findCellsWindow, leaveShutSpan } from '../queens/virgin-care';
import type { Said } from '../says/said';
import { sentences } from '../says/together';
import type { CheckCode } from '../schedule/check';
import type { Settings } from '../settings/settings';
import type { Method } from './method';
import { say } from './says';

/** What the keeper decides when planning a method. */
export interface PlanChoices {
  /** The day it is done. */
  readonly on: Day;
  /** When the eggs of the kept cells were laid; empty: the unit raises its own. */
  readonly keptCells: readonly DayRange[];
  readonly onlySealedBroodUp: boolean;
  /** The queen was not found: every bee was shaken down below an excluder. */
  readonly queenShakenDown: boolean;
  readonly secondThinning: boolean;
  /** The queenless part is given a bought one instead of raising its own. */
  readonly buysQueen: boolean;
  readonly swarm: 'prime' | 'cast';
}

/** What is taken where the keeper decides nothing else. */
export const USUAL_CHOICES: Omit<PlanChoices, 'on'> = {
  keptCells: [],
  onlySealedBroodUp: false,
  queenShakenDown: false,
  secondThinning: true,
  buysQueen: false,
  swarm: 'prime',
};

export interface PlannedCheck {
  readonly unit: string;
  readonly code: CheckCode;
  readonly window: CheckWindow;
  readonly why: Said;
  /** What is to be done, where the code alone does not say it. */
  readonly order?: Said;
}

export interface Plan {
  /** In order of their best day. */
  readonly checks: readonly PlannedCheck[];
  readonly leaveShut: readonly { readonly unit: string; readonly from: Day; readonly to: Day }[];
  /** When the virgin that is raised comes out; null where none is raised. */
  readonly emergence: Window | null;
  readonly eggsBy: (CheckWindow & { readonly failedOn: Day }) | null;
}

/**
 * Every follow-up of a method done on `on`, by the biology of the cells it keeps or lets be raised.
 *
 * A unit left without a queen: its virgin comes out in the span of the kept cells (days before `on` count as `on`), or, with none
 * kept, 9 to 17 days on, from eggs laid in the six days before. Its cells are thinned on day 6 to 8 and before the first can be
 * out; it is left shut from the first day of emergence until days after the last, and eggs are looked for after that. A kept cell
 * that may let its virgin out within a week forces the thinning to the day before, which its `why` says; when even that is past, it
 * is the day after `on`, and may then lie where the unit is to be left shut. A unit that is given a bought queen raises none.
 */
export function planMethod(method: Method, choices: PlanChoices, settings: Settings): Plan {
  const { on, swarm } = choices;
  const checks: PlannedCheck[] = method.followUps
    .filter(({ unless, onlyIf }) => !(unless && choices[unless]) && (!onlyIf || choices[onlyIf]))
    .filter((followUp) => followUp.swarm === undefined || followUp.swarm === swarm)
    .map(({ unit, code, from, ideal = from, to, why }) => ({
      unit,
      code,
      window: { earliest: addDays(on, from), ideal: addDays(on, ideal), latest: addDays(on, to) },
      why,
    }));
  const isCast = method.options.includes('swarm') && swarm === 'cast';
  const castShut = isCast ? [{ unit: 'hive', from: on, to: addDays(on, CAST_LAYS.value.early - 1) }] : [];
  const { raisesQueen } = method;
  if (!raisesQueen || choices.buysQueen)
    return { checks: inOrder(checks), leaveShut: castShut, emergence: null, eggsBy: null };

  const { unit, thinned, isMoved } = raisesQueen;
  const emergence = emergenceOf(choices);
  const window = findCellsWindow(on, emergence);
  const isForced = window.latest < addDays(on, LAST_QUEENABLE_AGE.value);
  const risk = isForced && say('kept-cell-may-open', { from: emergence.earliest });
  if (thinned && choices.secondThinning) {
    checks.push({
      unit,
      code: 'thin-cells',
      window,
      why: sentences(say('thin-again'), risk),
    });
  }
  if (isMoved) {
    checks.push({
      unit,
      code: 'move-parent',
      window,
      why: sentences(say('move-to-the-other-side'), risk),
    });
  }
  const eggsBy = eggsWindow(emergence, settings);
  const { failedOn, ...eggs } = eggsBy;
  checks.push({
    unit,
    code: 'eggs',
    window: eggs,
    why: sentences(say('look-for-her-eggs'), say('none-by', { latest: eggs.latest, failedOn })),
  });
  return {
    checks: inOrder(checks),
    leaveShut: [{ unit, ...leaveShutSpan(emergence, settings) }],
    emergence,
    eggsBy,
  };
}

function inOrder(checks: readonly PlannedCheck[]): readonly PlannedCheck[] {
  return [...checks].sort((a, b) => a.window.ideal - b.window.ideal);
}

function emergenceOf({ on, keptCells }: PlanChoices): Window {
  const kept = spanOf(keptCells, (laid) => windowFromLaying(laid, QUEEN_EMERGES));
  return kept ? notBefore(kept, on) : emergencyEmergence(on);
}

import type { Day } from '../core/calendar/day';
import { mayStillHoldQueen } from '../core/colony/track-cells';
import type { StandFact, StandMoveFact } from '../core/facts/yard';
import { hasVirginAbout } from '../core/queens/queen-questions';
import type { ColonyState } from '../core/state/fold';
import { type NextStep, nextStep } from '../core/yard/by-steps';
import type { Point } from '../core/yard/flyers';
import { placeBefore, wayMarks } from '../core/yard/way-mark';
import { stepWhy, stepWords, wayMarkWords } from '../words/yard';
import type { WeatherThere } from './measured';

/** Where the hives of an apiary stand, and which of them are on their way. */
export interface YardThere {
  readonly stands: readonly StandFact[];
  readonly moves: readonly StandMoveFact[];
  /** Where way-marks are. */
  readonly wayMarks: readonly Point[];
}

export const NO_YARD: YardThere = { stands: [], moves: [], wayMarks: [] };

interface Standing {
  readonly colony: { readonly id: string; readonly name: string; readonly stand: string };
  readonly state: ColonyState;
}

/** A young queen flies from it, or will. */
export const hasVirgin = ({ queen, liveCells, today }: ColonyState): boolean =>
  hasVirginAbout(queen) || liveCells.some((cell) => mayStillHoldQueen(cell, today));

/** Way-marks that are wanted, and where they would be. */
export interface WayMarkNote {
  readonly words: string;
  readonly places: readonly Point[];
}

/** Before which hives of an apiary a way-mark is to be put; null: before none. */
export function wayMarkNote(
  standings: readonly Standing[],
  { stands, wayMarks: marks }: YardThere,
): WayMarkNote | null {
  const facing = stands.flatMap(({ name, x, y, facing: degrees }) =>
    standings
      .filter(({ colony, state }) => colony.stand === name && !state.ended)
      .map(({ colony }) => ({ colonyId: colony.id, at: { x, y }, facing: degrees })),
  );
  const withVirgin = new Set(standings.filter(({ state }) => hasVirgin(state)).map(({ colony }) => colony.id));
  const wanted = wayMarks(facing, withVirgin, marks);
  const names = wanted.map(({ colonyId }) => standings.find(({ colony }) => colony.id === colonyId)?.colony.name ?? '');
  return wanted.length > 0 ? { words: wayMarkWords(names), places: wanted.map(placeBefore) } : null;
}

/** A hive that is moved by steps, with what is done today. */
export interface YardStep {
  readonly moveId: string;
  readonly standId: string;
  readonly colonyId: string;
  readonly name: string;
  readonly from: Point;
  readonly to: Point;
  /** The days on which it was moved, `YYYY-MM-DD`. */
  readonly movedOn: readonly string[];
  readonly words: string;
  readonly why: string;
  readonly isDoneToday: boolean;
}

/** @param weather at the apiary; null: nothing is known of it */
export function yardSteps(
  standings: readonly Standing[],
  { stands, moves }: YardThere,
  today: Day,
  weather: WeatherThere | null = null,
): readonly YardStep[] {
  const fit = weather?.days.find(({ on }) => on === today);
  const bees = !fit || fit.fit === 'unknown' ? 'unknown' : fit.flightHours > 0 ? 'fly' : 'stay-in';
  return moves.flatMap((move): YardStep[] => {
    const next: NextStep | null = nextStep(move, today);
    const stand = stands.find(({ id }) => id === move.standId);
    const standing = standings.find(({ colony, state }) => colony.stand === stand?.name && !state.ended);
    if (!next || !stand || !standing) return [];
    const { id: colonyId, name } = standing.colony;
    return [
      {
        moveId: move.id,
        standId: stand.id,
        colonyId,
        name,
        from: { x: stand.x, y: stand.y },
        to: { x: move.toX, y: move.toY },
        movedOn: move.steps,
        words: stepWords(name, next),
        why: stepWhy(next, bees),
        isDoneToday: next.isDoneToday,
      },
    ];
  });
}

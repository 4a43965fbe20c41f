import { mayStillHoldQueen } from '../core/colony/track-cells';
import type { ColonyState } from '../core/state/fold';
import { briefStage } from '../words/cells';
import { dayWords } from '../words/days';
import { briefPhrases } from '../words/pages/colony-briefs';
import { queenTold } from './queen-told';
import type { ReadingView } from './reading-view';

/** What is folded away on a colony's page, each in a line. */
export interface ColonyBriefs {
  readonly why: string | null;
  readonly queen: string;
  readonly cells: string;
  /** How many cells may hold a queen. */
  readonly standing: number;
  readonly looks: string;
}

/** So many days of inspections are named. */
const LOOKS_NAMED = 3;

export function colonyBriefs(state: ColonyState, reading: ReadingView | null): ColonyBriefs {
  const live = state.liveCells.filter((cell) => mayStillHoldQueen(cell, state.today));
  return {
    why: reading && (reading.cause ?? reading.because[0] ?? null),
    queen: queenTold(state).brief,
    cells: cellsBrief(live, state.cells.length - live.length),
    standing: live.length,
    looks: looksBrief(state),
  };
}

/** `a, b charged · c small larva`: those that may hold a queen, by what was last seen of them. */
function cellsBrief(live: ColonyState['liveCells'], over: number): string {
  if (live.length === 0) return briefPhrases.cellsOver(over);
  const byStage = new Map<string, string[]>();
  for (const { cell, lastStage } of live) {
    const stage = briefStage(lastStage);
    byStage.set(stage, [...(byStage.get(stage) ?? []), cell.label]);
  }
  return [...byStage].map(([stage, labels]) => `${labels.join(', ')} ${stage}`).join(' · ');
}

function looksBrief({ inspections }: ColonyState): string {
  if (inspections.length === 0) return briefPhrases.noneYet;
  const days = inspections
    .slice(-LOOKS_NAMED)
    .reverse()
    .map(({ inspection }) => dayWords(inspection.on));
  return `${days.join(', ')}${inspections.length > LOOKS_NAMED ? ' …' : ''}`;
}

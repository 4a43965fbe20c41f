import type { CellTravel } from '../core/colony/facts';
import type { ProgrammeStart } from '../core/facts/programme-start';

/** A cell given to another colony, as a start of its own there. */
export function giveCell(given: {
  readonly programmeId: string;
  readonly moveId: string;
  readonly cellId: string;
  readonly to: string;
  readonly at: string | null;
  readonly on: string;
  readonly travel: CellTravel;
  /** The name of the colony that it comes from. */
  readonly from: string;
}): ProgrammeStart {
  const { programmeId, moveId, cellId, to, at, on, travel, from } = given;
  return {
    id: programmeId,
    colonyId: to,
    method: 'give-cell',
    at,
    on,
    to: null,
    secondThinning: true,
    onlySealedBroodUp: false,
    queenShakenDown: false,
    stepsDone: false,
    buysQueen: false,
    turnsDaily: false,
    keptCellIds: [],
    newColony: null,
    stand: null,
    withColonyId: null,
    note: `From ${from}.`,
    gift: { moveId, cellId, travel },
  };
}

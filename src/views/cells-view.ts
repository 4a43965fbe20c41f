import type { CellStage } from '../core/cells/stage';
import type { TrackedCell } from '../core/colony/track-cells';
import { type CellWanted, cellsToGive, cellsWanted } from '../core/programmes/cell-list';
import { BEARS_MOVING_WORDS, CELL_WANTED_WORDS } from '../words/cell-list';
import { findingWords } from '../words/cells';
import { rangeWords } from '../words/days';
import { whereWords } from '../words/where';
import type { AllApiaries, StandingColony } from './all-apiaries';
import type { Mark } from './marks';
import { ribbonMark } from './marks-of';

/** A colony that a cell would help. */
export interface NeedyColony {
  readonly id: string;
  readonly name: string;
  readonly apiary: string;
  readonly why: string;
}

/** A cell that its colony can spare. */
export interface SpareCell {
  readonly cellId: string;
  readonly label: string;
  readonly colonyId: string;
  readonly colonyName: string;
  readonly apiary: string;
  readonly stage: CellStage;
  readonly stageWords: string;
  readonly where: string;
  /** As it is known where it hangs. */
  readonly cell: TrackedCell;
  readonly out: string;
  readonly travels: string;
  readonly marks: readonly Mark[];
}

export interface CellsView {
  readonly wanted: readonly NeedyColony[];
  readonly spare: readonly SpareCell[];
  /** Apiaries under suspicion of brood disease, whose cells go nowhere, where colonies there could spare some. */
  readonly heldBack: readonly string[];
}

const standingsOf = ({ colonies }: AllApiaries) =>
  colonies.map(({ colony, state }) => ({ colonyId: colony.id, wanted: colony.wanted, state }));

/** The colonies that need a cell, apart from the one that would give it. */
export function needyColonies(yard: AllApiaries, except: string | null = null): readonly NeedyColony[] {
  return cellsWanted(standingsOf(yard)).flatMap(({ colonyId, why }: CellWanted) => {
    const found = yard.colonies.find(({ colony }) => colony.id === colonyId);
    if (!found || colonyId === except) return [];
    return [{ id: colonyId, name: found.colony.name, apiary: found.apiary.name, why: CELL_WANTED_WORDS[why] }];
  });
}

const isSuspected = ({ apiary }: StandingColony): boolean => apiary.diseaseSuspectedSince !== null;

/** Cells that could be given, the ripest first. Nothing leaves an apiary under suspicion of brood disease. */
export function spareCells(yard: AllApiaries): readonly SpareCell[] {
  const colonies = yard.colonies.filter((one) => !isSuspected(one));
  return cellsToGive(standingsOf({ ...yard, colonies }))
    .flatMap(({ colonyId, cell, emergence, travels }) => {
      const { colony, apiary } = yard.colonies.find((one) => one.colony.id === colonyId) as StandingColony;
      return [
        {
          emergence,
          spare: {
            cellId: cell.cell.id,
            label: cell.cell.label,
            colonyId,
            colonyName: colony.name,
            apiary: apiary.name,
            stage: cell.lastStage,
            stageWords: findingWords(cell.lastStage),
            where: whereWords(cell.cell),
            cell,
            out: rangeWords({ from: emergence.earliest, to: emergence.latest }),
            travels: BEARS_MOVING_WORDS[travels],
            marks: ribbonMark('emergence', emergence, 0),
          },
        },
      ];
    })
    .sort((a, b) => a.emergence.earliest - b.emergence.earliest)
    .map(({ spare }) => spare);
}

export function cellsView(yard: AllApiaries): CellsView {
  const suspected = yard.colonies.filter(isSuspected);
  const held = cellsToGive(standingsOf({ ...yard, colonies: suspected })).map(({ colonyId }) => colonyId);
  const heldBack = suspected.filter(({ colony }) => held.includes(colony.id)).map(({ apiary }) => apiary.name);
  return { wanted: needyColonies(yard), spare: spareCells(yard), heldBack: [...new Set(heldBack)] };
}

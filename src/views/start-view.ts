import type { DayRange } from '../core/calendar/window';
import type { CellStage } from '../core/cells/stage';
import { firstDayOf } from '../core/colony/known-since';
import { mayStillHoldQueen } from '../core/colony/track-cells';
import type { Fit } from '../core/methods/fit';
import type { Method, MethodName } from '../core/methods/method';
import { mayBuyQueen, methodNamed } from '../core/methods/methods';
import { cellsToKeep, laidRange } from '../core/programmes/best-to-keep';
import { lays } from '../core/queens/queen-questions';
import type { Settings } from '../core/settings/settings';
import type { ColonyState } from '../core/state/fold';
import { cautionWords } from '../words/cautions';
import { findingWords } from '../words/cells';
import { rangeWords } from '../words/days';
import { type FitInWords, fitInWords } from '../words/fit';
import { type MethodSaid, methodSaid } from '../words/methods/methods';
import { whereWords } from '../words/where';
import type { AllApiaries, ApiaryEntry, ColonyEntry } from './all-apiaries';
import { type NeedyColony, needyColonies, type SpareCell, spareCells } from './cells-view';
import { type QueenAges, type UnionView, unionView } from './union-view';

/** A live cell of the colony, to be kept, broken down or given away. */
export interface CellChoice {
  readonly id: string;
  readonly label: string;
  readonly stage: CellStage;
  readonly words: string;
  readonly laid: DayRange | null;
  readonly out: string | null;
}

/** What is asked before a method is started, and what is known already. */
export interface StartView {
  readonly method: MethodName;
  readonly colony: ColonyEntry;
  readonly fit: FitInWords;
  readonly words: MethodSaid;
  readonly cautions: readonly string[];
  readonly asksCells: boolean;
  readonly cells: readonly CellChoice[];
  /** Those that Ubbet would keep. */
  readonly suggestedCells: readonly string[];
  readonly mayBuy: boolean;
  /** The name proposed for the colony that comes of it; null: none does. */
  readonly newName: string | null;
  readonly apiaries: readonly ApiaryEntry[];
  /** Colonies it can be united with. */
  readonly others: readonly UnionView[];
  readonly spare: readonly SpareCell[];
  readonly needy: readonly NeedyColony[];
  /** Before it nothing can have been done here; null: an established colony was there before. */
  readonly firstDay: string | null;
  readonly settings: Settings;
}

const SUFFIXES: Readonly<Record<string, string>> = {
  nuc: 'nuc',
  'old-site': 'swarm',
  'queenless-half': 'half',
  top: 'top',
};

/** A name that no colony has yet: `Clover nuc`, `Clover nuc 2`. */
function freeName(base: string, taken: ReadonlySet<string>): string {
  if (!taken.has(base)) return base;
  let n = 2;
  while (taken.has(`${base} ${n}`)) n += 1;
  return `${base} ${n}`;
}

/** A live cell as it is offered to be kept. */
export function cellChoice({ cell, lastStage, planBy }: ColonyState['liveCells'][number]): CellChoice {
  const { emergence } = planBy;
  return {
    id: cell.id,
    label: cell.label,
    stage: lastStage,
    words: `${findingWords(lastStage)}, ${whereWords(cell)}`,
    laid: laidRange(planBy.laid),
    out: emergence && rangeWords({ from: emergence.earliest, to: emergence.latest }),
  };
}

/** What the colony is called that a unit of a method becomes. */
export const childName = (of: string, unit: string, taken: ReadonlySet<string>): string =>
  freeName(`${of} ${SUFFIXES[unit] ?? unit}`, taken);

/** The questions of one method for one colony. */
export function startView(
  method: MethodName,
  colony: ColonyEntry,
  state: ColonyState,
  fit: Fit,
  yard: AllApiaries,
  ages: QueenAges = new Map(),
): StartView {
  const definition: Method = methodNamed(method);
  const child = definition.units.find(({ isNewColony }) => isNewColony);
  const taken = new Set(yard.colonies.map((one) => one.colony.name));
  const isUnion = definition.units.some(({ queen }) => queen === 'ends');
  const isGift = definition.takesCell === true;
  const live = state.liveCells.filter((cell) => mayStillHoldQueen(cell, state.today));
  const asksCells = !isGift && definition.options.includes('keptCells');
  return {
    method,
    colony,
    fit: fitInWords(fit),
    words: methodSaid(method),
    cautions: definition.cautions.map(cautionWords),
    asksCells,
    cells: isGift ? [] : live.map(cellChoice),
    suggestedCells: cellsToKeep(definition, live, lays(state.queen), yard.settings.cellsKept).map(
      ({ cell }) => cell.id,
    ),
    mayBuy: mayBuyQueen(definition),
    newName: child ? childName(colony.name, child.name, taken) : null,
    apiaries: yard.apiaries,
    others: isUnion
      ? yard.colonies
          .filter((one) => one.colony.id !== colony.id)
          .map((other) => unionView({ colony, state }, other, ages))
      : [],
    spare: isGift ? spareCells(yard).filter(({ colonyId }) => colonyId !== colony.id) : [],
    needy: definition.clearsCells || asksCells ? needyColonies(yard, colony.id) : [],
    firstDay: firstDayOf(colony),
    settings: yard.settings,
  };
}

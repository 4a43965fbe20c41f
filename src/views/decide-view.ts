import type { ColonyFacts } from '../core/colony/facts';
import { type Fit, type FitFacts, fitOf } from '../core/methods/fit';
import { METHOD_KINDS, type Method, type MethodKind, type MethodName } from '../core/methods/method';
import { METHODS } from '../core/methods/methods';
import type { Plan } from '../core/methods/plan';
import { cellsToKeep } from '../core/programmes/best-to-keep';
import { lays } from '../core/queens/queen-questions';
import { firstEggsWindow } from '../core/queens/virgin-care';
import type { Settings } from '../core/settings/settings';
import { movesFrames } from '../core/space/proposals/propose';
import { previewStart } from '../core/starts/preview';
import type { ColonyState } from '../core/state/fold';
import { type FitInWords, fitInWords } from '../words/fit';
import { methodSaid } from '../words/methods/methods';
import { decidePhrases } from '../words/pages/decide';
import type { Mark } from './marks';
import { planMarks } from './plan-marks';

export interface MethodView {
  readonly name: MethodName;
  readonly title: string;
  readonly kind: MethodKind;
  readonly fit: FitInWords;
  readonly fitsWhen: string;
  readonly suits: string;
  readonly needsQueen: boolean;
  readonly kit: readonly string[];
  readonly lifting: string;
  readonly visits: string;
  readonly laying: string;
  readonly ifItFails: string;
  readonly schools: readonly string[];
  readonly marks: readonly Mark[];
  /** Its frames can be planned on the board. */
  readonly doesMoveFrames: boolean;
}

export interface DecideView {
  readonly fits: readonly MethodView[];
  readonly wouldFit: readonly MethodView[];
  readonly doesNotFit: readonly MethodView[];
  /** Shown when a method fails for want of the queen. */
  readonly withoutQueen: string | null;
}

/** When a queen may lay: the young one, the bought one, or at once where the old one stays. */
export function layingWords(method: Method, plan: Plan): string {
  if (plan.emergence) {
    const { earliest, latest } = firstEggsWindow(plan.emergence);
    return decidePhrases.aYoungQueenMayLay({ from: earliest, to: latest });
  }
  const check = plan.checks.find(({ code }) => code === 'laying-check');
  if (method.name === 'requeen-mated' && check) {
    return decidePhrases.theBoughtQueenLays({ from: check.window.earliest, to: check.window.latest });
  }
  return method.kind === 'queen' ? decidePhrases.raisesNoQueenByItself : decidePhrases.theOldQueenGoes;
}

/** Every method weighed for a colony as it stands: none hidden, each with its reason. */
export function decideView(state: ColonyState, colony: ColonyFacts, facts: FitFacts, settings: Settings): DecideView {
  const views = METHODS.filter(({ name }) => name !== 'hive-swarm')
    .map((method) => methodView(method, state, colony, facts, settings))
    .sort((a, b) => METHOD_KINDS.indexOf(a.kind) - METHOD_KINDS.indexOf(b.kind));
  const of = (kind: Fit['kind']) => views.filter(({ fit }) => fit.kind === kind);
  const lacksQueen = views.some(
    ({ fit }) => fit.kind === 'would-fit' && fit.missing.some(({ code }) => code === 'queen-not-found'),
  );
  const free = views.filter(
    ({ needsQueen, kind, fit }) => !needsQueen && kind === 'swarm' && fit.kind !== 'does-not-fit',
  );
  return {
    fits: of('fits'),
    wouldFit: of('would-fit'),
    doesNotFit: of('does-not-fit'),
    withoutQueen:
      lacksQueen && free.length > 0 ? decidePhrases.withoutFindingTheQueen(free.map(({ title }) => title)) : null,
  };
}

function methodView(
  method: Method,
  state: ColonyState,
  colony: ColonyFacts,
  facts: FitFacts,
  settings: Settings,
): MethodView {
  const plan = planOn(method, state, colony, settings);
  const days = new Set(plan.checks.map(({ window }) => window.ideal)).size;
  const { name, kind, needs } = method;
  const { title, fitsWhen, suits, kit, lifting, ifItFails, schools } = methodSaid(name);
  return {
    name,
    title,
    kind,
    fit: fitInWords(fitOf(method, facts, settings)),
    fitsWhen,
    suits,
    needsQueen: needs.queenFound,
    kit,
    lifting: lifting ?? decidePhrases.nothingHeavy,
    visits: decidePhrases.visitsAfterIt(days),
    laying: layingWords(method, plan),
    ifItFails,
    schools,
    marks: planMarks(plan, state.today),
    doesMoveFrames: movesFrames(name),
  };
}

/** The plan as it would be with Ubbet's own choices, begun today. */
export function planOn(
  method: Method,
  { liveCells, queen, today }: ColonyState,
  colony: ColonyFacts,
  settings: Settings,
): Plan {
  const kept = cellsToKeep(method, liveCells, lays(queen), settings.cellsKept);
  return previewStart(
    colony,
    method,
    {
      on: today,
      to: null,
      secondThinning: settings.secondThinning,
      onlySealedBroodUp: false,
      queenShakenDown: false,
      buysQueen: false,
      turnsDaily: false,
      keptCellIds: method.options.includes('keptCells') ? kept.map(({ cell }) => cell.id) : [],
      givenCellIds: [],
      gift: null,
    },
    settings,
  );
}

import { afterSwarm } from './after-swarm';
import { cellNuc } from './cell-nuc';
import { demaree } from './demaree';
import { evenSplit } from './even-split';
import { giveCell } from './give-cell';
import { giveEggs } from './give-eggs';
import { hiveSwarm } from './hive-swarm';
import { ALL_METHOD_NAMES, type Method, type MethodName } from './method';
import { nucSwarm } from './nuc-swarm';
import { oldSiteSwarm } from './old-site-swarm';
import { partDemaree } from './part-demaree';
import { queenSplit } from './queen-split';
import { requeenMated } from './requeen-mated';
import { addBox, addSuper, honeyBound, interleave, openSides, pollenBound } from './space-additions';
import { testComb } from './test-comb';
import { unite } from './unite';
import { verticalSplit } from './vertical-split';
import { walkAway } from './walk-away';

/** Every method. A new one is a file of its own and a line here. */
const DEFINED: readonly Method[] = [
  nucSwarm,
  oldSiteSwarm,
  demaree,
  partDemaree,
  walkAway,
  evenSplit,
  queenSplit,
  verticalSplit,
  requeenMated,
  afterSwarm,
  openSides,
  interleave,
  honeyBound,
  pollenBound,
  hiveSwarm,
  unite,
  addBox,
  addSuper,
  testComb,
  giveEggs,
  giveCell,
  cellNuc,
];

/** What is wrong with a definition, by code; empty when it is sound. */
export function definitionFaults(method: Method): readonly string[] {
  const { followUps, raisesQueen, units, options, steps } = method;
  const names = new Set(units.map(({ name }) => name));
  const faults: string[] = [];
  if (steps.length === 0) faults.push('no-steps');
  if (names.size !== units.length) faults.push('two-units-of-one-name');
  if (raisesQueen && !names.has(raisesQueen.unit)) faults.push(`raises-queen-in-no-unit:${raisesQueen.unit}`);
  if (raisesQueen && units.every(({ queen }) => queen !== 'taken' && queen !== 'gone' && queen !== 'either'))
    faults.push('raises-queen-but-none-is-without');
  if (options.includes('keptCells') && !raisesQueen) faults.push('keeps-cells-but-raises-no-queen');
  if (options.includes('secondThinning') !== (raisesQueen?.thinned ?? false)) faults.push('thinning-not-offered-alike');
  for (const { unit, code, from, ideal = from, to } of followUps) {
    if (!(from >= 0 && from <= ideal && ideal <= to)) faults.push(`days-run-backwards:${code}`);
    if (unit !== 'hive' && unit !== 'both' && !names.has(unit)) faults.push(`no-unit:${unit}`);
  }
  return faults;
}

for (const method of DEFINED) {
  const faults = definitionFaults(method);
  if (faults.length > 0) throw new Error(`Method ${method.name} ${faults.join('; ')}`);
}

const BY_NAME = new Map(DEFINED.map((method) => [method.name, method]));
const missing = ALL_METHOD_NAMES.filter((name) => !BY_NAME.has(name));
if (missing.length > 0 || BY_NAME.size !== DEFINED.length)
  throw new Error(`Methods missing or twice: ${missing.join(', ')}`);

export const METHODS: readonly Method[] = DEFINED;

/** The unit that becomes a colony of its own; undefined: none does. */
export const newUnitOf = ({ units }: Method) => units.find(({ isNewColony }) => isNewColony);

/** A method that leaves a unit without its queen, which can be given a bought one instead of raising its own. */
export function mayBuyQueen({ kind, raisesQueen }: Method): boolean {
  return kind === 'swarm' && raisesQueen !== null;
}

/** The unit that raises the queen lost its own before, and has no eggs of hers to raise one from: a cell must be kept for it. */
export function needsKeptCell({ needs, units, raisesQueen }: Method): boolean {
  return needs.cells === 'kept' && units.some(({ name, queen }) => name === raisesQueen?.unit && queen === 'gone');
}

export function methodNamed(name: MethodName): Method {
  return BY_NAME.get(name) as Method;
}

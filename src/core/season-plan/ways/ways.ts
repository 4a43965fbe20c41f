import { methodNamed } from '../../methods/methods';
import { type IntendedAct, WAY_NAMES, type Way, type WayName } from '../way';
import { demareeAtTheFlow } from './demaree-at-the-flow';
import { increase } from './increase';
import { requeen } from './requeen';
import { roomFirst } from './room-first';
import { waitForCells } from './wait-for-cells';

/** Every way. A new one is a file of its own and a line here. */
const DEFINED: readonly Way[] = [roomFirst, demareeAtTheFlow, waitForCells, increase, requeen];

/** The methods that an act may be, the usual one first. */
export const methodsOf = ({ method }: Pick<IntendedAct, 'method'>) => (typeof method === 'string' ? [method] : method);

/** What is wrong with a definition, by code; empty when it is sound. */
export function wayFaults({ acts, choices }: Way): readonly string[] {
  const faults: string[] = [];
  if (acts.length === 0) faults.push('no-acts');
  const seen = new Set<string>();
  for (const act of acts) {
    const { code, days, hangsOn, onlyIfCells, onceForEachBeyond } = act;
    if (seen.has(code)) faults.push(`two-acts-of-one-code:${code}`);
    if (!(days.from <= days.ideal && days.ideal <= days.to)) faults.push(`days-run-backwards:${code}`);
    // An act hangs on one that stands before it, so that none waits for itself.
    if (typeof hangsOn !== 'string' && !seen.has(hangsOn.act)) faults.push(`hangs-on-no-act:${code}`);
    if (hangsOn === 'by' && !choices.includes('by')) faults.push(`hangs-on-a-day-nobody-is-asked-for:${code}`);
    if (onlyIfCells && hangsOn !== 'swarms') faults.push(`cells-come-in-the-swarm-season:${code}`);
    if (onceForEachBeyond !== undefined && !choices.includes('count')) faults.push(`nobody-is-asked-how-many:${code}`);
    for (const method of methodsOf(act)) if (!methodNamed(method)) faults.push(`no-method:${method}`);
    seen.add(code);
  }
  if (acts.filter((act) => methodsOf(act).length > 1).length !== (choices.includes('method') ? 1 : 0))
    faults.push('method-not-asked-for-once');
  return faults;
}

for (const way of DEFINED) {
  const faults = wayFaults(way);
  if (faults.length > 0) throw new Error(`Way ${way.name} ${faults.join('; ')}`);
}

const BY_NAME = new Map(DEFINED.map((way) => [way.name, way]));
if (BY_NAME.size !== WAY_NAMES.length || DEFINED.length !== WAY_NAMES.length) throw new Error('Ways missing or twice');

export const WAYS: readonly Way[] = DEFINED;

export const wayNamed = (name: WayName): Way => BY_NAME.get(name) as Way;

/** The methods among which a way lets the keeper choose, the usual one first; empty: it leaves no choice. */
export const methodsToChoose = ({ acts }: Way) => acts.map(methodsOf).find((methods) => methods.length > 1) ?? [];

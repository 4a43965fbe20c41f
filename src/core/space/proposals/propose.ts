import type { MethodName } from '../../methods/method';
import { methodNamed } from '../../methods/methods';
import { checkArrangement, type Finding } from '../arrangement-rules';
import { addBroodBox, addSuper } from './add-boxes';
import { cellNuc } from './cell-nuc';
import { demaree } from './demaree';
import { evenSplit } from './even-split';
import { honeyBound, pollenBound } from './free-nest';
import { interleave } from './interleave';
import { oldSiteSwarm } from './old-site';
import { openSides } from './open-sides';
import { partDemaree } from './part-demaree';
import { asIs, type Proposal, type ProposalFrom, type Propose } from './proposal';
import { nucSwarm, queenSplit } from './queen-into-nuc';
import { verticalSplit } from './vertical-split';

/** The methods that move frames, and how each would. */
const PROPOSE: { readonly [M in MethodName]?: Propose } = {
  'open-sides': openSides,
  interleave,
  'honey-bound': honeyBound,
  'pollen-bound': pollenBound,
  'add-box': addBroodBox,
  'add-super': addSuper,
  'nuc-swarm': nucSwarm,
  'queen-split': queenSplit,
  'old-site-swarm': oldSiteSwarm,
  demaree,
  'part-demaree': partDemaree,
  'walk-away': evenSplit,
  'even-split': evenSplit,
  'vertical-split': verticalSplit,
  'cell-nuc': cellNuc,
};

export type BoardMethod = keyof typeof PROPOSE & MethodName;

export const movesFrames = (method: MethodName): boolean => method in PROPOSE;

/** A proposal with everything that the rules have against it: what is not named here it does not break. */
export type CheckedProposal = Proposal & { readonly findings: readonly Finding[] };

/** Where the frames would go for a method. Throws for one that moves none. */
export function propose(method: MethodName, from: ProposalFrom): CheckedProposal {
  const how = PROPOSE[method];
  if (!how) throw new Error(`${method} moves no frames`);
  const proposal = how(from);
  const { arrangement, shaken, queenFrameId, queenUnit, cellUnit } = proposal;
  const context = {
    ...from.context,
    queenFrameId,
    before: asIs(from.hive),
    shaken: new Set(shaken),
    queenUnit,
    cellUnit,
    emptyInNest: methodNamed(method).nestAlone === true,
  };
  return { ...proposal, findings: checkArrangement(arrangement, context, from.sizes) };
}

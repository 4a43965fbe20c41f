import type { MethodName } from '../../methods/method';
import { type Arrangement, boxesOf } from '../arrangement';
import { broodBoxes, type Frame, type Hive } from '../hive';
import type { WorkStep } from '../work-list/work-list';
import type { Proposal, ProposalFrom } from './proposal';

/** A proposal as it is judged: where every frame was and is to be, and the list that leads there. */
export interface Judged {
  readonly method: MethodName;
  readonly from: ProposalFrom;
  readonly proposal: Proposal;
  readonly before: Arrangement;
  readonly after: Arrangement;
  readonly steps: readonly WorkStep[];
}

/** What is wrong by one rule, in words; nothing where nothing is. */
export type Judge = (judged: Judged) => readonly string[];

export const hasNote = ({ proposal }: Judged, about: RegExp) => proposal.notes.some((note) => about.test(note));
export const boxBefore = ({ before }: Judged, boxId: string) =>
  boxesOf(before).find(({ box }) => box.id === boxId)?.box ?? null;
export const bodyOf = (hive: Hive) => broodBoxes(hive).flatMap(({ frames }) => frames);
export const hasAny = (frames: readonly Frame[], is: (frame: Frame) => boolean) => frames.some(is);

export const isSplit = ({ after }: Judged) => after.units.length > 1;

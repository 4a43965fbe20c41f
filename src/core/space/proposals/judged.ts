import type { MethodName } from '../../methods/method';
import { type Arrangement, boxesOf } from '../arrangement';
import { broodBoxes, type Frame, type Hive } from '../hive';
import { type SpaceSays, say } from '../says';
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

/** What is wrong by one rule, and where, such as `no-food-beside:nuc`; nothing where nothing is. */
export type Judge = (judged: Judged) => readonly string[];

/** What proposals say of what they could not do, by what it is about. */
const NOTES_ABOUT = {
  stores: [
    'no-stores-for-her-box',
    'no-stores-for-the-swarm',
    'no-stores-for-the-nuc',
    'no-stores-for-the-top',
    'no-stores-in-one-half',
    'honey-with-the-stronger',
  ],
  brood: [
    'no-brood-for-the-queen',
    'open-brood-goes-up',
    'no-brood-free-to-go',
    'no-brood-free-of-cells',
    'too-few-frames-free-of-cells',
  ],
  cells: ['no-cell-to-spare', 'no-brood-free-of-cells', 'too-few-frames-free-of-cells'],
  eggs: ['no-eggs-go-up', 'eggs-in-one-half-only'],
  'honey-elsewhere': ['honey-with-the-stronger'],
  room: [
    'no-drawn-comb',
    'no-honey-hems',
    'no-pollen-hems',
    'short-of-room-on-brood-frames',
    'short-of-room-food-beside',
  ],
} as const satisfies Readonly<Record<string, readonly (keyof SpaceSays)[]>>;
export type NoteAbout = keyof typeof NOTES_ABOUT;

export const hasNote = ({ proposal }: Judged, ...about: readonly NoteAbout[]) => {
  const codes = new Set(about.flatMap((one) => NOTES_ABOUT[one].map((code) => say.codeOf(code))));
  return proposal.notes.some(({ says }) => codes.has(says));
};
export const boxBefore = ({ before }: Judged, boxId: string) =>
  boxesOf(before).find(({ box }) => box.id === boxId)?.box ?? null;
export const bodyOf = (hive: Hive) => broodBoxes(hive).flatMap(({ frames }) => frames);
export const hasAny = (frames: readonly Frame[], is: (frame: Frame) => boolean) => frames.some(is);

export const isSplit = ({ after }: Judged) => after.units.length > 1;

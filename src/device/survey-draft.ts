import type { SurveyEntry } from '../core/facts/survey';
import { CONTENTS, type Content, type Side, TENTHS, tenthsOf } from '../core/space/content';
import {
  COUNTED_AS,
  type CountedAs,
  frameCountedAs,
  framesByCount,
  type GlanceCounts,
} from '../core/space/count-survey';
import { coveredByBox } from '../core/space/covered';
import type { Box, BoxRole, Frame, Hive } from '../core/space/hive';

/** What a frame’s place can be said to hold at a stroke: a comb by its main content, a dummy board or a feeder. */
export type FrameFill = CountedAs;

/** A survey as far as it has been entered. */
export interface SurveyDraft extends Omit<SurveyEntry, 'source'> {
  /** How many frames of each box mainly hold what, where it is only counted. */
  readonly counts: Readonly<Record<string, GlanceCounts>>;
}

export type SurveyChange =
  | {
      readonly type: 'set';
      readonly fields: Partial<Pick<SurveyDraft, 'at' | 'flow' | 'coveredSeams' | 'queenFrameId' | 'note'>>;
    }
  | { readonly type: 'manner'; readonly manner: SurveyDraft['manner']; readonly newIds: readonly string[] }
  | {
      readonly type: 'count';
      readonly boxId: string;
      readonly glance: CountedAs;
      readonly count: number;
      readonly newIds: readonly string[];
    }
  /** A frame of empty comb at the right end of a box. */
  | { readonly type: 'add-frame'; readonly boxId: string; readonly newId: string }
  /** No frame hangs there: the others close up. */
  | { readonly type: 'drop-frame'; readonly frameId: string }
  | { readonly type: 'fill-frame'; readonly frameIds: readonly string[]; readonly fill: FrameFill }
  | { readonly type: 'side'; readonly frameId: string; readonly side: 0 | 1; readonly holds: Side }
  | {
      readonly type: 'add-box';
      readonly role: BoxRole;
      readonly id: string;
      readonly size: string;
      readonly places: number;
    }
  | { readonly type: 'drop-box'; readonly boxId: string }
  | {
      readonly type: 'box';
      readonly boxId: string;
      readonly fields: Partial<Pick<Box, 'size' | 'places' | 'under' | 'coveredSeams' | 'tape'>>;
    }
  | { readonly type: 'set-hive'; readonly fields: Pick<Hive, 'feeder' | 'topEntrance'> }
  | { readonly type: 'clear-box'; readonly boxId: string };

/** Frames that were counted so far in a box. */
export const countedIn = (counts: GlanceCounts | undefined): number =>
  COUNTED_AS.reduce((sum, glance) => sum + (counts?.[glance] ?? 0), 0);

/** The draft after one tap. Ids for new frames come from outside. */
export function changeSurvey(draft: SurveyDraft, change: SurveyChange): SurveyDraft {
  switch (change.type) {
    case 'set':
      return { ...draft, ...change.fields };
    case 'manner': {
      const ids = [...change.newIds];
      // What was not counted begins as empty comb, to be painted.
      const filled = withBoxes(draft, (box) =>
        change.manner === 'counts' || box.frames.length > 0
          ? box
          : { ...box, frames: framesByCount({ empty: box.places }, box.size, () => ids.shift() as string) },
      );
      return { ...filled, manner: change.manner };
    }
    case 'count': {
      const { boxId, glance, count } = change;
      const ids = [...change.newIds];
      const counts = { ...draft.counts[boxId], [glance]: count };
      return {
        ...withBox(draft, boxId, (box) => {
          // Frames keep their ids as far as they go: the third of the box is the third again.
          const known = box.frames.map(({ id }) => id);
          const frames = framesByCount(counts, box.size, () => known.shift() ?? (ids.shift() as string));
          return { ...box, frames };
        }),
        counts: { ...draft.counts, [boxId]: counts },
        queenFrameId: null,
      };
    }
    case 'add-frame': {
      const { boxId, newId } = change;
      return withBox(draft, boxId, (box) => {
        const frames = [...box.frames, { id: newId, size: box.size, ...frameCountedAs('empty') }];
        return { ...box, frames, places: Math.max(box.places, frames.length) };
      });
    }
    case 'drop-frame': {
      const { frameId } = change;
      const without = withBoxes(draft, (box) => ({ ...box, frames: box.frames.filter(({ id }) => id !== frameId) }));
      return { ...without, queenFrameId: draft.queenFrameId === frameId ? null : draft.queenFrameId };
    }
    case 'fill-frame': {
      const painted = new Set(change.frameIds);
      return withFrames(draft, (frame) =>
        painted.has(frame.id) ? { ...frame, ...frameCountedAs(change.fill) } : frame,
      );
    }
    case 'side': {
      const { frameId, side, holds } = change;
      return withFrames(draft, (frame) => {
        if (frame.id !== frameId || !frame.sides) return frame;
        return { ...frame, sides: side === 0 ? [holds, frame.sides[1]] : [frame.sides[0], holds] };
      });
    }
    case 'add-box': {
      const { id, role, size, places } = change;
      const under = role === 'super' && !draft.hive.boxes.some((box) => box.role === 'super') ? 'excluder' : 'open';
      const box: Box = { id, role, size, places, under, frames: [] };
      // A brood box goes on the brood, a super on top.
      const lastBrood = draft.hive.boxes.findLastIndex((one) => one.role === 'brood');
      const level = role === 'brood' ? lastBrood + 1 : draft.hive.boxes.length;
      const boxes = [...draft.hive.boxes.slice(0, level), box, ...draft.hive.boxes.slice(level)];
      return { ...draft, hive: { ...draft.hive, boxes } };
    }
    case 'drop-box': {
      const { [change.boxId]: _, ...counts } = draft.counts;
      return {
        ...draft,
        counts,
        hive: { ...draft.hive, boxes: draft.hive.boxes.filter(({ id }) => id !== change.boxId) },
      };
    }
    case 'box':
      return withBox(draft, change.boxId, (box) => ({
        ...box,
        ...change.fields,
        frames: box.frames.map((frame) => ({ ...frame, size: change.fields.size ?? frame.size })),
      }));
    case 'set-hive':
      return { ...draft, hive: { ...draft.hive, ...change.fields } };
    case 'clear-box': {
      const { [change.boxId]: _, ...counts } = draft.counts;
      return { ...withBox(draft, change.boxId, (box) => ({ ...box, frames: [] })), counts, queenFrameId: null };
    }
  }
}

const withBoxes = (draft: SurveyDraft, of: (box: Box) => Box): SurveyDraft => ({
  ...draft,
  hive: { ...draft.hive, boxes: draft.hive.boxes.map(of) },
});
const withBox = (draft: SurveyDraft, boxId: string, of: (box: Box) => Box) =>
  withBoxes(draft, (box) => (box.id === boxId ? of(box) : box));
const withFrames = (draft: SurveyDraft, of: (frame: Frame) => Frame) =>
  withBoxes(draft, (box) => ({ ...box, frames: box.frames.map(of) }));

/** The survey as it is sent. */
export function surveyOf({ counts: _, ...draft }: SurveyDraft): SurveyEntry {
  // Counted by box, the seams of the hive are those together.
  return { ...draft, source: 'survey', coveredSeams: coveredByBox(draft.hive) ?? draft.coveredSeams };
}

/** A survey that came back, to be put right. */
export function draftOfSurvey({ source: _, ...survey }: SurveyEntry): SurveyDraft {
  return { ...survey, counts: {} };
}

/** Places of a box of which nothing has been said yet: all where nothing was counted, the rest where it was counted in part. */
export function placesToSurvey(box: Box, counts: GlanceCounts | undefined): number {
  if (box.frames.length === 0) return box.places;
  // A box that was not counted in this survey stands as it was known, with the frames that it has.
  return counts === undefined ? 0 : Math.max(0, box.places - countedIn(counts));
}

/** Boxes of which not every place has been told yet, by their ids. */
export function boxesToSurvey({ hive, counts }: Pick<SurveyDraft, 'hive' | 'counts'>): readonly string[] {
  return hive.boxes.filter((box) => placesToSurvey(box, counts[box.id]) > 0).map(({ id }) => id);
}

/**
 * A side with `tenths` of one content: what is missing comes out of empty comb first, then out of what there is most of; what is
 * over becomes empty comb.
 */
export function sideWith(side: Side, content: Content, tenths: number): Side {
  const next = Object.fromEntries(CONTENTS.map((one) => [one, tenthsOf(side, one)])) as Record<Content, number>;
  const wanted = Math.max(0, Math.min(TENTHS, tenths));
  const rest = content === 'empty' ? 'undrawn' : 'empty';
  while (next[content] > wanted) {
    next[content] -= 1;
    next[rest] += 1;
  }
  while (next[content] < wanted) {
    const others = CONTENTS.filter((one) => one !== content && next[one] > 0);
    const from = others.includes(rest) ? rest : others.reduce((most, one) => (next[one] > next[most] ? one : most));
    next[from] -= 1;
    next[content] += 1;
  }
  return Object.fromEntries(Object.entries(next).filter(([, value]) => value > 0));
}

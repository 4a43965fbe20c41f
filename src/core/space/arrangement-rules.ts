import type { Said } from '../says/said';
import { type Arrangement, type BoxPlace, boxesOf, placeOf } from './arrangement';
import { type FrameSize, sizeOf } from './frame-size';
import { broodSpan, hasYoungBrood, isEmptyFrame, isHoneyFrame, isPollenFrame } from './frame-traits';
import { type Frame, isBroodFrame, layingBoxes } from './hive';
import { say } from './says';

export const RULE_NAMES = [
  'brood-in-one-block',
  'young-brood-warm',
  'stores-outside',
  'queen-known',
  'queen-in-place',
  'queen-kept-down',
  'kept-cell-not-shaken',
  'kept-cell-in-place',
  'no-cells-with-queen',
  'right-number',
  'frame-fits',
  'no-moves-with-disease',
] as const;
export type RuleName = (typeof RULE_NAMES)[number];

/** What a rule has against an arrangement; `stop` must not be done, `warn` may be if the keeper knows why. */
export interface Finding {
  readonly rule: RuleName;
  readonly severity: 'stop' | 'warn';
  readonly text: Said;
  /** The frame concerned; null: none in particular. */
  readonly frameId: string | null;
  readonly boxId: string | null;
}

/** What has to be known beside the frames themselves. */
export interface ArrangementContext {
  /** The frame that the queen is on; null: not known. */
  readonly queenFrameId: string | null;
  /** Frames that queens of other hives are on; they stay where they are. */
  readonly otherQueenFrames: ReadonlySet<string>;
  /** The unit that is to have her; null: it is left open, or there is no choice. */
  readonly queenUnit: string | null;
  /** Frames with a cell that is kept, and the unit that it belongs to; null: no matter which. */
  readonly keptCellFrames: ReadonlySet<string>;
  readonly cellUnit: string | null;
  /** Frames with other live cells. */
  readonly cellFrames: ReadonlySet<string>;
  /** Frames from which the bees are to be shaken. */
  readonly shaken: ReadonlySet<string>;
  /** The coldest of the next five nights, °C; null: not noted. */
  readonly coldestNightC: number | null;
  /** Nights from here on are warm enough for an empty frame beside young brood, °C. */
  readonly warmNightC: number;
  /** With nights under this only sealed brood goes up in a Demaree, °C. */
  readonly onlySealedUpBelowC: number;
  /** Empty frames are put between brood on purpose: then they do not split it. */
  readonly emptyInNest?: boolean;
  /** Something looked like brood disease. */
  readonly hasDisease: boolean;
  /** Where everything was before. */
  readonly before: Arrangement;
}

type Rule = (
  arrangement: Arrangement,
  context: ArrangementContext,
  sizes: readonly FrameSize[],
) => readonly Omit<Finding, 'rule'>[];

const on = (frame: Frame, boxId: string, severity: Finding['severity'], text: Said) => ({
  frameId: frame.id,
  boxId,
  severity,
  text,
});

/** Frames between brood and brood that hold none. */
function gapsIn({ box }: BoxPlace): readonly Frame[] {
  const span = broodSpan(box.frames);
  return span ? box.frames.slice(span.first, span.last + 1).filter((frame) => !isBroodFrame(frame)) : [];
}

const isBesideYoung = (frames: readonly Frame[], frame: Frame) => {
  const at = frames.indexOf(frame);
  return [frames[at - 1], frames[at + 1]].some((beside) => beside && hasYoungBrood(beside));
};

const RULES: { readonly [R in RuleName]: Rule } = {
  'brood-in-one-block': (arrangement, { emptyInNest = false }) =>
    boxesOf(arrangement).flatMap((place) =>
      gapsIn(place)
        .filter((frame) => !(emptyInNest && isEmptyFrame(frame)))
        .map((frame) => on(frame, place.box.id, 'warn', say('splits-the-brood'))),
    ),
  'young-brood-warm': (arrangement, { coldestNightC, warmNightC }) =>
    boxesOf(arrangement).flatMap((place) =>
      gapsIn(place)
        .filter((frame) => isEmptyFrame(frame) && isBesideYoung(place.box.frames, frame))
        .flatMap((frame) => {
          if (coldestNightC !== null && coldestNightC >= warmNightC) return [];
          return [on(frame, place.box.id, 'warn', say('empty-beside-young-brood', { coldestC: coldestNightC }))];
        }),
    ),
  'stores-outside': (arrangement) =>
    boxesOf(arrangement).flatMap(({ box }) => {
      const span = broodSpan(box.frames);
      if (!span) return [];
      const outwards = [box.frames.slice(0, span.first).reverse(), box.frames.slice(span.last + 1)];
      return outwards.flatMap((row) => {
        const honeyAt = row.findIndex(isHoneyFrame);
        if (honeyAt < 0) return [];
        return row
          .slice(honeyAt + 1)
          .filter(isPollenFrame)
          .map((frame) => on(frame, box.id, 'warn', say('pollen-inside-honey')));
      });
    }),
  'queen-known': (arrangement, { queenFrameId, before }) => {
    if (queenFrameId !== null) return [];
    const leaves = boxesOf(before).some(({ box }) =>
      box.frames.some((frame) => {
        const now = placeOf(arrangement, frame.id);
        const goesUp = now !== null && now.boxId !== box.id && isCutOff(arrangement, now.boxId);
        return isBroodFrame(frame) && (goesUp || leavesHive(arrangement, before, frame.id));
      }),
    );
    const text = say('queens-frame-not-known');
    return leaves ? [{ frameId: null, boxId: null, severity: 'warn', text }] : [];
  },
  'queen-in-place': (arrangement, { queenFrameId, queenUnit, otherQueenFrames, before }) => {
    const others = [...otherQueenFrames]
      .filter((id) => leavesHive(arrangement, before, id))
      .map((frameId) => ({
        frameId,
        boxId: placeOf(arrangement, frameId)?.boxId ?? null,
        severity: 'stop' as const,
        text: say('own-queen-stays'),
      }));
    const [at, text] = queenFrameId === null ? [null, null] : ownQueenFault(queenFrameId, queenUnit, arrangement);
    return text === null ? others : [{ frameId: queenFrameId, boxId: at, severity: 'stop', text }, ...others];
  },
  'queen-kept-down': (arrangement, { before }) =>
    before.units.flatMap(({ hive }) => {
      const nest = layingBoxes(hive).map(({ id }) => id);
      return hive.boxes
        .filter(({ id }) => !nest.includes(id) && isCutOff(before, id))
        .flatMap((box) => {
          const now = boxesOf(arrangement).find((one) => one.box.id === box.id);
          const isWithHer = boxesOf(arrangement).some(
            ({ unit, box: { id } }) => unit === now?.unit && nest.includes(id),
          );
          if (!now || !isWithHer || isCutOff(arrangement, box.id)) return [];
          const text = box.role === 'brood' ? say('nothing-keeps-her-from-brood') : say('nothing-keeps-her-from-super');
          const severity = box.role === 'brood' ? ('stop' as const) : ('warn' as const);
          return [{ frameId: null, boxId: box.id, severity, text }];
        });
    }),
  'kept-cell-not-shaken': (arrangement, { keptCellFrames, shaken }) =>
    [...keptCellFrames]
      .filter((id) => shaken.has(id))
      .map((frameId) => ({
        frameId,
        boxId: placeOf(arrangement, frameId)?.boxId ?? null,
        severity: 'stop' as const,
        text: say('kept-cell-not-shaken'),
      })),
  'kept-cell-in-place': (arrangement, { keptCellFrames, cellUnit }) =>
    [...keptCellFrames].flatMap((frameId) => {
      const place = placeOf(arrangement, frameId);
      if (place && (cellUnit === null || place.unit === cellUnit)) return [];
      const text = place ? say('kept-cell-wrong-unit') : say('kept-cell-not-out');
      return [{ frameId, boxId: place?.boxId ?? null, severity: 'stop' as const, text }];
    }),
  'no-cells-with-queen': (arrangement, { cellFrames, queenUnit }) =>
    [...cellFrames].flatMap((frameId) => {
      const place = placeOf(arrangement, frameId);
      if (!place || queenUnit === null || place.unit !== queenUnit) return [];
      const text = say('live-cells-on-her-frame');
      return [{ frameId, boxId: place.boxId, severity: 'warn' as const, text }];
    }),
  'right-number': (arrangement) =>
    boxesOf(arrangement).flatMap(({ box }) => {
      const { frames, places, id } = box;
      const over = frames.length - places;
      const isClosed = frames.some(({ kind }) => kind === 'dummy');
      if (over === 0 || (over < 0 && isClosed)) return [];
      const text =
        over > 0
          ? say('too-many-frames', { frames: frames.length, places, over })
          : say('too-few-frames', { short: -over, places });
      return [{ frameId: null, boxId: id, severity: over > 0 ? ('stop' as const) : ('warn' as const), text }];
    }),
  'frame-fits': (arrangement, _, sizes) =>
    boxesOf(arrangement).flatMap(({ box }) =>
      box.frames
        .filter((frame) => frame.size !== box.size)
        .map((frame) => {
          const [own, wanted] = [sizeOf(frame.size, sizes), sizeOf(box.size, sizes)];
          return own.cells > wanted.cells
            ? on(frame, box.id, 'stop', say('frame-does-not-fit', { frame: own.name, box: wanted.name }))
            : on(frame, box.id, 'warn', say('frame-too-shallow', { frame: own.name, box: wanted.name }));
        }),
    ),
  'no-moves-with-disease': (arrangement, { hasDisease, before }) => {
    if (!hasDisease) return [];
    return boxesOf(before).flatMap(({ box }) =>
      box.frames
        .filter(({ id }) => leavesHive(arrangement, before, id))
        .map((frame) => on(frame, box.id, 'stop', say('disease-nothing-leaves'))),
    );
  },
};

/** The box in which the queen must not be, and why; nulls where she is well. */
function ownQueenFault(
  frameId: string,
  queenUnit: string | null,
  arrangement: Arrangement,
): readonly [string | null, Said | null] {
  const place = placeOf(arrangement, frameId);
  if (!place) return [null, say('queen-not-out')];
  if (queenUnit !== null && place.unit !== queenUnit) return [place.boxId, say('queen-wrong-unit')];
  if (isCutOff(arrangement, place.boxId)) return [place.boxId, say('queen-above-excluder')];
  return [null, null];
}

/** Taken out, or in another hive than the box that it came from. */
function leavesHive(arrangement: Arrangement, before: Arrangement, frameId: string): boolean {
  const [was, now] = [placeOf(before, frameId), placeOf(arrangement, frameId)];
  if (!now) return true;
  const home = boxesOf(arrangement).find(({ box }) => box.id === was?.boxId);
  return home !== undefined && home.unit !== now.unit;
}

/** Above an excluder or a split board, as seen from the floor of its own hive. */
function isCutOff(arrangement: Arrangement, boxId: string): boolean {
  const place = boxesOf(arrangement).find(({ box }) => box.id === boxId);
  if (!place) return false;
  const { boxes } = (arrangement.units.find(({ name }) => name === place.unit) as Arrangement['units'][number]).hive;
  return boxes.slice(0, place.level + 1).some(({ under }) => under !== 'open');
}

/** Everything that the rules have against an arrangement, the gravest first. */
export function checkArrangement(
  arrangement: Arrangement,
  context: ArrangementContext,
  sizes: readonly FrameSize[],
): readonly Finding[] {
  return RULE_NAMES.flatMap((rule) =>
    RULES[rule](arrangement, context, sizes).map((finding): Finding => ({ rule, ...finding })),
  ).sort((a, b) => Number(a.severity === 'warn') - Number(b.severity === 'warn'));
}

import type { MethodName } from '../../methods/method';
import { boxesOf, hiveOf, placeOf } from '../arrangement';
import { broodSpan, isEmptyFrame, isHoneyFrame, isPollenFrame, isStoresFrame } from '../frame-traits';
import { type Box, type Frame, framesOf, type Hive, isBroodFrame, layingBoxes, tenthsOn } from '../hive';
import { boundIn } from '../room';
import { WHOLE } from '../whole';
import type { FaultNumber } from './faults';
import { bodyOf, boxBefore, hasAny, hasNote, isSplit, type Judge, type Judged } from './judged';
import { NEEDS } from './method-needs';
import { foodBeside, hasCombBeforeFood, isOffMiddle, isOutOfOrder, isParted } from './nest-order';
import { NUC_PLACES } from './tools';

/** Comb between brood and food is how a part Demaree is laid out; empty frames between brood are what interleaving is. */
const LAID_OUT_OTHERWISE: readonly MethodName[] = ['part-demaree'];
const PARTS_BROOD: readonly MethodName[] = ['interleave'];
const FREES_THE_NEST: readonly MethodName[] = ['honey-bound', 'pollen-bound'];

/** Boxes with brood that the method made or parted: of a split all, of a Demaree the queen’s. */
function madeNests(judged: Judged): readonly Box[] {
  const boxes = boxesOf(judged.after).filter(({ box }) => box.role === 'brood' && box.frames.some(isBroodFrame));
  return boxes.filter(({ box }) => isSplit(judged) || boxBefore(judged, box.id) === null).map(({ box }) => box);
}

const isCutOff = (hive: Hive, boxId: string) => {
  const level = hive.boxes.findIndex(({ id }) => id === boxId);
  return hive.boxes.slice(0, level + 1).some(({ under }, i) => under !== 'open' && (i > 0 || level === 0));
};

const isCold = ({ from: { context } }: Judged) =>
  context.coldestNightC === null || context.coldestNightC < context.warmNightC;

/** Who judges by each of the numbers. */
export const JUDGES: { readonly [N in FaultNumber]: Judge } = {
  1: (judged) => {
    if (LAID_OUT_OTHERWISE.includes(judged.method)) return [];
    return madeNests(judged).flatMap((box) => {
      const was = boxBefore(judged, box.id)?.frames ?? null;
      const { frames } = box;
      const food = frames.filter(isStoresFrame).length;
      const isSaid = hasNote(judged, 'stores');
      const isNuc = box.places <= NUC_PLACES;
      const beside = foodBeside(frames);
      // What stood apart before the method came is not of its making.
      if (was && foodBeside(was) <= beside && hasCombBeforeFood(was) === hasCombBeforeFood(frames)) return [];
      return [
        ...(beside === 0 && !(food === 0 && isSaid) ? [`no-food-beside:${box.id}`] : []),
        ...(isNuc && food >= 2 && beside < 2 ? [`food-on-one-side:${box.id}`] : []),
        ...(hasCombBeforeFood(frames) && !(was && hasCombBeforeFood(was)) ? [`comb-before-food:${box.id}`] : []),
      ];
    });
  },
  2: (judged) => {
    const { before, after } = judged;
    const was = bodyOf(hiveOf(before, WHOLE));
    const stays = after.units.find(({ hive }) =>
      hive.boxes.some(({ id }) => id === hiveOf(before, WHOLE).boxes[0]?.id),
    );
    const units = isSplit(judged) ? (stays ? [stays] : []) : after.units;
    const left = units.flatMap(({ hive }) => (isSplit(judged) ? framesOf(hive) : bodyOf(hive)));
    // Where robbers are many the weaker half is to have no honey: that is asked for, and it is said to feed it.
    if (judged.from.manyPests && hasNote(judged, 'honey-elsewhere')) return [];
    return [
      ...(hasAny(was, isStoresFrame) && !hasAny(left, isStoresFrame) ? ['last-stores-left'] : []),
      ...(hasAny(framesOf(judged.from.hive), isHoneyFrame) &&
      !units.some(({ hive }) => hasAny(framesOf(hive), isHoneyFrame))
        ? ['last-honey-left']
        : []),
      ...(hasAny(was, isPollenFrame) && !hasAny(left, isPollenFrame) ? ['last-pollen-left'] : []),
      ...(after.out.some(({ kind }) => kind === 'feeder') ? ['feeder-out'] : []),
    ];
  },
  3: (judged) =>
    boxesOf(judged.after)
      .filter(({ box }) => box.role === 'brood')
      .flatMap(({ box }) => {
        const was = boxBefore(judged, box.id);
        const isNew = (is: (frames: readonly Frame[]) => boolean) => is(box.frames) && !(was && is(was.frames));
        return [
          ...(isNew(isParted) && !PARTS_BROOD.includes(judged.method) ? [`brood-parted:${box.id}`] : []),
          ...(isNew(isOutOfOrder) ? [`pollen-outside-honey:${box.id}`] : []),
          ...(was === null && isOffMiddle(box) ? [`brood-to-one-side:${box.id}`] : []),
        ];
      }),
  4: ({ from, proposal, before, after }) => {
    const { queenFrameId, queenUnit } = proposal;
    if (from.context.queenFrameId === null || queenFrameId === null) return [];
    const [at, was] = [placeOf(after, queenFrameId), placeOf(before, from.context.queenFrameId)];
    if (!at) return ['queen-out'];
    const isShut =
      isCutOff(hiveOf(after, at.unit), at.boxId) && !(was && isCutOff(hiveOf(before, was.unit), was.boxId));
    const isOwnUnit = at.unit === 'top' && queenUnit === 'top';
    return [
      ...(queenUnit !== null && at.unit !== queenUnit ? [`queen-in:${at.unit}`] : []),
      ...(isShut && !isOwnUnit ? ['queen-shut-off'] : []),
    ];
  },
  5: ({ from, proposal: { cellUnit, queenUnit, queenFrameId, shaken }, after }) =>
    [...from.context.keptCellFrames].flatMap((id) => {
      const at = placeOf(after, id);
      return [
        ...(cellUnit !== null && at?.unit !== cellUnit ? [`kept-cell-in:${at?.unit ?? 'out'}`] : []),
        ...(shaken.includes(id) ? ['kept-cell-shaken'] : []),
        ...(cellUnit !== queenUnit && id === queenFrameId ? ['queen-on-cells-frame'] : []),
      ];
    }),
  6: ({ before, after }) =>
    before.units.flatMap(({ hive }) => {
      const nest = layingBoxes(hive).map(({ id }) => id);
      return hive.boxes.flatMap((box) => {
        if (!isCutOff(hive, box.id)) return [];
        const now = after.units.find((unit) => unit.hive.boxes.some(({ id }) => id === box.id));
        const isWithHer = now?.hive.boxes.some(({ id }) => nest.includes(id)) ?? false;
        return now && isWithHer && !isCutOff(now.hive, box.id) ? [`nothing-keeps-her-from:${box.id}`] : [];
      });
    }),
  7: (judged) => NEEDS[judged.method]?.(judged) ?? [],
  8: ({ steps, before, after }) => {
    const lifted = steps.filter(({ kind }) => kind === 'frame' || kind === 'aside' || kind === 'out');
    const ids = lifted.flatMap(({ frameIds }) => frameIds);
    const twice = ids.filter((id, i) => ids.indexOf(id) !== i);
    const back = lifted
      .filter(({ kind }) => kind === 'frame')
      .flatMap(({ frameIds }) => frameIds)
      .filter((id) => {
        const [was, now] = [placeOf(before, id), placeOf(after, id)];
        return was !== null && was.boxId === now?.boxId && was.at === now.at;
      });
    return [...twice.map((id) => `lifted-twice:${id}`), ...back.map((id) => `put-back:${id}`)];
  },
  9: (judged) => {
    const lifts = judged.steps.filter(({ kind }) => kind === 'lift').length;
    const needed = neededLifts(judged);
    return lifts > needed ? [`lifts:${lifts}-for-${needed}`] : [];
  },
  10: (judged) => {
    const { method, from, after } = judged;
    if (!FREES_THE_NEST.includes(method)) return [];
    const is = (hive: Hive) => boundIn(hive, from.wouldLayPerDay, from.flow, from) !== null;
    const isSaid = hasNote(judged, 'room');
    return is(from.hive) && is(hiveOf(after, WHOLE)) && !isSaid ? ['hemmed-in-as-before'] : [];
  },
  11: (judged) => {
    if (!isCold(judged)) return [];
    return boxesOf(judged.after).flatMap(({ box }) => {
      const span = broodSpan(box.frames);
      if (!span) return [];
      const was = boxBefore(judged, box.id)?.frames ?? [];
      const wasSpan = broodSpan(was);
      return box.frames
        .slice(span.first, span.last + 1)
        .filter(isEmptyFrame)
        .filter((frame) => {
          const at = was.findIndex(({ id }) => id === frame.id);
          return !(wasSpan && at > wasSpan.first && at < wasSpan.last);
        })
        .map(() => `empty-between-brood:${box.id}`);
    });
  },
  12: (judged) => {
    if (isSplit(judged) || madeNests(judged).length > 0) return [];
    return boxesOf(judged.after).flatMap(({ box }) => {
      const was = boxBefore(judged, box.id);
      if (!was || box.role !== 'brood') return [];
      const span = broodSpan(box.frames);
      const isIdle = (frame: Frame) => {
        const at = box.frames.indexOf(frame);
        const wasThere = was.frames.some(({ id }) => id === frame.id);
        const isDrawn = tenthsOn(frame, ['empty']) === 20;
        return wasThere && isDrawn && (!span || at < span.first - 1 || at > span.last + 1);
      };
      const foodLeft = was.frames.some(
        (frame) => isStoresFrame(frame) && judged.after.out.some(({ id }) => id === frame.id),
      );
      const isInNest = layingBoxes(hiveOf(judged.after, WHOLE)).includes(box);
      return foodLeft && isInNest && box.frames.some(isIdle) ? [`comb-idle:${box.id}`] : [];
    });
  },
};

/** Boxes above the lowest that is opened or changed, counted anew. */
function neededLifts({ before, after, steps }: Judged): number {
  const handled = new Set(
    steps
      .filter(({ kind }) => kind !== 'queen' && kind !== 'close')
      .flatMap(({ frameIds }) => frameIds)
      .filter((id) => placeOf(before, id) !== null),
  );
  return before.units.reduce((sum, { hive }) => {
    const home = after.units.find((unit) => unit.hive.boxes.some(({ id }) => id === hive.boxes[0]?.id));
    let lifts = 0;
    let isReached = false;
    hive.boxes.forEach((box, level) => {
      const now = home?.hive.boxes[level];
      isReached ||= now?.id !== box.id || now.under !== box.under;
      // A frame that comes to a box opens it as much as one that leaves it.
      lifts += Number(isReached);
      const came = now?.frames.some(({ id }) => !box.frames.some((frame) => frame.id === id)) ?? false;
      isReached ||= came || box.frames.some(({ id }) => handled.has(id));
    });
    return sum + lifts;
  }, 0);
}

import { EGG_DAYS, OPEN_LARVA_DAYS, SEALED_WORKER_DAYS } from '../biology/development';
import { BROOD, CONTENTS, type Content, type Side, TENTHS, tenthsOf } from './content';
import type { FrameSize } from './frame-size';
import { sizeOf } from './frame-size';
import { broodSpan } from './frame-traits';
import { type Box, broodBoxes, combOf, type Frame, type Hive } from './hive';
import { layingRate } from './laying-rate';

/** The ages at which brood is egg, larva, sealed: from, to. */
const EGG_TO = EGG_DAYS.value;
const LARVA_TO = EGG_TO + OPEN_LARVA_DAYS.value;
const SEALED_TO = LARVA_TO + SEALED_WORKER_DAYS.value;
const STAGES = [
  ['eggs', 0, EGG_TO],
  ['larvae', EGG_TO, LARVA_TO],
  ['sealed', LARVA_TO, SEALED_TO],
] as const satisfies readonly (readonly [Content, number, number])[];

type Tenths = { -readonly [C in Content]: number };

/** How much of brood spread evenly over the ages `from` to `to` lies between two ages. */
const shareIn = (from: number, to: number, low: number, high: number) =>
  Math.max(0, Math.min(to, high) - Math.max(from, low)) / (to - from);

/** The brood of a side some days on, before anything is laid: older, and what has emerged has left empty cells. */
function aged(side: Side, days: number): Tenths {
  const next = Object.fromEntries(CONTENTS.map((content) => [content, tenthsOf(side, content)])) as Tenths;
  for (const content of BROOD) next[content] = 0;
  for (const [content, from, to] of STAGES) {
    const amount = tenthsOf(side, content);
    for (const [later, low, high] of STAGES) next[later] += amount * shareIn(from + days, to + days, low, high);
    next.empty += amount * shareIn(from + days, to + days, SEALED_TO, Number.POSITIVE_INFINITY);
  }
  return next;
}

/**
 * A hive's frames some days after a survey, going by how brood grows and by the rate at which she laid then: a proposal to be
 * corrected, not a finding. Eggs laid since fill empty cells of the brood frames and of those beside them. Stores stay as they
 * were. What the rounding to tenths loses goes to what there is most of.
 *
 * @param lays a laying queen is in it
 */
export function carryForward(hive: Hive, days: number, sizes: readonly FrameSize[], lays = true): Hive {
  if (days <= 0) return hive;
  const nests = broodBoxes(hive);
  const laid = lays ? layingRate(combOf(nests, sizes)).now * days : 0;
  const sides = new Map(
    hive.boxes.flatMap(({ frames }) =>
      frames.flatMap((frame) =>
        frame.sides ? [[frame.id, frame.sides.map((side) => aged(side, days))] as const] : [],
      ),
    ),
  );
  const roomy = nests.flatMap((box) => nestFrames(box));
  const cellsOfTenth = (frame: Frame) => sizeOf(frame.size, sizes).cells / (2 * TENTHS);
  const room = roomy.reduce(
    (sum, frame) => sum + (sides.get(frame.id) ?? []).reduce((all, side) => all + side.empty, 0) * cellsOfTenth(frame),
    0,
  );
  const share = room === 0 ? 0 : Math.min(1, laid / room);
  for (const frame of roomy) for (const side of sides.get(frame.id) ?? []) lay(side, side.empty * share, days);
  return {
    ...hive,
    boxes: hive.boxes.map((box) => ({
      ...box,
      frames: box.frames.map((frame) => {
        const [left, right] = sides.get(frame.id) ?? [];
        return left && right ? { ...frame, sides: [inTenths(left), inTenths(right)] as const } : frame;
      }),
    })),
  };
}

/** The brood frames of a box and one to either side: where she lays next. */
function nestFrames({ frames }: Box): readonly Frame[] {
  const span = broodSpan(frames);
  return span ? frames.slice(Math.max(0, span.first - 1), span.last + 2) : [];
}

/** Lays evenly over the days: what was laid first is older by now. */
function lay(side: Tenths, amount: number, days: number): void {
  side.empty -= amount;
  for (const [stage, low, high] of STAGES) side[stage] += amount * shareIn(0, days, low, high);
  side.empty += amount * shareIn(0, days, SEALED_TO, Number.POSITIVE_INFINITY);
}

/** Whole tenths that make ten: rounded down, and the rest to those that lost most. */
function inTenths(side: Tenths): Side {
  const whole = CONTENTS.map((content) => ({ content, tenths: Math.floor(side[content] + 1e-9) }));
  const left = TENTHS - whole.reduce((sum, { tenths }) => sum + tenths, 0);
  const byLoss = [...whole].sort((a, b) => side[b.content] - b.tenths - (side[a.content] - a.tenths));
  const raised = new Set(byLoss.slice(0, left).map(({ content }) => content));
  return Object.fromEntries(
    whole
      .map(({ content, tenths }) => [content, tenths + Number(raised.has(content))] as const)
      .filter(([, tenths]) => tenths > 0),
  );
}

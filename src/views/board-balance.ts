import type { Arrangement } from '../core/space/arrangement';
import { coveredIn } from '../core/space/covered';
import { isHoneyFrame, isPollenFrame } from '../core/space/frame-traits';
import { framesOf, type Hive, isBroodFrame, layingBoxes, tenthsOn } from '../core/space/hive';
import { ROOM_AT_MOST } from '../core/space/laying-room';
import type { Flow, RoomFigures } from '../core/space/nectar';
import { daysAtRate } from '../core/space/room';
import type { SurveyManner } from '../core/space/survey';
import { boxWeight } from '../core/space/weight';
import { boxName } from '../words/boxes';
import { balancePhrases } from '../words/pages/board-balance';

/** What one hive has, before frames are moved or after. */
export interface HiveBalance {
  readonly unit: string;
  readonly brood: number;
  readonly honey: number;
  readonly pollen: number;
  /** Frames of drawn comb to lay in, in the boxes in which a queen can. */
  readonly comb: number;
  /** Days of laying room at the rate at which she would lay; null: no queen lays in it. */
  readonly roomDays: number | null;
  /** From the floor up. */
  readonly boxes: readonly { readonly name: string; readonly kg: number }[];
  readonly kg: number;
}

export interface BalanceFrom {
  /** In which unit the queen is; null: not known, or in the only one. */
  readonly queenUnit: string | null;
  /** Eggs a day that she lays, or would with room. */
  readonly laysPerDay: number;
  readonly manner: SurveyManner;
  readonly flow: Flow;
  readonly coveredSeams: number | null;
  readonly figures: RoomFigures;
}

/** At least half of both sides is drawn and empty. */
const COMB_TENTHS = 10;

/** What each hive of an arrangement has: frames by what they hold, room for the queen, weights. */
export function balanceOf({ units }: Arrangement, from: BalanceFrom): readonly HiveBalance[] {
  return units.map(({ name, hive }) => {
    const frames = framesOf(hive);
    const count = (is: (frame: (typeof frames)[number]) => boolean) => frames.filter(is).length;
    const boxes = boxesOf(hive, from);
    const hasQueen = from.queenUnit === null ? units.length === 1 : from.queenUnit === name;
    return {
      unit: name,
      brood: count(isBroodFrame),
      honey: count(isHoneyFrame),
      pollen: count(isPollenFrame),
      comb: layingBoxes(hive)
        .flatMap((box) => box.frames)
        .filter((frame) => tenthsOn(frame, ['empty']) >= COMB_TENTHS).length,
      roomDays: hasQueen && from.laysPerDay > 0 ? daysAtRate(hive, from.laysPerDay, from) : null,
      boxes,
      kg: boxes.reduce((sum, { kg }) => sum + kg, 0),
    };
  });
}

const boxesOf = (hive: Hive, { coveredSeams, figures }: BalanceFrom) =>
  hive.boxes.map((box) => ({
    name: boxName(hive, box),
    kg: boxWeight(box, coveredIn(box, hive, coveredSeams), figures.sizes),
  }));

/** `about 9 days`, `three weeks or more`. */
export const roomDaysWords = (days: number | null): string => {
  if (days === null) return balancePhrases.noQueenLaysInIt;
  if (days >= ROOM_AT_MOST.value) return balancePhrases.threeWeeksOrMore;
  return days === 0 ? balancePhrases.noneLeft : balancePhrases.about(days);
};

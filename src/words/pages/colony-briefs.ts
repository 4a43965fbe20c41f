import type { Day } from '../../core/calendar/day';
import { dayWords } from '../days';

/** What is folded away on a colony's page, each in a line. */
export const briefPhrases = {
  cellsOver: (over: number) => (over === 1 ? 'one, and it is over' : `${over}, all over`),
  noneYet: 'none yet',
  notSurveyed: 'not surveyed yet',
  nothingFed: 'nothing entered',
  surveyed: (on: Day, whole: string) => `Surveyed ${dayWords(on)}. ${whole}.`,
  whole: (mass: string, withBees: boolean) => `About ${mass}${withBees ? '' : ' without bees'}`,
  /** `Cells · 4` */
  counted: (name: string, count: number) => (count > 0 ? `${name} · ${count}` : name),
  colony: 'edit, share, scale',
  /** What a hive's picture says to those who do not see it. */
  hivePicture: (boxes: readonly string[]) => `The hive, from the roof down: ${boxes.join('; ')}`,
  boxOf: (title: string, frames: number, withBrood: number) =>
    `${title}, ${frames} frames${withBrood > 0 ? `, ${withBrood} with brood` : ''}`,
};

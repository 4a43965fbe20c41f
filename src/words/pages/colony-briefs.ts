import type { Day } from '../../core/calendar/day';
import type { DayRange } from '../../core/calendar/window';
import { dayWords, rangeWords, weekdayWords } from '../days';

/** What is folded away on a colony's page, each in a line. */
export const briefPhrases = {
  eitherHalf: 'in this half or the other',
  none: (since: Day | null) => (since === null ? 'none' : `none since ${weekdayWords(since)}`),
  virgin: (out: DayRange) => `a virgin, out ${rangeWords(out)}`,
  noEggs: (on: Day) => `no eggs of a young queen by ${dayWords(on)}`,
  caged: (on: Day) => `caged in on ${weekdayWords(on)}`,
  going: 'probably left with a swarm',
  notLookedFor: 'not looked for yet',
  laying: (proof: { readonly by: 'seen' | 'eggs'; readonly on: Day } | null) =>
    proof === null ? 'nobody has noted seeing her or her eggs' : `laying; ${proof.by} on ${weekdayWords(proof.on)}`,
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

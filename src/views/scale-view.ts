import { addDays, type Day, dayOfMinute } from '../core/calendar/day';
import { MINUTES_A_DAY, minutesOf } from '../core/calendar/minute';
import type { Scale, ScaleReading } from '../core/scale/scale-of';
import { minuteWords, rangeWords, weekdayWords } from '../words/days';
import { flowSpanWords, gainOrNotKnown, stepWords, visitWords } from '../words/scale';

const IN_KG = 100;

/** Something that was put on, taken off or flew off, on the page's axis. */
export interface ChangeDrawn {
  /** Days since the beginning of days, with the minute as their fraction. */
  readonly x: number;
  readonly kg: number;
  readonly kind: 'step' | 'visit' | 'loss';
  readonly words: string;
}

export interface ScaleView {
  /** What came in by day, kg; null: too little was read to tell. */
  readonly gains: readonly {
    readonly on: Day;
    readonly when: string;
    readonly kg: number | null;
    readonly words: string;
  }[];
  readonly changes: readonly ChangeDrawn[];
  readonly flows: readonly { readonly from: Day; readonly to: Day; readonly strong: boolean; readonly words: string }[];
  /** The scale's own readings, thinned to what a page can show. */
  readonly raw: readonly { readonly x: number; readonly kg: number }[];
  readonly lastRead: string;
}

/** More points than this stand side by side in no drawing. */
const RAW_AT_MOST = 1500;

/** What a colony's scale says over the days from one to another, both inclusive. */
export function scaleView(
  scale: Scale,
  readings: readonly ScaleReading[],
  { from, to }: { readonly from: Day; readonly to: Day },
): ScaleView {
  const isShown = (at: string) => dayOfMinute(at) >= from && dayOfMinute(at) <= to;
  const shown = readings.filter(({ at }) => isShown(at));
  const every = Math.max(1, Math.ceil(shown.length / RAW_AT_MOST));
  const swarms = new Set(scale.possibleSwarms.map(({ at }) => at));
  const changes = [
    ...scale.steps.map(({ at, by }) => ({
      at,
      kg: by / IN_KG,
      kind: swarms.has(at) ? ('loss' as const) : ('step' as const),
    })),
    ...scale.visits.map(({ from: at, by }) => ({ at, kg: by / IN_KG, kind: 'visit' as const })),
  ];
  return {
    gains: scale.days
      .filter(({ on }) => on >= from && on <= to)
      .map(({ on, gain }) => {
        const kg = gain === null ? null : gain / IN_KG;
        return { on, when: weekdayWords(on), kg, words: gainOrNotKnown(kg) };
      }),
    changes: changes
      .filter(({ at, kg, kind }) => isShown(at) && (kind !== 'visit' || kg !== 0))
      .sort((a, b) => (a.at < b.at ? -1 : 1))
      .map(({ at, kg, kind }) => ({
        x: minutesOf(at) / MINUTES_A_DAY,
        kg,
        kind,
        words: `${minuteWords(at)}: ${kind === 'visit' ? visitWords(kg) : stepWords(kg, kind === 'loss')}`,
      })),
    flows: scale.flow
      .map(({ from: begins, to: ends, strong }) => ({ from: begins, to: ends ?? to, strong, isOver: ends !== null }))
      .filter((flow) => flow.to >= from && flow.from <= to)
      .map(({ isOver, ...flow }) => ({
        ...flow,
        words: flowSpanWords(flow.strong, isOver ? rangeWords(flow) : null, flow.from),
      })),
    raw: shown.filter((_, i) => i % every === 0).map(({ at, kg }) => ({ x: minutesOf(at) / MINUTES_A_DAY, kg })),
    lastRead: minuteWords(readings.at(-1)?.at ?? ''),
  };
}

/** The days that a scale's page shows. */
export const scaleDays = (today: Day) => ({ from: addDays(today, -27), to: addDays(today, 1) });

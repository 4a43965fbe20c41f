import type { ChartOptions } from 'chart.js';
import type { Axis } from './axis';

/** Reads the colours of the present light. */
export const colours = <N extends string>(...names: N[]): { readonly [K in N]: string } => {
  const style = getComputedStyle(document.documentElement);
  return Object.fromEntries(names.map((name) => [name, style.getPropertyValue(`--color-${name}`).trim()])) as {
    [K in N]: string;
  };
};

/** Milliseconds of a chart's own motion; none for those who want none. */
export const motion = (): false | { duration: number } =>
  window.matchMedia('(prefers-reduced-motion: reduce)').matches ? false : { duration: 200 };

/** A chart's time, to stand under the ruler of the page: the same days, edge to edge, without an axis of its own. */
export const daysOf = ({ first, days }: Axis): NonNullable<NonNullable<ChartOptions<'line'>['scales']>['x']> => ({
  type: 'linear',
  min: first,
  max: first + days,
  display: false,
  offset: false,
});

/** From edge to edge: nothing beside the days. */
export const EDGE_TO_EDGE = { padding: 0, autoPadding: false } as const;

/** Numbers of a chart that stand within it, each above its line, so that nothing moves the days. */
export const INSIDE = {
  afterFit: (scale: { width: number }) => {
    scale.width = 0;
  },
  border: { display: false },
} as const;

/** @param words what a value is called; nothing at the upper edge, where it would be cut off */
export const ticksInside = (color: string, ground: string, words: (value: number) => string) =>
  ({
    color,
    mirror: true,
    labelOffset: -9,
    padding: 2,
    maxTicksLimit: 5,
    showLabelBackdrop: true,
    backdropColor: ground,
    backdropPadding: 1,
    callback: (value: number | string, i: number, all: readonly unknown[]) =>
      i === all.length - 1 ? '' : words(Number(value)),
  }) as const;

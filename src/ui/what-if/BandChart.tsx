'use client';

import type { Plugin } from 'chart.js';
import { color } from 'chart.js/helpers';
import { useMemo } from 'react';
import type { Band } from '../../core/population/what-if';
import type { Axis } from '../time/axis';
import { Drawn } from '../time/chart';
import { colours, daysOf, EDGE_TO_EDGE, INSIDE, motion, ticksInside } from '../time/onAxis';
import { LINES } from './lines';

/** A band with its letters, and which of the lines it is drawn as. */
export interface Series {
  readonly label: string;
  readonly line: number;
  readonly band: Band;
}

interface Props {
  readonly axis: Axis;
  readonly series: readonly Series[];
  readonly words: (value: number) => string;
}

/** Bands lie over one another, and the lines over them all. */
const BAND_ALPHA = 0.13;

/** What each line is called, at its end. */
const letters = (ground: string): Plugin<'line'> => ({
  id: 'letters',
  afterDatasetsDraw: ({ ctx, chartArea, scales: { y }, data }) => {
    if (!y) return;
    ctx.save();
    ctx.font = '700 15px "Atkinson Hyperlegible Next Variable", sans-serif';
    ctx.textAlign = 'right';
    ctx.lineWidth = 4;
    ctx.strokeStyle = ground;
    // What was drawn, not what was there when the drawing began.
    let left = chartArea.right - 6;
    for (const { label, data: points, borderColor } of data.datasets) {
      const last = points.at(-1);
      if (!label || typeof last !== 'object' || last === null || Array.isArray(last) || last.y === null) continue;
      const top = y.getPixelForValue(last.y) - 5;
      ctx.strokeText(label, left, top);
      ctx.fillStyle = String(borderColor);
      ctx.fillText(label, left, top);
      left -= ctx.measureText(label).width + 6;
    }
    ctx.restore();
  },
});

/** The middle of all runs as a line, eight of ten of them as a band about it, for each series, under the days of the ruler. */
export function BandChart({ axis, series, words }: Props) {
  const of = useMemo(() => colours('ink', 'willow', 'larch', 'indigo', 'muted', 'line', 'ground'), []);
  const inks = LINES.map(({ colour }) => of[colour]);
  const points = (values: readonly number[]) => values.map((value, i) => ({ x: axis.first + i, y: value }));
  const datasets = series.flatMap(({ label, line, band }) => {
    const ink = inks[line] ?? of.ink;
    const edge = { borderWidth: 0, pointRadius: 0, backgroundColor: color(ink).alpha(BAND_ALPHA).rgbString() };
    return [
      { ...edge, data: points(band.p10), fill: false as const },
      { ...edge, data: points(band.p90), fill: '-1' as const },
      {
        label,
        data: points(band.p50),
        fill: false as const,
        borderColor: ink,
        borderWidth: 2.5,
        borderDash: [...(LINES[line]?.dashes ?? [])],
        pointRadius: 0,
      },
    ];
  });
  return (
    <Drawn
      type="line"
      aria-hidden="true"
      plugins={[letters(of.ground)]}
      data={{ datasets }}
      options={{
        maintainAspectRatio: false,
        animation: motion(),
        layout: EDGE_TO_EDGE,
        scales: {
          x: daysOf(axis),
          y: {
            min: 0,
            grace: '8%',
            grid: { color: of.line },
            ...INSIDE,
            ticks: ticksInside(of.muted, of.ground, words),
          },
        },
        plugins: { legend: { display: false }, tooltip: { enabled: false } },
      }}
    />
  );
}

'use client';

import type { Plugin } from 'chart.js';
import { useMemo } from 'react';
import { toUnit } from '../../core/units/units';
import type { ChangeDrawn, ScaleView } from '../../views/scale-view';
import { unitName, unitsSpoken } from '../../words/measures';
import type { Axis } from '../time/axis';
import { Drawn } from '../time/chart';
import { colours, daysOf, EDGE_TO_EDGE, INSIDE, motion, ticksInside } from '../time/onAxis';

interface Props {
  readonly view: ScaleView;
  readonly axis: Axis;
}

type Palette = ReturnType<typeof palette>;
const palette = () =>
  colours('ink', 'muted', 'line', 'willow', 'indigo', 'larch', 'propolis', 'wax', 'paper', 'ground');

/** Flows as a band along the top, hatched where they are strong. */
const flowBands = (flows: ScaleView['flows'], of: Palette): Plugin => ({
  id: 'flows',
  beforeDatasetsDraw: ({ ctx, chartArea, scales: { x } }) => {
    if (!x) return;
    ctx.save();
    ctx.font = '600 13px "Atkinson Hyperlegible Next Variable", sans-serif';
    for (const { from, to, strong, words } of flows) {
      const left = Math.max(chartArea.left, x.getPixelForValue(from));
      const right = Math.min(chartArea.right, x.getPixelForValue(to + 1));
      ctx.fillStyle = of.wax;
      ctx.globalAlpha = strong ? 0.9 : 0.45;
      ctx.fillRect(left, chartArea.top, right - left, 20);
      ctx.globalAlpha = 1;
      ctx.fillStyle = of.ink;
      ctx.fillText(words, left + 4, chartArea.top + 15, right - left - 8);
    }
    ctx.restore();
  },
});

/** What was put on, taken off or flew off, at its minute: a post for a visit, an arrow up or down for a step, filled for a loss. */
const changeMarks = (changes: readonly ChangeDrawn[], of: Palette): Plugin => ({
  id: 'changes',
  afterDatasetsDraw: ({ ctx, chartArea, scales: { x } }) => {
    if (!x) return;
    ctx.save();
    for (const { x: at, kg, kind } of changes) {
      const left = x.getPixelForValue(at);
      if (left < chartArea.left || left > chartArea.right) continue;
      const base = chartArea.top + 38;
      ctx.strokeStyle = kind === 'loss' ? of.willow : of.ink;
      ctx.fillStyle = kind === 'loss' ? of.willow : of.paper;
      ctx.lineWidth = 1.5;
      ctx.setLineDash([2, 3]);
      ctx.beginPath();
      ctx.moveTo(left, base);
      ctx.lineTo(left, chartArea.bottom);
      ctx.stroke();
      ctx.setLineDash([]);
      ctx.beginPath();
      if (kind === 'visit') ctx.rect(left - 5, base - 10, 10, 10);
      else {
        const tip = kg > 0 ? -1 : 1;
        ctx.moveTo(left, base - 5 + tip * 7);
        ctx.lineTo(left - 6, base - 5 - tip * 5);
        ctx.lineTo(left + 6, base - 5 - tip * 5);
        ctx.closePath();
      }
      ctx.fill();
      ctx.stroke();
    }
    ctx.restore();
  },
});

const common = (axis: Axis, of: Palette) => ({
  maintainAspectRatio: false,
  animation: motion(),
  layout: EDGE_TO_EDGE,
  scales: {
    x: daysOf(axis),
    y: {
      grid: { color: of.line },
      ...INSIDE,
      ticks: ticksInside(of.muted, of.ground, (value) => `${String(value).replace('-', '−')} ${unitName('mass')}`),
    },
  },
});

/** What came in by day, with flows, and what was put on or taken off. */
export function GainsChart({ view, axis }: Props) {
  const of = useMemo(palette, []);
  const unit = unitsSpoken().mass;
  const known = view.gains.flatMap(({ on, kg }) => (kg === null ? [] : [{ x: on + 0.5, y: toUnit(kg, unit) }]));
  const highest = Math.max(1, ...known.map(({ y }) => y));
  const options = common(axis, of);
  return (
    <Drawn
      type="bar"
      aria-hidden="true"
      plugins={[flowBands(view.flows, of), changeMarks(view.changes, of)]}
      data={{
        datasets: [
          {
            data: known,
            backgroundColor: known.map(({ y }) => (y < 0 ? of.paper : of.larch)),
            borderColor: of.larch,
            borderWidth: 1.5,
            barPercentage: 0.8,
            categoryPercentage: 1,
          },
        ],
      }}
      options={{
        ...options,
        // Room above the bars for flows and marks.
        scales: { ...options.scales, y: { ...options.scales.y, max: Math.ceil(highest * 14) / 10 } },
        plugins: {
          legend: { display: false },
          tooltip: {
            callbacks: {
              title: ([item]) => view.gains.find(({ on }) => on + 0.5 === item?.parsed.x)?.when ?? '',
              label: ({ parsed }) => view.gains.find(({ on }) => on + 0.5 === parsed.x)?.words ?? '',
            },
          },
        },
      }}
    />
  );
}

/** The scale's own line, stones, supers and all. */
export function RawChart({ view, axis }: Props) {
  const of = useMemo(palette, []);
  const unit = unitsSpoken().mass;
  return (
    <Drawn
      type="line"
      aria-hidden="true"
      data={{
        datasets: [
          {
            data: view.raw.map(({ x, kg }) => ({ x, y: toUnit(kg, unit) })),
            borderColor: of.ink,
            borderWidth: 1.5,
            pointRadius: 0,
          },
        ],
      }}
      options={{ ...common(axis, of), plugins: { legend: { display: false }, tooltip: { enabled: false } } }}
    />
  );
}

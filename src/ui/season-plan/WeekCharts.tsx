'use client';

import type { ChartOptions, Plugin } from 'chart.js';
import { useMemo } from 'react';
import { BOXES, type BoxThing } from '../../core/season-plan/load';
import type { SeasonPlanView } from '../../views/season-plan-view';
import { Drawn } from '../time/chart';
import { colours, daysOf, EDGE_TO_EDGE, INSIDE, motion } from '../time/onAxis';
import type { Steps } from './steps';

const HOUR = 60;

const axisOf = ({ first, last }: SeasonPlanView) => ({ first, days: last - first + 1, today: first });

/** Slanting lines for what is meant, so that it is told apart without its colour. */
function hatched(ink: string, ground: string): CanvasPattern | string {
  const tile = document.createElement('canvas');
  tile.width = 8;
  tile.height = 8;
  const pen = tile.getContext('2d');
  if (!pen) return ink;
  pen.fillStyle = ground;
  pen.fillRect(0, 0, 8, 8);
  pen.strokeStyle = ink;
  pen.lineWidth = 2;
  for (const x of [-8, 0, 8]) {
    pen.beginPath();
    pen.moveTo(x, 8);
    pen.lineTo(x + 8, 0);
    pen.stroke();
  }
  return pen.createPattern(tile, 'repeat') ?? ink;
}

/** A value for each week, held until the next. */
const held = ({ weeks }: SeasonPlanView, value: (week: SeasonPlanView['weeks'][number]) => number) => {
  const points = weeks.map((week) => ({ x: week.from as number, y: value(week) }));
  const last = weeks.at(-1);
  return last ? [...points, { x: last.to + 1, y: value(last) }] : points;
};

const STEP = { stepped: 'before' as const, pointRadius: 0 };

interface Props {
  readonly view: SeasonPlanView;
  readonly steps: Steps;
}

/** Lines at the steps; what they are called stands beside the chart, where it stays in sight. */
const upTo = ({ step, most }: Steps, line: string) =>
  ({ min: 0, max: most, grid: { color: line }, ...INSIDE, ticks: { display: false, stepSize: step } }) as const;

/** Under the days of the sheet, with lines at the steps. */
const optionsOf = (view: SeasonPlanView, steps: Steps, line: string): ChartOptions<'line'> => ({
  maintainAspectRatio: false,
  animation: motion(),
  layout: EDGE_TO_EDGE,
  scales: { x: daysOf(axisOf(view)), y: upTo(steps, line) },
  plugins: { legend: { display: false }, tooltip: { enabled: false } },
});

/** Work at the hives and on the way there by week, what is meant over what is usual, and what is free. */
export function HoursChart({ view, steps }: Props) {
  const of = useMemo(() => colours('ink', 'willow', 'line', 'paper'), []);
  const meant = useMemo(() => hatched(of.willow, of.paper), [of]);
  return (
    <Drawn
      type="line"
      data={{
        datasets: [
          {
            ...STEP,
            data: held(view, ({ usual }) => usual / HOUR),
            borderWidth: 0,
            backgroundColor: of.line,
            fill: 'origin',
          },
          {
            ...STEP,
            data: held(view, (week) => (week.usual + week.meant) / HOUR),
            borderWidth: 1,
            borderColor: of.willow,
            backgroundColor: meant as string,
            fill: '-1',
          },
          {
            ...STEP,
            data: held(view, ({ free }) => free / HOUR),
            borderWidth: 2.5,
            borderColor: of.ink,
            borderDash: [7, 4],
            fill: false,
          },
        ],
      }}
      options={optionsOf(view, steps, of.line)}
    />
  );
}

const LETTERS: { readonly [B in BoxThing]: string } = { 'nuc-box': 'N', 'brood-box': 'B', super: 'S' };
const DASHES: { readonly [B in BoxThing]: readonly number[] } = { 'nuc-box': [], 'brood-box': [8, 3], super: [2, 3] };

/** The letter of each line, wherever it rises. */
const letters = (ground: string): Plugin<'line'> => ({
  id: 'letters',
  afterDatasetsDraw: ({ ctx, scales: { x, y }, data }) => {
    if (!x || !y) return;
    ctx.save();
    ctx.font = '700 13px "Atkinson Hyperlegible Next Variable", sans-serif';
    ctx.lineWidth = 4;
    ctx.strokeStyle = ground;
    for (const { label, data: points, borderColor } of data.datasets) {
      let before = 0;
      for (const point of points) {
        if (typeof point !== 'object' || point === null || Array.isArray(point)) continue;
        if (point.x === null || point.y === null) continue;
        if (point.y !== before && label) {
          const [left, top] = [x.getPixelForValue(point.x) + 3, y.getPixelForValue(point.y) - 3];
          const words = `${label} ${point.y}`;
          ctx.strokeText(words, left, top);
          ctx.fillStyle = String(borderColor);
          ctx.fillText(words, left, top);
        }
        before = point.y;
      }
    }
    ctx.restore();
  },
});

/** Boxes that are out, more than today, by week. */
export function BoxesChart({ view, steps }: Props) {
  const of = useMemo(() => colours('ink', 'indigo', 'larch', 'line', 'ground'), []);
  const inks: { readonly [B in BoxThing]: string } = { 'nuc-box': of.indigo, 'brood-box': of.ink, super: of.larch };
  return (
    <Drawn
      type="line"
      plugins={[letters(of.ground)]}
      data={{
        datasets: BOXES.flatMap((box) => [
          {
            ...STEP,
            label: LETTERS[box],
            data: held(view, ({ boxes }) => boxes[box]),
            borderColor: inks[box],
            borderWidth: 2.5,
            borderDash: [...DASHES[box]],
            fill: false,
          },
          // Thin, as many as there are: what goes over it is short.
          ...(view.boxesThere[box] === null
            ? []
            : [
                {
                  ...STEP,
                  label: '',
                  data: held(view, () => view.boxesThere[box] ?? 0),
                  borderColor: inks[box],
                  borderWidth: 1,
                  borderDash: [1, 3],
                  fill: false,
                },
              ]),
        ]),
      }}
      options={optionsOf(view, steps, of.line)}
    />
  );
}

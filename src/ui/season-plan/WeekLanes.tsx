'use client';

import dynamic from 'next/dynamic';
import { BOXES } from '../../core/season-plan/load';
import type { SeasonPlanView } from '../../views/season-plan-view';
import { spanStyle } from '../season/place';
import { type Steps, stepsFor, valuesOf } from './steps';

const HOURS_PX = 130;
const BOXES_PX = 90;

// The drawing comes when there is something to draw.
const blank = () => <div className="h-full" />;
const HoursChart = dynamic(() => import('./WeekCharts').then((module) => module.HoursChart), {
  ssr: false,
  loading: blank,
});
const BoxesChart = dynamic(() => import('./WeekCharts').then((module) => module.BoxesChart), {
  ssr: false,
  loading: blank,
});

/** Hours and boxes by week, under the days of the sheet. The same stands in a table below it. */
export function WeekLanes({ view }: { readonly view: SeasonPlanView }) {
  const { first, last, weeks } = view;
  const style = spanStyle(first, first, last);
  const hours = stepsFor(Math.max(...weeks.map(({ usual, meant, free }) => Math.max(usual + meant, free) / 60), 1));
  const boxes = stepsFor(
    Math.max(...weeks.flatMap((week) => BOXES.map((box) => Math.max(week.boxes[box], view.boxesThere[box] ?? 0))), 1),
  );
  return (
    <div aria-hidden="true">
      <div className="season-row" style={{ height: HOURS_PX + 2 }}>
        <span className="season-name text-sm leading-tight whitespace-normal!">
          <b>Hours a week</b>
          <span className="text-muted block text-xs">hatched: what is meant. Line: what is free</span>
        </span>
        <div className="season-strip">
          <div className="season-time">
            <div style={{ ...style, height: HOURS_PX }}>
              <HoursChart view={view} steps={hours} />
            </div>
          </div>
          <Values steps={hours} height={HOURS_PX} unit=" h" />
        </div>
      </div>
      <div className="season-row" style={{ height: BOXES_PX + 2 }}>
        <span className="season-name text-sm leading-tight whitespace-normal!">
          <b>Boxes out</b>
          <span className="text-muted block text-xs">N nucs, B brood boxes, S supers. Thin: what there is</span>
        </span>
        <div className="season-strip">
          <div className="season-time">
            <div style={{ ...style, height: BOXES_PX }}>
              <BoxesChart view={view} steps={boxes} />
            </div>
          </div>
          <Values steps={boxes} height={BOXES_PX} unit="" />
        </div>
      </div>
    </div>
  );
}

/** What the lines are called: it stays where it is while the days move. */
function Values({ steps, height, unit }: { readonly steps: Steps; readonly height: number; readonly unit: string }) {
  return valuesOf(steps).map((value) => (
    <span
      key={value}
      className="absolute left-1 bg-ground px-0.5 text-xs leading-none"
      style={{ top: height * (1 - value / steps.most) - 6 }}
    >
      {value}
      {unit}
    </span>
  ));
}

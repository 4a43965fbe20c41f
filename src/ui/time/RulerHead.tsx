import type { ReactNode } from 'react';
import type { Axis } from './axis';
import { DayRuler, type DueByDay } from './DayRuler';

/** The head of a screen: what is true, and beside it the days that everything below stands under. */
export function RulerHead({
  axis,
  due,
  title,
  below,
}: {
  axis: Axis;
  due?: DueByDay;
  title: string;
  below?: ReactNode;
}) {
  return (
    <div className="lane lane-bare ruler-row">
      <div className="lane-words py-2">
        <h1 className="text-2xl wide:text-3xl">{title}</h1>
        {below && <div className="text-muted text-sm">{below}</div>}
      </div>
      <DayRuler axis={axis} due={due} />
    </div>
  );
}

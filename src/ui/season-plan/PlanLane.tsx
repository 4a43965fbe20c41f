'use client';

import Link from 'next/link';
import type { Day } from '../../core/calendar/day';
import type { PlanRow } from '../../views/season-plan-view';
import { WAY_WORDS } from '../../words/season-plan';
import { IntentionTag } from './IntentionTag';
import { lanesOf } from './lanes-of';

const LINE_PX = 34;
/** The name, with how it is run below it. */
const NAME_PX = 50;

interface Props {
  readonly row: PlanRow;
  readonly origin: Day;
  readonly daysOf: (px: number) => number;
}

/** What is meant with one colony over its season. What was begun is a programme, and stands on the sheet of the season. */
export function PlanLane({ row: { colonyId, name, plan, intentions }, origin, daysOf }: Props) {
  if (!plan) return null;
  const lanes = lanesOf(intentions);
  const height = Math.max(NAME_PX, LINE_PX * Math.max(1, ...lanes.map((lane) => lane + 1)) + 6);
  return (
    <div className="season-row" style={{ height }} data-colony={name}>
      <Link prefetch={false} href={`/colonies/${colonyId}`} className="season-name no-underline hover:underline">
        <b className="font-display">{name}</b>
        <span className="text-muted block truncate text-xs">{WAY_WORDS[plan.way].name}</span>
      </Link>
      <div className="season-strip">
        <div className="season-time">
          {intentions.map((intention, i) => (
            <IntentionTag
              key={intention.key}
              intention={intention}
              plan={plan}
              colonyName={name}
              origin={origin}
              top={4 + (lanes[i] ?? 0) * LINE_PX}
              daysOf={daysOf}
            />
          ))}
        </div>
      </div>
    </div>
  );
}

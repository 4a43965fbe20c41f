import { z } from 'zod';
import { formatDay } from '../../core/calendar/day';
import { type CellObservation, dateCells } from '../../core/cells/date-cells';
import { CELL_STAGES } from '../../core/cells/stage';
import { THOROUGHNESS } from '../../core/cells/thoroughness';
import { dayField } from '../../core/facts/day-field';
import { type IssueInWords, refusal } from '../../words/issues';
import { command } from '../command';
import { writeDay, writeRange, writeWindow } from '../write';

const input = z.strictObject({
  observations: z.array(z.strictObject({ cell: z.string().min(1).max(100), on: dayField, stage: z.enum(CELL_STAGES) })),
  checks: z
    .array(
      z.strictObject({ on: dayField, thoroughness: z.enum(THOROUGHNESS), cellsRemoved: z.boolean().default(false) }),
    )
    .default([]),
  queenRemoved: dayField.optional(),
});

/** When each cell was laid, is sealed and lets its virgin out, from everything seen of it. */
export const dateCellsCommand = command({
  input,
  pastDays: ({ observations, checks, queenRemoved }) => [
    ...observations.map(({ on }, i) => ({ path: ['observations', i, 'on'], day: on })),
    ...checks.map(({ on }, i) => ({ path: ['checks', i, 'on'], day: on })),
    ...(queenRemoved === undefined ? [] : [{ path: ['queenRemoved'], day: queenRemoved }]),
  ],
  run: ({ observations, checks, queenRemoved }) => {
    const issues = historyIssues(observations);
    if (issues.length > 0) return refusal(...issues);
    const { cells, colony } = dateCells(observations, checks, queenRemoved ?? null);
    return {
      ok: true,
      value: {
        cells: cells.map(({ cell, status, laid, sealing, emergence, conflict }) => ({
          cell,
          status,
          laid: writeRange(laid),
          sealing: writeWindow(sealing),
          emergence: writeWindow(emergence),
          conflict: conflict && { between: conflict.between, kind: conflict.kind },
        })),
        colony: {
          firstSealing: writeDay(colony.firstSealing),
          firstEmergence: writeDay(colony.firstEmergence),
          lastEmergence: writeDay(colony.lastEmergence),
        },
      },
    };
  },
});

/** A cell has one stage a day, and none after it was removed. */
function historyIssues(observations: readonly CellObservation[]): IssueInWords[] {
  const stageOnDay = new Set<string>();
  const removedOn = new Map<string, number>();
  for (const { cell, on, stage } of observations) {
    if (stage === 'removed') removedOn.set(cell, Math.min(on, removedOn.get(cell) ?? on));
  }
  return observations.flatMap(({ cell, on }, i): IssueInWords[] => {
    const key = JSON.stringify([cell, on]);
    const again = stageOnDay.has(key);
    stageOnDay.add(key);
    if (again) {
      const message = `cell ${cell} already has an observation on ${formatDay(on)}; keep one of the two`;
      return [{ path: ['observations', i, 'on'], code: 'duplicate-observation', message }];
    }
    const removed = removedOn.get(cell);
    if (removed === undefined || on <= removed) return [];
    const message = `cell ${cell} was removed before this day; leave this out or correct the removal`;
    return [{ path: ['observations', i, 'on'], code: 'after-removed', message }];
  });
}

import { figure } from '../biology/figure';
import { addDays, type Day, earliestOf, latestOf } from '../calendar/day';
import type { Window } from '../calendar/window';
import { dateCell } from '../cells/dating';
import { isLive, isSealed } from '../cells/stage';
import type { DatedCellsSeen } from './inspection-seen';
import type { ReadingName } from './reading';

const AFTER = 'days-after-inspection';
const EARLY_PREPARING = figure('cups-with-eggs-act-within', 3, AFTER, 'caution');
const QUEEN_MISSING = figure('queen-missing-test-frame-within', 3, AFTER, 'caution');
const NOT_LAYING = figure('queen-there-but-not-laying-look-again-within', 4, AFTER, 'caution');
const WEEK = figure('drone-laying-or-congested-act-within', 7, AFTER, 'caution');

function dated(on: Day, cell: DatedCellsSeen): { sealing: Window | null; emergence: Window | null } {
  const sights = [{ on, stage: cell.stage, index: 0 }];
  return cell.dates ?? dateCell({ sights, checks: [], queenRemoved: null });
}

/** The day on which the first of the windows begins, or `fallback` when there is none. */
function firstOf(windows: readonly (Window | null)[], fallback: Day): Day {
  const [first, ...rest] = windows.filter((window) => window !== null).map(({ earliest }) => earliest);
  return first === undefined ? fallback : earliestOf(first, ...rest);
}

/** The last day on which acting on a reading still helps; null where the next routine look will do. Never before `on`. */
export function actBy(reading: ReadingName, on: Day, cells: readonly DatedCellsSeen[]): Day | null {
  const dayBeforeSealing = () => {
    const sealings = cells.filter(({ stage }) => isLive(stage)).map((cell) => dated(on, cell).sealing);
    return latestOf(on, addDays(firstOf(sealings, on), -1));
  };
  switch (reading) {
    case 'cast-risk':
    case 'swarm-imminent':
      return on;
    case 'preparing':
      return dayBeforeSealing();
    case 'early-preparing':
      return earliestOf(addDays(on, EARLY_PREPARING.value), dayBeforeSealing());
    case 'swarmed': {
      const emergences = cells.filter(({ stage }) => isSealed(stage)).map((cell) => dated(on, cell).emergence);
      return latestOf(on, addDays(firstOf(emergences, on), -1));
    }
    case 'queen-missing':
      return addDays(on, QUEEN_MISSING.value);
    case 'not-laying':
      return addDays(on, NOT_LAYING.value);
    case 'drone-laying':
    case 'congested':
      return addDays(on, WEEK.value);
    default:
      return null;
  }
}

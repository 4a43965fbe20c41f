import { addDays, earliestOf, latestOf } from '../calendar/day';
import { emergenceOf, type TrackedCell } from '../colony/track-cells';
import { checkKey } from '../programmes/check-key';
import type { FollowUpState } from '../programmes/follow-up-state';
import { aCheck, type Check } from './check';
import { say } from './says';

/**
 * The follow-ups of a colony's programmes that are still due. Live cells above the excluder of a Demaree bring the clearing of its
 * top box forward to the day before the first virgin could be out up there, or call for it once more; where no programme asks for it
 * (none was begun, or only sealed brood went up) they ask by themselves.
 */
export function programmeChecks(followUps: readonly FollowUpState[], cellsAbove: readonly TrackedCell[]): Check[] {
  const due = followUps.filter(({ status }) => status === 'due');
  const checks = due.map(asCheck);
  const emergence = emergenceOf(cellsAbove);
  const clearing = followUps.findLast(({ code }) => code === 'clear-top-cells');
  const [first, ...others] = cellsAbove.map(({ lastSeen }) => lastSeen);
  if (!emergence || first === undefined) return checks;
  const seenOn = latestOf(first, ...others);
  const lastDay = latestOf(seenOn, addDays(emergence.earliest, -1));
  const latest = clearing?.status === 'due' ? earliestOf(lastDay, latestOf(clearing.window.latest, seenOn)) : lastDay;
  const asked = {
    window: { earliest: seenOn, ideal: latestOf(seenOn, addDays(latest, -1)), latest },
    why: say('live-cells-above', { virginFrom: emergence.earliest }),
  };
  const brought: Check = clearing
    ? { ...asCheck(clearing), ...asked }
    : aCheck({
        key: checkKey('act', `above:${cellsAbove[0]?.cell.id}`),
        code: 'act',
        order: say('break-down-cells-above'),
        ...asked,
      });
  return [...checks.filter(({ key }) => key !== brought.key), brought];
}

function asCheck({ key, code, window, why, programmeId, unit }: FollowUpState): Check {
  return aCheck({ key, code, window, why, programme: { id: programmeId, unit } });
}

import type { Day } from '../calendar/day';
import type { CheckChangeFact } from '../programmes/facts';
import type { Said } from '../says/said';
import type { Check, LeaveShut } from './check';
import { shutOn } from './leave-shut-wins';
import { say } from './says';

/** A check that the keeper left out, with the reason given. */
export interface SkippedCheck {
  readonly check: Check;
  readonly reason: string;
  readonly on: Day;
}

/** The checks as the keeper changed them: moved ones with their chosen day, left-out ones apart. The latest change of each counts. */
export function applyChanges(
  checks: readonly Check[],
  changes: readonly CheckChangeFact[],
): { readonly checks: readonly Check[]; readonly skipped: readonly SkippedCheck[] } {
  const latest = new Map<string, CheckChangeFact>();
  for (const change of changes) {
    const known = latest.get(change.key);
    if (!known || change.at >= known.at) latest.set(change.key, change);
  }
  const kept: Check[] = [];
  const skipped: SkippedCheck[] = [];
  for (const check of checks) {
    const change = latest.get(check.key);
    if (change?.kind === 'skipped') skipped.push({ check, reason: change.reason, on: change.on });
    else kept.push(change?.kind === 'moved' ? { ...check, plannedFor: change.to } : check);
  }
  return { checks: kept, skipped };
}

/** What is risked by doing a check on a day; null when the day is inside its window and the hive may be opened. */
export function riskOfDay(
  { code, window }: Pick<Check, 'code' | 'window'>,
  spans: readonly LeaveShut[],
  day: Day,
): Said | null {
  const { earliest, latest } = window;
  const shut = shutOn(spans, day);
  if (shut) return say('leave-shut-to', { to: shut.to });
  if (day > latest) return say('after-last-day', { code, day, latest });
  return day < earliest ? say('before-first-day', { code, day, earliest }) : null;
}

import type { Day } from '../calendar/day';
import { dayWords } from '../calendar/words';
import type { CheckChangeFact } from '../programmes/facts';
import type { Check, CheckCode, LeaveShut } from './check';
import { shutOn } from './leave-shut-wins';

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

/** What is risked when a check comes after its window. */
const TOO_LATE: { readonly [C in CheckCode]?: string } = {
  look: 'A missed cell may be sealed by then, and the swarm gone.',
  act: 'It may have swarmed by then.',
  'find-cells': 'A virgin may be out by then, and casts may follow.',
  'thin-cells': 'A virgin may be out by then, and casts may follow.',
  'move-parent': 'The parent keeps its flying bees, and casts are likelier.',
  eggs: 'Without open brood for three weeks workers begin to lay.',
  released: 'She may starve, or be blocked in.',
  'clear-top-cells': 'A virgin may be out above the excluder by then.',
  'bottom-check': 'Cells below may be sealed by then.',
  'board-in': 'Over an excluder the part above may start no cells, and bees wander back to her.',
  'which-half': 'A virgin may be out by then, and the half with her must be left shut.',
  'read-comb': 'Its cells go on developing, and you still do not know.',
};

/** What is risked when a check comes before its window. */
const TOO_EARLY: { readonly [C in CheckCode]?: string } = {
  'find-cells': 'Larvae still young enough can become cells after you have looked.',
  'thin-cells': 'Larvae still young enough can become cells after you have looked.',
  'clear-top-cells': 'Larvae still young enough can become cells after you have looked.',
  'board-in': 'The young bees may not have come up yet, and the brood above is chilled.',
  'which-half': 'Eggs laid before the split may still be there and tell nothing.',
  eggs: 'She may not lay yet; opening the hive can lose her.',
  released: 'A queen freed too soon may be killed.',
  'read-comb': 'They may not have started on it.',
};

/** What is risked by doing a check on a day; null when the day is inside its window and the hive may be opened. */
export function riskOfDay(check: Pick<Check, 'code' | 'window'>, spans: readonly LeaveShut[], day: Day): string | null {
  const { earliest, latest } = check.window;
  const shut = shutOn(spans, day);
  if (shut) return `Leave the hive shut up to and including ${dayWords(shut.to)}: opening it can lose the virgin.`;
  if (day > latest)
    return `${dayWords(day)} is after the last good day, ${dayWords(latest)}. ${TOO_LATE[check.code] ?? 'What it should catch may have happened already.'}`;
  if (day < earliest)
    return `${dayWords(day)} is before the first good day, ${dayWords(earliest)}. ${TOO_EARLY[check.code] ?? 'It may be too soon to tell.'}`;
  return null;
}

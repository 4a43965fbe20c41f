import type { Looked } from '../brood/looked';
import { showsEggs, type YoungestBrood } from '../brood/youngest';
import { dayOfMinute } from '../calendar/day';
import type { Issue } from '../problems/issue';
import { say } from '../problems/says';
import type { CellFact, CellFinding, InspectionFact } from './facts';
import { type Lifetime, timeIssue } from './time-of-fact';

/** As much of an inspection as can contradict what is already known of its colony. */
export interface EntryToCheck {
  readonly id: string;
  readonly at: string;
  /** The last day on which it may have been, `YYYY-MM-DD`; null: the day is certain. */
  readonly to: string | null;
  /** The minute at which the hive was shut again; null or absent: not noted. */
  readonly until?: string | null | undefined;
  readonly eggs: Looked;
  readonly youngest: YoungestBrood | null;
  readonly cells: readonly {
    readonly cellId: string;
    readonly found: CellFinding;
    readonly takenDown: boolean;
    readonly newCell: object | null;
  }[];
}

/** What of a colony an inspection is held against. */
export interface KnownOfColony extends Lifetime {
  readonly cells: readonly Pick<CellFact, 'id' | 'label'>[];
  readonly inspections: readonly Pick<InspectionFact, 'id' | 'at' | 'on' | 'cells'>[];
}

/**
 * What in an inspection cannot be: a time to come, before the colony or after its end, a minute that has an inspection already,
 * a cell that is not the colony's or is named twice, a stage on a cell already broken down (or breaking down one that was seen again
 * later), eggs against the youngest brood. An earlier version of the same entry does not count against it.
 *
 * @param now the local minute, `YYYY-MM-DDTHH:mm`; null: it is not held against a clock
 */
export function checkEntry(entry: EntryToCheck, facts: KnownOfColony, now: string | null): readonly Issue[] {
  const issues = [...timeIssues(entry, facts, now), ...cellIssues(entry, facts)];
  const eggsYoungest = showsEggs(entry.youngest);
  if (entry.eggs === 'seen' && entry.youngest !== null && !eggsYoungest) {
    const message = say('eggs-were-seen-against-youngest', { youngest: entry.youngest });
    issues.push({ path: ['youngest'], code: 'contradiction', message });
  }
  if (entry.eggs === 'none' && eggsYoungest) {
    const message = say('no-eggs-against-youngest');
    issues.push({ path: ['youngest'], code: 'contradiction', message });
  }
  return issues;
}

function timeIssues({ id, at, to, until = null }: EntryToCheck, facts: KnownOfColony, now: string | null): Issue[] {
  const clock = now === null ? null : { minute: now, today: dayOfMinute(now) };
  const wrong = timeIssue({ at, to }, facts, clock);
  if (wrong) return [wrong];
  const shut = until === null ? null : timeIssue({ at: until }, null, clock, { at: ['until'], to: ['until'] });
  if (shut) return [shut];
  if (until !== null && (until < at || dayOfMinute(until) !== dayOfMinute(at)))
    return [{ path: ['until'], code: 'contradiction', message: say('ends-before-it-begins') }];
  if (facts.inspections.some((other) => other.id !== id && other.at === at)) {
    return [{ path: ['at'], code: 'duplicate-minute', message: say('same-minute') }];
  }
  return [];
}

function cellIssues({ id, at, cells }: EntryToCheck, facts: KnownOfColony): Issue[] {
  const known = new Map(facts.cells.map((cell) => [cell.id, cell.label]));
  const others = facts.inspections.filter((other) => other.id !== id);
  const named = new Set<string>();
  return cells.flatMap(({ cellId, found, takenDown, newCell }, i): Issue[] => {
    const path = ['cells', i, 'found'];
    const label = known.get(cellId) ?? '';
    if (named.has(cellId)) {
      return [{ path, code: 'duplicate-observation', message: say('cell-named-twice', { label }) }];
    }
    named.add(cellId);
    if (!newCell && !known.has(cellId)) {
      return [{ path, code: 'unknown-reference', message: say('cell-of-no-such-colony') }];
    }
    const takenBefore = others.find((other) => other.at < at && other.cells.some(takes(cellId)));
    if (takenBefore) {
      const message = say('cell-broken-down-before', { label, on: takenBefore.on });
      return [{ path, code: 'after-removed', message }];
    }
    if (!takenDown && found !== 'removed') return [];
    const seenLater = others.find((other) => other.at > at && other.cells.some((seen) => seen.cellId === cellId));
    if (!seenLater) return [];
    const message = say('cell-seen-again-later', { label, on: seenLater.on });
    return [{ path, code: 'after-removed', message }];
  });
}

const takes = (id: string) => (seen: { cellId: string; found: CellFinding; takenDown: boolean }) =>
  seen.cellId === id && (seen.takenDown || seen.found === 'removed');

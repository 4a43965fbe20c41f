import { showsEggs, YOUNGEST_WORDS, type YoungestBrood } from '../brood/youngest';
import { dayOfMinute } from '../calendar/day';
import { isToCome } from '../calendar/now';
import { minuteWords, weekdayWords } from '../calendar/words';
import type { Looked } from '../inspections/looked';
import type { Issue } from '../problems/issue';
import type { CellFinding, ColonyFacts } from './facts';

/** As much of an inspection as can contradict what is already known of its colony. */
export interface EntryToCheck {
  readonly id: string;
  readonly at: string;
  /** The last day on which it may have been, `YYYY-MM-DD`; null: the day is certain. */
  readonly to: string | null;
  readonly eggs: Looked;
  readonly youngest: YoungestBrood | null;
  readonly cells: readonly {
    readonly cellId: string;
    readonly found: CellFinding;
    readonly takenDown: boolean;
    readonly newCell: object | null;
  }[];
}

/**
 * What in an inspection cannot be: a time to come, before the colony or after its end, a minute that has an inspection already,
 * a cell that is not the colony's or is named twice, a stage on a cell already broken down (or breaking down one that was seen again
 * later), eggs against the youngest brood. An earlier version of the same entry does not count against it.
 *
 * @param now the local minute, `YYYY-MM-DDTHH:mm`; null: it is not held against a clock
 */
export function checkEntry(entry: EntryToCheck, facts: ColonyFacts, now: string | null): readonly Issue[] {
  const issues = [...timeIssues(entry, facts, now), ...cellIssues(entry, facts)];
  const eggsYoungest = showsEggs(entry.youngest);
  if (entry.eggs === 'seen' && entry.youngest !== null && !eggsYoungest) {
    const message = `Eggs were seen, so the youngest brood is eggs, not ${YOUNGEST_WORDS[entry.youngest]}. Correct one of the two.`;
    issues.push({ path: ['youngest'], code: 'contradiction', message });
  }
  if (entry.eggs === 'none' && eggsYoungest) {
    const message = 'No eggs were found, so the youngest brood cannot be eggs. Correct one of the two.';
    issues.push({ path: ['youngest'], code: 'contradiction', message });
  }
  return issues;
}

function timeIssues({ id, at, to }: EntryToCheck, facts: ColonyFacts, now: string | null): Issue[] {
  const path = ['at'];
  const on = dayOfMinute(at);
  if (now !== null && isToCome(at, now)) {
    const message = `The inspection lies in the future. It is ${minuteWords(now)} now: give a time up to then.`;
    return [{ path, code: 'in-the-future', message }];
  }
  if (to !== null && (to < at.slice(0, 10) || (now !== null && to > now.slice(0, 10)))) {
    const message = 'The last day comes before the first, or lies in the future. Correct one of the two.';
    return [{ path: ['to'], code: 'out-of-range', message }];
  }
  if (on < facts.startedOn) {
    const message = `The colony begins on ${weekdayWords(facts.startedOn)}. Give a later day, or correct the colony’s first day.`;
    return [{ path, code: 'before-colony', message }];
  }
  if (facts.endedOn !== null && on > facts.endedOn) {
    const message = `The colony ended on ${weekdayWords(facts.endedOn)}. Give an earlier day, or correct its end.`;
    return [{ path, code: 'after-colony-ended', message }];
  }
  if (facts.inspections.some((other) => other.id !== id && other.at === at)) {
    const message = 'There is an inspection at this very minute already. Give another minute, or correct that one.';
    return [{ path, code: 'duplicate-minute', message }];
  }
  return [];
}

function cellIssues({ id, at, cells }: EntryToCheck, facts: ColonyFacts): Issue[] {
  const known = new Map(facts.cells.map((cell) => [cell.id, cell.label]));
  const others = facts.inspections.filter((other) => other.id !== id);
  const named = new Set<string>();
  return cells.flatMap(({ cellId, found, takenDown, newCell }, i): Issue[] => {
    const path = ['cells', i, 'found'];
    const label = known.get(cellId) ?? '';
    if (named.has(cellId)) {
      return [{ path, code: 'duplicate-observation', message: `Cell ${label} is named twice. Keep one of the two.` }];
    }
    named.add(cellId);
    if (!newCell && !known.has(cellId)) {
      return [
        { path, code: 'unknown-reference', message: 'This cell is not one of the colony’s. Enter it as a new cell.' },
      ];
    }
    const takenBefore = others.find((other) => other.at < at && other.cells.some(takes(cellId)));
    if (takenBefore) {
      const message = `Cell ${label} was broken down on ${weekdayWords(takenBefore.on)}. Leave it out here, or correct that entry.`;
      return [{ path, code: 'after-removed', message }];
    }
    if (!takenDown && found !== 'removed') return [];
    const seenLater = others.find((other) => other.at > at && other.cells.some((seen) => seen.cellId === cellId));
    if (!seenLater) return [];
    const message = `Cell ${label} was seen again on ${weekdayWords(seenLater.on)}, so it was not broken down here. Correct one of the two.`;
    return [{ path, code: 'after-removed', message }];
  });
}

const takes = (id: string) => (seen: { cellId: string; found: CellFinding; takenDown: boolean }) =>
  seen.cellId === id && (seen.takenDown || seen.found === 'removed');

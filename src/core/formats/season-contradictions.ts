import { showsEggs } from '../brood/youngest';
import { isBeforeColony } from '../colony/known-since';
import type { FollowUpCode } from '../methods/method';
import type { Issue, IssueCode } from '../problems/issue';
import { say } from '../problems/says';
import { meaningOf } from '../programmes/answers';
import type { Said } from '../says/said';
import type { SeasonFacts } from './season-file';

type At = readonly (string | number)[];

const issue = (path: At, code: IssueCode, message: Said): Issue => ({ path: ['facts', ...path], code, message });

/**
 * What no entry would have been taken with, looked for in a whole season: a last day before the first, eggs against the youngest
 * brood, a look before its colony, a cell seen after it was broken down or twice at one look, an answer that its check does not have, a
 * check moved to no day. What was taken out of the records does not count.
 */
export function contradictionsIn(facts: SeasonFacts): readonly Issue[] {
  return [...inColonies(facts), ...inInspections(facts), ...inSights(facts), ...inChecks(facts)];
}

function inColonies({ colonies }: SeasonFacts): readonly Issue[] {
  return colonies.flatMap(({ startedOn, endedOn }, i) =>
    endedOn !== null && endedOn < startedOn
      ? [issue(['colonies', i, 'endedOn'], 'contradiction', say('ends-before-it-begins'))]
      : [],
  );
}

function inInspections({ inspections, colonies }: SeasonFacts): readonly Issue[] {
  const colonyOf = new Map(colonies.map((colony) => [colony.id, colony]));
  return inspections.flatMap(({ colonyId, at, to, eggs, youngest, deletedAt }, i): Issue[] => {
    if (deletedAt !== null) return [];
    const found: Issue[] = [];
    if (to !== null && to < at.slice(0, 10)) {
      const message = say('last-day-before-first');
      found.push(issue(['inspections', i, 'to'], 'out-of-range', message));
    }
    const colony = colonyOf.get(colonyId);
    if (colony && isBeforeColony(colony, at.slice(0, 10))) {
      const message = say('before-its-colony');
      found.push(issue(['inspections', i, 'at'], 'before-colony', message));
    }
    const isAgainst =
      (eggs === 'none' && showsEggs(youngest)) || (eggs === 'seen' && youngest !== null && !showsEggs(youngest));
    if (isAgainst) {
      const message = say('eggs-against-youngest');
      found.push(issue(['inspections', i, 'youngest'], 'contradiction', message));
    }
    return found;
  });
}

/** Sights of each cell in order of time: nothing follows its being broken down, and a look sees it once. */
function inSights({ inspections, cellObservations }: SeasonFacts): readonly Issue[] {
  const timeOf = new Map(
    inspections.flatMap(({ id, at, deletedAt }) => (deletedAt === null ? [[id, at] as const] : [])),
  );
  const sights = cellObservations
    .flatMap((sight, i) => {
      const at = timeOf.get(sight.inspectionId);
      return at === undefined ? [] : [{ ...sight, at, i }];
    })
    .sort((a, b) => (a.at < b.at ? -1 : a.at > b.at ? 1 : a.i - b.i));
  const takenAt = new Map<string, string>();
  const seen = new Set<string>();
  return sights.flatMap(({ cellId, inspectionId, found, takenDown, at, i }): Issue[] => {
    const once = `${inspectionId} ${cellId}`;
    if (seen.has(once)) {
      const message = say('cell-seen-twice-at-once');
      return [issue(['cellObservations', i, 'cellId'], 'duplicate-observation', message)];
    }
    seen.add(once);
    const gone = takenAt.get(cellId);
    if (gone !== undefined && gone < at) {
      const message = say('cell-broken-down-earlier');
      return [issue(['cellObservations', i, 'found'], 'after-removed', message)];
    }
    if (takenDown || found === 'removed') takenAt.set(cellId, at);
    return [];
  });
}

function inChecks({ checkAnswers, checkChanges }: SeasonFacts): readonly Issue[] {
  return [
    ...checkAnswers.flatMap(({ code, answer }, i) =>
      meaningOf(code as FollowUpCode, answer)
        ? []
        : [issue(['checkAnswers', i, 'answer'], 'not-one-of', say('no-such-answer'))],
    ),
    ...checkChanges.flatMap(({ kind, to }, i) =>
      (kind === 'moved') === (to !== null)
        ? []
        : [issue(['checkChanges', i, 'to'], 'missing', say('moved-without-a-day'))],
    ),
  ];
}

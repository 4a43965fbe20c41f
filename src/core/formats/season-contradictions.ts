import { showsEggs } from '../brood/youngest';
import { timeIssue } from '../colony/time-of-fact';
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
 * brood, anything of a colony before it began, a cell seen after it was broken down or twice at one look, an answer that its check does not have, a
 * check moved to no day. What was taken out of the records does not count.
 */
export function contradictionsIn(facts: SeasonFacts): readonly Issue[] {
  return [...inColonies(facts), ...inTime(facts), ...inInspections(facts), ...inSights(facts), ...inChecks(facts)];
}

function inColonies({ colonies }: SeasonFacts): readonly Issue[] {
  return colonies.flatMap(({ startedOn, endedOn }, i) =>
    endedOn !== null && endedOn < startedOn
      ? [issue(['colonies', i, 'endedOn'], 'contradiction', say('ends-before-it-begins'))]
      : [],
  );
}

interface Timed {
  readonly colonyId: string;
  readonly deletedAt: string | null;
  readonly at?: string | null;
  readonly on?: string;
  readonly to?: string | null;
}

/**
 * Facts of a colony at a time at which it was not there yet, or with a last day before the first. What lies after its end stays: an end
 * may have been put down, or corrected, to before what was known, and nothing that was exported is refused for it.
 */
function inTime(facts: SeasonFacts): readonly Issue[] {
  const { inspections, queenEvents, programmes, surveys, foodEntries } = facts;
  const colonyOf = new Map(facts.colonies.map((colony) => [colony.id, { ...colony, endedOn: null }]));
  const lists = { inspections, queenEvents, programmes, surveys, foodEntries };
  return Object.entries(lists).flatMap(([list, all]: readonly [string, readonly Timed[]]) =>
    all.flatMap(({ colonyId, at, on, to = null, deletedAt }, i): Issue[] => {
      if (deletedAt !== null) return [];
      const field = on === undefined ? 'at' : 'on';
      const fields = { at: ['facts', list, i, field], to: ['facts', list, i, 'to'] };
      const wrong = timeIssue({ at: on ?? at ?? '', to }, colonyOf.get(colonyId) ?? null, null, fields);
      return wrong ? [wrong] : [];
    }),
  );
}

function inInspections({ inspections }: SeasonFacts): readonly Issue[] {
  return inspections.flatMap(({ eggs, youngest, deletedAt }, i): Issue[] => {
    if (deletedAt !== null) return [];
    const found: Issue[] = [];
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

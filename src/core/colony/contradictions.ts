import { type Day, daysBetween } from '../calendar/day';
import type { FollowUpCode } from '../methods/method';
import type { CheckAnswerFact } from '../programmes/facts';
import type { InspectionFact } from './facts';

/** Two things said of one colony on one day that cannot both be so. Both are kept; the later counts until the keeper settles it. */
export type Contradiction =
  | { readonly kind: 'eggs'; readonly on: Day; readonly seenAt: string; readonly noneAt: string }
  | {
      readonly kind: 'answers';
      readonly on: Day;
      readonly code: FollowUpCode;
      /** Local minutes and what was answered, in order of time. */
      readonly first: { readonly at: string; readonly answer: string };
      readonly second: { readonly at: string; readonly answer: string };
    };

/** Days after which nobody remembers any more which it was. */
const SETTLED_AFTER = 14;

/**
 * What was said twice and differently on one day, newest first: eggs seen at one look and looked for without success at another; two
 * answers to one check. Two looks that found or did not find the queen are none: she is easily missed.
 *
 * @param today those of more than two weeks before are past
 */
export function contradictionsOf(
  looks: readonly InspectionFact[],
  answers: readonly CheckAnswerFact[],
  today: Day,
): readonly Contradiction[] {
  const recent = <T extends { readonly on: Day }>(facts: readonly T[]) =>
    facts.filter(({ on }) => on <= today && daysBetween(on, today) <= SETTLED_AFTER);
  const byEggs = recent(looks)
    .filter(({ eggs }) => eggs === 'seen')
    .flatMap(({ on, at }): Contradiction[] => {
      const none = recent(looks).find((other) => other.on === on && other.eggs === 'none');
      return none ? [{ kind: 'eggs', on, seenAt: at, noneAt: none.at }] : [];
    });
  const given = [...recent(answers)].sort((a, b) => (a.at < b.at ? -1 : a.at > b.at ? 1 : a.id < b.id ? -1 : 1));
  const byAnswers = given.flatMap((second, i): Contradiction[] => {
    const first = given.slice(0, i).findLast((one) => isSameCheck(one, second));
    if (!first || first.on !== second.on || first.answer === second.answer) return [];
    const said = ({ at, answer }: CheckAnswerFact) => ({ at, answer });
    return [{ kind: 'answers', on: second.on, code: second.code, first: said(first), second: said(second) }];
  });
  return [...byEggs, ...byAnswers].sort((a, b) => b.on - a.on);
}

const isSameCheck = (a: CheckAnswerFact, b: CheckAnswerFact): boolean =>
  a.programmeId === b.programmeId && a.code === b.code && a.nth === b.nth && a.colonyId === b.colonyId;

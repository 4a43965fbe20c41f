import { minutesIn, type Span, within } from '../settings/free-time';
import type { PlannedDay } from './planned-days';
import type { VisitCheck } from './to-visit';

interface RoundOfDay {
  readonly apiary: string;
  readonly wayMinutes: number;
  readonly visits: readonly Pick<VisitCheck, 'minutes' | 'opens' | 'weight' | 'isLate'>[];
}

/** More rounds than this are not tried in every order. */
const TRIED_AT_MOST = 4;

/**
 * When the keeper is at the hives on each round of a day, one after the other, in minutes since midnight: half the way there, the work within
 * hours that are fit for it, half the way back. The order that has all of them done first; of those the one with the gravest first.
 *
 * @returns in the order of the rounds; null: in no order do they all go into the day
 */
export function roundHours(day: PlannedDay, rounds: readonly RoundOfDay[]): readonly Span[] | null {
  // Of two as grave, the one that is late.
  const gravest = ({ visits }: RoundOfDay) =>
    Math.max(0, ...visits.map(({ weight, isLate }) => weight + (isLate ? 1 / 2 : 0)));
  const inOrder = rounds.map((round, i) => ({ round, i })).sort((a, b) => gravest(b.round) - gravest(a.round));
  const orders = rounds.length <= TRIED_AT_MOST ? permutations(inOrder) : [inOrder];
  for (const order of orders) {
    const spans = oneAfterAnother(
      day,
      order.map(({ round }) => round),
    );
    if (!spans) continue;
    const byPlace = new Map(order.map(({ i }, place) => [i, spans[place] as Span]));
    return rounds.map((_, i) => byPlace.get(i) as Span);
  }
  return null;
}

function oneAfterAnother(day: PlannedDay, rounds: readonly RoundOfDay[]): readonly Span[] | null {
  const [first, last] = [day.free[0], day.free.at(-1)];
  if (!first || !last) return null;
  let at = first.from;
  const spans: Span[] = [];
  for (const round of rounds) {
    const half = Math.ceil(round.wayMinutes / 2);
    const span = atHives(day, round, at + half);
    if (!span || span.to + half > last.to) return null;
    spans.push(span);
    at = span.to + half;
  }
  return spans;
}

/** From the first minute in which there can be work until it is done. What opens the nest goes first; all of it within fit hours. */
function atHives(day: PlannedDay, { apiary, visits }: RoundOfDay, earliest: number): Span | null {
  const fit = day.there.get(apiary);
  const opens = visits.some((visit) => visit.opens);
  const spans = fit ? (opens ? fit.open : fit.brief) : day.free;
  const left = within(spans, { from: earliest, to: Number.POSITIVE_INFINITY });
  const work = visits.reduce((sum, { minutes }) => sum + minutes, 0);
  const [begin] = left;
  // Nothing to do there, or a round that stands whatever the weather: it is made as soon as it can be.
  if (work === 0) return { from: begin?.from ?? earliest, to: begin?.from ?? earliest };
  if (!begin) return null;
  // Looks from above may come after the hours that are fit for more.
  const all = fit && opens ? within(fit.brief, { from: begin.from, to: Number.POSITIVE_INFINITY }) : left;
  if (minutesIn(all) < work) return null;
  let undone = work;
  for (const span of all) {
    if (undone <= span.to - span.from) return { from: begin.from, to: span.from + undone };
    undone -= span.to - span.from;
  }
  return null;
}

function permutations<T>(items: readonly T[]): readonly (readonly T[])[] {
  if (items.length < 2) return [items];
  return items.flatMap((item, i) => permutations(items.filter((_, at) => at !== i)).map((rest) => [item, ...rest]));
}

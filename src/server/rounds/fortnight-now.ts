import 'server-only';
import { createHash } from 'node:crypto';
import type { Now } from '../../core/calendar/now';
import type { Fortnight, FortnightAsked } from '../../core/rounds/plan-fortnight';
import { plannedOn } from '../../core/rounds/planned-on';
import { type MovedVisit, type SeenPlan, type SeenVisit, whatMoved } from '../../core/rounds/what-moved';
import { keptKind } from '../../db/kept';
import type { Book } from '../../db/open';
import { loadSeenPlan, saveSeenPlan } from '../../db/repositories/rounds';
import type { AllApiaries } from '../../views/all-apiaries';
import type { PlannedThere } from '../../views/round-view';
import { bookVersion } from '../book-version';
import { askedNow, planningMinute } from './asked-now';
import { type Planner, planApart } from './plan-apart';

/** The rounds as planned by now, with what they were planned from. */
export interface FortnightNow {
  readonly asked: FortnightAsked;
  readonly fortnight: Fortnight;
  /** Names the plan: another one has another name. */
  readonly version: string;
}

interface KeptPlan {
  /** The book and the moment that it was asked for: with the same of both the question is the same. */
  moment: string;
  readonly question: string;
  readonly answer: Promise<FortnightNow | null>;
  /** The answer once it is there. */
  settled: FortnightNow | null;
}

/** The last plan: it stands until facts, forecast, free time or what is wanted of it change. */
const PLAN = keptKind<KeptPlan>('plan-of-rounds');

/** Maps as lists, so that all of a question is in its name. */
const asText = (asked: FortnightAsked) =>
  createHash('sha256')
    .update(JSON.stringify(asked, (_, value) => (value instanceof Map ? [...value] : value)))
    .digest('hex');

function keptNow(opened: Book, all: AllApiaries, now: Now, zone: string, plan: Planner): KeptPlan {
  const known = opened.kept.last(PLAN, '')?.value;
  const moment = `${bookVersion(opened, now.today)} ${planningMinute(now)} ${zone}`;
  if (known?.moment === moment) return known;
  const asked = askedOrNull(opened, all, now, zone);
  if (!asked) return { moment: '', question: '', settled: null, answer: Promise.resolve(null) };
  const question = asText(asked);
  if (known?.question === question) {
    known.moment = moment;
    return known;
  }
  const kept: KeptPlan = {
    moment,
    question,
    settled: null,
    answer: plan(asked, question).then((made) => {
      const fortnight = made && isOf(asked, made) ? made : null;
      // A planner that failed is asked again the next time.
      if (!fortnight && opened.kept.last(PLAN, '')?.value === kept) opened.kept.drop(PLAN, '');
      kept.settled = fortnight && { asked, fortnight, version: versionOf(fortnight) };
      return kept.settled;
    }),
  };
  opened.kept.put(PLAN, '', [], kept);
  return kept;
}

/** Where the question itself cannot be put together there is no plan; what is due is said all the same. */
function askedOrNull(...by: Parameters<typeof askedNow>): FortnightAsked | null {
  try {
    return askedNow(...by);
  } catch (error) {
    console.error(error);
    return null;
  }
}

/** Whether a plan can be one of what was asked: on its days, at its apiaries, of its checks, none of them twice. */
function isOf({ days, apiaries, visits }: FortnightAsked, { rounds, unmet }: Fortnight): boolean {
  const [on, at, due] = [days.map((one) => one.on), apiaries.map(({ id }) => id), visits.map(({ id }) => id)];
  const done = rounds.flatMap(({ checks }) => checks);
  return (
    rounds.every((round) => on.includes(round.on) && at.includes(round.apiary)) &&
    new Set(done).size === done.length &&
    [...done, ...unmet.map(({ id }) => id)].every((id) => due.includes(id))
  );
}

const versionOf = ({ rounds, unmet }: Fortnight) =>
  createHash('sha256')
    .update(JSON.stringify([rounds, unmet]))
    .digest('hex')
    .slice(0, 16);

/** The plan where it is there already, else the promise of it; null: it could not be made. */
export function fortnightNow(
  opened: Book,
  all: AllApiaries,
  now: Now,
  zone: string,
  plan: Planner = planApart,
): { readonly settled: FortnightNow | null; readonly answer: Promise<FortnightNow | null> } {
  return keptNow(opened, all, now, zone, plan);
}

/** Each check with the day of its round, and what that rested on. */
export function seenIn({ asked, fortnight }: FortnightNow): readonly SeenVisit[] {
  const on = plannedOn(fortnight.rounds);
  const dayAt = new Map(asked.days.map((one) => [one.on, one]));
  return asked.visits.map(({ id, window, apiary }) => {
    const day = on.get(id);
    const of = day === undefined ? undefined : dayAt.get(day);
    return {
      id,
      on: day ?? null,
      window,
      apiary,
      fit: of?.there.get(apiary)?.fit ?? 'unknown',
      freeMinutes: of?.freeMinutes ?? 0,
    };
  });
}

/** What the keeper last saw, and what moved since. */
export function movedSince(
  { db }: Book,
  { asked, fortnight }: FortnightNow,
  now: Now,
): { readonly seen: SeenPlan | null; readonly moved: readonly MovedVisit[] } {
  const seen = loadSeenPlan(db);
  const moved = whatMoved(seen?.visits ?? [], {
    today: now.today,
    days: asked.days,
    visits: asked.visits,
    forbidden: new Set(asked.forbidden),
    on: plannedOn(fortnight.rounds),
  });
  return { seen, moved };
}

/** Notes that the keeper has seen a plan, if it is still the one there is: it is what later ones are held against. */
export async function notePlanSeen(
  opened: Book,
  all: AllApiaries,
  now: Now,
  zone: string,
  version: string,
  plan: Planner = planApart,
): Promise<boolean> {
  const there = await fortnightNow(opened, all, now, zone, plan).answer;
  if (there?.version !== version) return false;
  saveSeenPlan(opened.db, { seenAt: now.minute, visits: seenIn(there) });
  return true;
}

/** What is planned at an apiary. */
export const plannedThere = ({ asked, fortnight }: FortnightNow, apiaryId: string): PlannedThere => ({
  on: plannedOn(fortnight.rounds.filter(({ apiary }) => apiary === apiaryId)),
  gifts: asked.gifts,
});

import { QUEEN_CELL_SEALED } from '../biology/development';
import { figure } from '../biology/figure';
import { addDays, type Day, daysBetween, earliestOf, latestOf } from '../calendar/day';
import type { CheckWindow, DayRange } from '../calendar/window';
import type { MethodName } from '../methods/method';
import { methodNamed } from '../methods/methods';
import type { Season } from '../year/beekeeping-year';
import type { SeasonPlan } from './plan';
import type { SeasonSeen } from './season-seen';
import type { Hook, IntendedAct, WayName } from './way';
import { methodsOf, wayNamed } from './ways/ways';

/**
 * How it stands with something that is meant to be done: its time is still to come; it is there; it is there, and something is in the way for
 * now; it was begun; it gave way to something; or its time went by and nothing was done.
 */
export const INTENTION_STATUSES = ['to-come', 'now', 'held', 'begun', 'dropped', 'lapsed'] as const;
export type IntentionStatus = (typeof INTENTION_STATUSES)[number];

/** Why an intention was dropped or is held, or that its time has come because cells have. */
export type IntentionReason =
  | { readonly code: 'charged-cells' | 'swarmed' | 'ended'; readonly on: Day }
  | { readonly code: 'other-method'; readonly on: Day; readonly method: MethodName }
  | { readonly code: 'keeper' | 'no-laying-queen' | 'act-dropped' };

/** Something that is meant to be done to a colony. It is no check, and dates nothing. */
export interface Intention {
  /** Its act's code, with a number from the second on: `nuc`, `nuc-2`. */
  readonly key: string;
  readonly code: string;
  readonly method: MethodName;
  readonly window: CheckWindow;
  /** The day that it is meant for: as the keeper put it, else the best of its window. */
  readonly on: Day;
  readonly isMoved: boolean;
  /** It is done when charged cells come, and only then. */
  readonly isIfCells: boolean;
  readonly status: IntentionStatus;
  readonly because: IntentionReason | null;
  readonly begun: { readonly programmeId: string | null; readonly on: Day } | null;
}

/** The days of a season that acts hang on. */
export interface SeasonHooks {
  readonly season: Season;
  /** The main flow; null: none is known, and it is taken to begin in the middle of the swarm season. */
  readonly flow: DayRange | null;
}

/** Requeened where nothing else is said: so long after the main flow. */
const REQUEENED_AFTER_FLOW = figure('requeened-after-the-main-flow', 14, 'days', 'caution').value;

/** The first day of the main flow, as known or supposed. */
export const flowFrom = ({ season: { swarms }, flow }: SeasonHooks): Day =>
  flow?.from ?? addDays(swarms.from, Math.floor(daysBetween(swarms.from, swarms.to) / 2));

function hookDay(hook: Hook, hooks: SeasonHooks, plan: SeasonPlan): Day {
  const { season, flow } = hooks;
  switch (hook) {
    case 'build-up':
      return season.from;
    case 'swarms':
      return season.swarms.from;
    case 'flow':
      return flowFrom(hooks);
    case 'by':
      return plan.by ?? earliestOf(season.to, addDays(flow?.to ?? season.swarms.to, REQUEENED_AFTER_FLOW));
  }
}

/** The keys of all acts of a way. */
export const keysOf = (way: WayName, count: number): readonly string[] => actsOf({ way, count }).map(({ key }) => key);

/** The acts of a plan, each as often as it is meant, in the order of the way. */
function actsOf({
  way,
  count,
}: Pick<SeasonPlan, 'way' | 'count'>): readonly { readonly key: string; readonly act: IntendedAct }[] {
  return wayNamed(way).acts.flatMap((act) => {
    const times = act.onceForEachBeyond === undefined ? 1 : Math.max(0, count - act.onceForEachBeyond);
    return Array.from({ length: times }, (_, i) => ({ key: i === 0 ? act.code : `${act.code}-${i + 1}`, act }));
  });
}

const methodOf = (act: IntendedAct, { method }: SeasonPlan): MethodName => {
  const [usual, ...others] = methodsOf(act);
  return method !== null && (method === usual || others.includes(method)) ? method : (usual as MethodName);
};

/**
 * What is meant to be done to a colony in a season, each act with its window, its day and how it stands with it. Facts come first: what was
 * begun is begun, on whatever day and through whatever door; cells, swarms and other methods put off for good what they stand against, by the
 * first of them; and what was neither done nor dropped by the last day of its window has lapsed.
 */
export function intentionsOf(plan: SeasonPlan, hooks: SeasonHooks, seen: SeasonSeen, today: Day): readonly Intention[] {
  const made: Intention[] = [];
  const taken = new Set<string>();
  for (const { key, act } of actsOf(plan)) {
    const before =
      typeof act.hangsOn === 'string' ? null : made.find(({ code }) => code === (act.hangsOn as { act: string }).act);
    const days = windowOf(act, plan.moved.get(key) ?? null, before ?? null, hooks, plan);
    const begun = begunAs(act, hooks.season, seen, taken);
    if (begun) taken.add(begun.mark);
    made.push({
      key,
      code: act.code,
      method: begun?.method ?? methodOf(act, plan),
      ...days,
      isMoved: plan.moved.has(key),
      isIfCells: act.onlyIfCells === true,
      ...(begun
        ? { status: 'begun' as const, because: null, begun: { programmeId: begun.programmeId, on: begun.on } }
        : { ...standing(key, act, days.window, before ?? null, plan, hooks.season, seen, today), begun: null }),
    });
  }
  return made;
}

function windowOf(
  act: IntendedAct,
  moved: Day | null,
  before: Intention | null,
  hooks: SeasonHooks,
  plan: SeasonPlan,
): { readonly window: CheckWindow; readonly on: Day } {
  const { season } = hooks;
  if (act.onlyIfCells) {
    const { from, to } = season.swarms;
    return { window: { earliest: from, ideal: from, latest: to }, on: from };
  }
  const hook =
    typeof act.hangsOn === 'string'
      ? hookDay(act.hangsOn, hooks, plan)
      : (before?.begun?.on ?? before?.on ?? season.from);
  const inSeason = (days: number) => latestOf(season.from, earliestOf(season.to, addDays(hook, days)));
  const { from, ideal, to } = act.days;
  const on = moved ?? inSeason(ideal);
  return {
    window: {
      earliest: earliestOf(on, inSeason(from)),
      ideal: on,
      latest: latestOf(on, inSeason(to)),
    },
    on,
  };
}

interface Begun {
  /** What it was that counts for this act, and for no other. */
  readonly mark: string;
  readonly programmeId: string | null;
  readonly method: MethodName;
  readonly on: Day;
}

/** The first thing done in the season that is this act and counts for none before it. */
function begunAs(
  act: IntendedAct,
  season: Season,
  { begun, boxes }: SeasonSeen,
  taken: ReadonlySet<string>,
): Begun | null {
  const methods = methodsOf(act);
  const isIn = (on: Day) => season.from <= on && on <= season.to;
  const programme = begun.find(
    ({ programmeId, method, on }) => methods.includes(method) && isIn(on) && !taken.has(programmeId),
  );
  const box = boxes.find(
    ({ what, on }) => methods.some((method) => GIVES_BOX[method] === what) && isIn(on) && !taken.has(`${what} ${on}`),
  );
  if (box && (!programme || box.on < programme.on))
    return { mark: `${box.what} ${box.on}`, programmeId: null, method: methods[0] as MethodName, on: box.on };
  return programme ? { mark: programme.programmeId, ...programme } : null;
}

/** Space additions that are seen by the box that came. */
const GIVES_BOX: { readonly [M in MethodName]?: 'super-on' | 'brood-box-on' } = {
  'add-super': 'super-on',
  'add-box': 'brood-box-on',
};

/** Charged cells are sealed by then, at the latest: what was to be done with them is done by now, or they are gone. */
const CELLS_STAND = QUEEN_CELL_SEALED.value.late;

function standing(
  key: string,
  act: IntendedAct,
  window: CheckWindow,
  before: Intention | null,
  plan: SeasonPlan,
  season: Season,
  seen: SeasonSeen,
  today: Day,
): Pick<Intention, 'status' | 'because'> {
  const drop = plan.dropped.has(key)
    ? ({ code: 'keeper' } as const)
    : against(key, act, window, before, plan, season, seen);
  if (drop) return { status: 'dropped', because: drop };
  if (act.onlyIfCells) {
    const cells = seen.charged.findLast((on) => season.from <= on);
    if (cells !== undefined && daysBetween(cells, today) <= CELLS_STAND)
      return { status: 'now', because: { code: 'charged-cells', on: cells } };
    return { status: today > window.latest ? 'lapsed' : 'to-come', because: null };
  }
  if (today > window.latest) return { status: 'lapsed', because: null };
  if (today < window.earliest) return { status: 'to-come', because: null };
  return act.givesWayTo.includes('no-laying-queen') && !seen.hasLayingQueen
    ? { status: 'held', because: { code: 'no-laying-queen' } }
    : { status: 'now', because: null };
}

/** The first thing of the season, up to the last day of its window, that an act gives way to; null: nothing. */
function against(
  key: string,
  act: IntendedAct,
  { latest }: CheckWindow,
  before: Intention | null,
  plan: SeasonPlan,
  season: Season,
  { charged, swarmed, begun, endedOn }: SeasonSeen,
): IntentionReason | null {
  if (before && (before.status === 'dropped' || before.status === 'lapsed')) return { code: 'act-dropped' };
  const since = latestOf(plan.plannedOn, plan.again.get(key) ?? plan.plannedOn);
  const counts = (on: Day) => season.from <= on && on <= latest && on > since;
  const gives = (to: IntendedAct['givesWayTo'][number]) => act.givesWayTo.includes(to);
  const [cells, swarm] = [charged.find(counts), swarmed.find(counts)];
  const own = methodsOf(act);
  const isRequeening = own.every((method) => methodNamed(method).kind === 'queen');
  const other = begun.find(({ method, on }) => {
    const { kind, raisesQueen } = methodNamed(method);
    // One that leaves the queen where she is says nothing against another queen.
    return kind === 'swarm' && counts(on) && !own.includes(method) && (!isRequeening || raisesQueen !== null);
  });
  const reasons: IntentionReason[] = [
    ...(gives('charged-cells') && cells !== undefined ? [{ code: 'charged-cells' as const, on: cells }] : []),
    ...(gives('swarmed') && swarm !== undefined ? [{ code: 'swarmed' as const, on: swarm }] : []),
    ...(gives('other-method') && other ? [{ code: 'other-method' as const, on: other.on, method: other.method }] : []),
    ...(endedOn !== null && endedOn <= latest ? [{ code: 'ended' as const, on: endedOn }] : []),
  ];
  return reasons.toSorted((a, b) => ('on' in a && 'on' in b ? a.on - b.on : 0))[0] ?? null;
}

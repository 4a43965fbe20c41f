import { addDays, type Day, day, daysBetween } from '../src/core/calendar/day';
import { planFortnight } from '../src/core/rounds/plan-fortnight';
import { type PlannedDay, plannedDays } from '../src/core/rounds/planned-days';
import type { VisitCheck } from '../src/core/rounds/to-visit';
import { verbatim } from '../src/core/says/together';
import { aCheck } from '../src/core/schedule/check';
import { USUAL_WEEK } from '../src/core/settings/free-time';
import { stationHours } from '../src/simulated/station';
import { highsSolver } from '../src/solver/highs';

/**
 * Six weeks of the swarm season played day by day: what is due follows from what was done, every plan is carried out as it stands in the weather
 * that there was, and Ubbet's rule is held against two rules of thumb. Colonies have the same luck under each rule.
 */
const FIRST = day('2027-05-01');
const DAYS = 42;
/** One look in so many finds charged cells; what is then due follows from it. */
const CELLS_IN = 9;
const MINUTES = { look: 15, act: 48, thin: 18, eggs: 11 } as const;
const WEIGHT = { look: 2, act: 100, thin: 100, eggs: 5 } as const;
type Kind = keyof typeof MINUTES;

interface Due {
  readonly colony: number;
  readonly kind: Kind;
  readonly earlyFrom: Day;
  readonly earliest: Day;
  readonly ideal: Day;
  readonly latest: Day;
  readonly notAfter: Day | null;
}

interface Yard {
  readonly colonies: number;
  readonly ways: readonly number[];
  readonly between: number;
}

/** What a rule sees in the morning. */
interface Morning {
  readonly yard: Yard;
  readonly today: Day;
  readonly days: readonly PlannedDay[];
  readonly due: readonly Due[];
}
/** Which of what is due is done today, and the minutes on the road. */
type Rule = (morning: Morning) => Promise<{ readonly done: readonly Due[]; readonly road: number }>;

const idOf = ({ colony, kind }: Due) => `c${colony} ${kind}`;
const apiaryOf = (yard: Yard, colony: number) => colony % yard.ways.length;
const nameOf = (apiary: number) => `a${apiary}`;

/** The same for the same colony and look, whatever the rule. */
function luck(colony: number, many: number): number {
  let state = (colony * 7919 + many * 104_729 + 12_345) >>> 0;
  for (let i = 0; i < 3; i++) state = (Math.imul(state, 1664525) + 1013904223) >>> 0;
  return state / 2 ** 32;
}

const look = (colony: number, on: Day): Due => ({
  colony,
  kind: 'look',
  earlyFrom: addDays(on, 4),
  earliest: addDays(on, 5),
  ideal: addDays(on, 6),
  latest: addDays(on, 7),
  notAfter: null,
});
const span = (colony: number, kind: Kind, on: Day, from: number, to: number, last: number | null = null): Due => ({
  colony,
  kind,
  earlyFrom: addDays(on, kind === 'thin' ? 4 : from),
  earliest: addDays(on, from),
  ideal: addDays(on, from),
  latest: addDays(on, to),
  notAfter: last === null ? null : addDays(on, last),
});

/** What follows from what was done on a day. */
function next({ colony, kind }: Due, on: Day, looks: number): Due {
  if (kind === 'look') return luck(colony, looks) < 1 / CELLS_IN ? span(colony, 'act', on, 0, 2) : look(colony, on);
  if (kind === 'act') return span(colony, 'thin', on, 6, 8, 8);
  // Left shut from then on until eggs can be looked for.
  return kind === 'thin' ? span(colony, 'eggs', on, 21, 25) : look(colony, on);
}

const isFitNow = ({ days, yard }: Morning, apiary: number) =>
  apiary < yard.ways.length ? (days[0]?.there.get(nameOf(apiary))?.openMinutes ?? 0) : 0;

/** What goes into some minutes at an apiary, the heaviest and longest waiting first. */
function filled({ due, yard, today }: Morning, apiary: number, minutes: number): readonly Due[] {
  const here = due
    .filter((one) => apiaryOf(yard, one.colony) === apiary && one.earlyFrom <= today)
    .sort((a, b) => WEIGHT[b.kind] - WEIGHT[a.kind] || a.latest - b.latest);
  let left = minutes;
  return here.filter(({ kind }) => {
    if (MINUTES[kind] > left) return false;
    left -= MINUTES[kind];
    return true;
  });
}
const workOf = (list: readonly Due[]) => list.reduce((sum, { kind }) => sum + MINUTES[kind], 0);

/** On each day on which hives can be opened to the apiary in which something waits longest. */
const longestFirst: Rule = async (morning) => {
  const { due, today, yard } = morning;
  const waits = yard.ways.map((_, apiary) => ({
    apiary,
    since: Math.min(
      ...due
        .filter((one) => apiaryOf(yard, one.colony) === apiary && one.earliest <= today)
        .map(({ latest }) => latest),
    ),
  }));
  const [most] = waits.filter(({ since }) => Number.isFinite(since)).sort((a, b) => a.since - b.since);
  if (!most) return { done: [], road: 0 };
  const way = yard.ways[most.apiary] as number;
  const done = filled(
    morning,
    most.apiary,
    Math.min(isFitNow(morning, most.apiary), (morning.days[0]?.freeMinutes ?? 0) - way),
  );
  return { done, road: done.length > 0 ? way : 0 };
};

/** Every Saturday to all apiaries, as far as the hours go; where it was no day for it, on the next day that is. */
function everySaturday(): Rule {
  let left: number[] = [];
  return async (morning) => {
    const { today, yard, days } = morning;
    if (new Date(today * 86_400_000).getUTCDay() === 6) left = yard.ways.map((_, i) => i);
    let [free, road] = [days[0]?.freeMinutes ?? 0, 0];
    const done: Due[] = [];
    for (const apiary of [...left]) {
      const way = yard.ways[apiary] as number;
      const own = filled(morning, apiary, Math.min(isFitNow(morning, apiary) - workOf(done), free - way));
      if (own.length === 0) continue;
      left = left.filter((one) => one !== apiary);
      done.push(...own);
      road += way;
      free -= way + workOf(own);
    }
    return { done, road };
  };
}

const solve = await highsSolver();
const bySeconds = () => performance.now() / 1000;

function ubbet(): Rule {
  let seen: ReadonlyMap<string, Day> = new Map();
  return async ({ yard, days, due, today }) => {
    const dueOf = new Map(due.map((one) => [idOf(one), one]));
    const visits = due.map((one): VisitCheck => {
      const window = { earliest: one.earliest, ideal: one.ideal, latest: one.latest };
      return {
        id: idOf(one),
        apiary: nameOf(apiaryOf(yard, one.colony)),
        window,
        earlyFrom: one.earlyFrom,
        ...(one.notAfter === null ? {} : { notAfter: one.notAfter }),
        minutes: MINUTES[one.kind],
        opens: true,
        weight: WEIGHT[one.kind],
        colonyId: `c${one.colony}`,
        check: aCheck({ key: idOf(one), code: 'look', window, why: verbatim('') }),
        kind: 'look',
        isLate: one.latest < today,
      };
    });
    const plan = planFortnight(
      {
        days,
        apiaries: yard.ways.map((wayMinutes, i) => ({ id: nameOf(i), wayMinutes })),
        between: yard.ways.flatMap((_, a) =>
          yard.ways.slice(a + 1).map((__, b) => ({ a: nameOf(a), b: nameOf(a + 1 + b), minutes: yard.between })),
        ),
        visits,
        pinned: [],
        forbidden: [],
        together: [],
        seen,
        gifts: [],
      },
      solve,
      bySeconds,
    );
    seen = new Map(plan.rounds.flatMap(({ on, checks }) => checks.map((id) => [id, on] as const)));
    const done = plan.rounds
      .filter(({ on }) => on === today)
      .flatMap(({ checks }) => checks.map((id) => dueOf.get(id) as Due));
    return { done, road: plan.days.find(({ on }) => on === today)?.road ?? 0 };
  };
}

interface Told {
  readonly heavy: number;
  readonly light: number;
  readonly longest: number;
  readonly road: number;
  readonly trips: number;
  readonly lost: number;
}

async function played(yard: Yard, isWet: boolean, seed: string, rule: Rule): Promise<Told> {
  const spells = isWet
    ? [0, 9, 17, 26, 34].map((n) => ({ from: addDays(FIRST, n), to: addDays(FIRST, n + 4), byC: -4, wet: true }))
    : [];
  const station = { seed, warmerC: isWet ? 0 : 2, spells };
  const ids = yard.ways.map((_, i) => nameOf(i));
  let due = Array.from({ length: yard.colonies }, (_, colony) => look(colony, addDays(FIRST, -((colony * 5) % 7) - 1)));
  const lastLook = new Map<number, Day>(due.map(({ colony, earliest }) => [colony, addDays(earliest, -5)]));
  const looks = new Map<number, number>();
  let [heavy, light, longest, road, trips, lost] = [0, 0, 0, 0, 0, 0];
  for (let n = 0; n < DAYS; n++) {
    const today = addDays(FIRST, n);
    const hours = stationHours(station, addDays(today, -1), today);
    const days = plannedDays({
      today,
      minute: '2027-05-01T00:00',
      time: { freeWeek: USUAL_WEEK, away: [], extraHours: [] },
      hours: new Map(ids.map((id) => [id, hours])),
      apiaries: ids,
      sunset: () => null,
    });
    const made = await rule({ yard, today, days, due });
    road += made.road;
    trips += made.done.length > 0 ? 1 : 0;
    const done = new Set(made.done.map(idOf));
    due = due.map((one) => {
      const late = Math.max(0, daysBetween(one.latest, today));
      if (done.has(idOf(one))) {
        if (late > 0) {
          if (WEIGHT[one.kind] >= 40) heavy += WEIGHT[one.kind] * late;
          else light += WEIGHT[one.kind] * late;
        }
        if (one.kind === 'look') {
          longest = Math.max(longest, today - (lastLook.get(one.colony) as Day));
          looks.set(one.colony, (looks.get(one.colony) ?? 0) + 1);
        }
        lastLook.set(one.colony, today);
        return next(one, today, looks.get(one.colony) ?? 0);
      }
      // What may not be done any more is lost; the hive is left shut from then on.
      if (one.notAfter !== null && today >= one.notAfter) {
        lost += 1;
        return span(one.colony, 'eggs', today, 21, 25);
      }
      return one;
    });
  }
  const end = addDays(FIRST, DAYS);
  for (const one of due) {
    const late = daysBetween(one.latest, end);
    if (late > 0 && WEIGHT[one.kind] >= 40) heavy += WEIGHT[one.kind] * late;
    else if (late > 0) light += WEIGHT[one.kind] * late;
    if (one.kind === 'look') longest = Math.max(longest, end - (lastLook.get(one.colony) as Day));
  }
  return { heavy, light, longest, road, trips, lost };
}

const YARDS: readonly (readonly [string, Yard])[] = [
  ['24 colonies, 3 apiaries', { colonies: 24, ways: [12, 24, 40], between: 14 }],
  ['45 colonies, 5 apiaries', { colonies: 45, ways: [10, 18, 26, 34, 50], between: 14 }],
];
const RULES: readonly (readonly [string, () => Rule])[] = [
  ['Ubbet', ubbet],
  ['where something waits longest', () => longestFirst],
  ['every apiary each Saturday', everySaturday],
];
const SEEDS = ['valley', 'ridge', 'moor'];

console.log(
  'six weeks from 1 May, three seeds summed: weight times days late, looks missed for good, longest wait, hours on the road',
);
for (const [name, yard] of YARDS) {
  for (const isWet of [false, true]) {
    console.log(`${name}, ${isWet ? 'a wet May' : 'a fair May'}`);
    for (const [rule, make] of RULES) {
      const told: Told[] = [];
      for (const seed of SEEDS) told.push(await played(yard, isWet, seed, make()));
      const sum = (of: (one: Told) => number) => told.reduce((all, one) => all + of(one), 0);
      console.log(
        `  ${rule.padEnd(30)} heavy ${String(sum(({ heavy }) => heavy)).padStart(6)}, lost ${String(sum(({ lost }) => lost)).padStart(3)}, light ${String(sum(({ light }) => light)).padStart(6)}, longest wait ${String(Math.max(...told.map(({ longest }) => longest))).padStart(3)} days, road ${(sum((one) => one.road) / 60).toFixed(1)} h on ${sum(({ trips }) => trips)} days`,
      );
    }
  }
}

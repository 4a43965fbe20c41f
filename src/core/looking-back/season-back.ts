import type { Day } from '../calendar/day';
import type { MethodName } from '../methods/method';
import { methodNamed } from '../methods/methods';
import { CAME_OUT, type CameOut, type ChecksBack, type ColonyBack, type FoundCell } from './colony-back';

/** What each method came to over all colonies. */
export interface MethodCount {
  readonly method: MethodName;
  readonly begun: number;
  readonly cameOut: { readonly [C in CameOut]: number };
  readonly swarmedAfter: number;
}

/** Queens that methods were to bring, by raising or in a cage, and what came of it. */
export interface QueensBack {
  readonly meant: number;
  /** They laid: they were mated, or taken. */
  readonly laid: number;
  readonly failed: number;
  readonly underWay: number;
}

/** A season over several colonies. */
export interface SeasonBack {
  readonly colonies: number;
  /** Of which something was entered. */
  readonly lookedAt: number;
  readonly inspections: number;
  readonly primes: number;
  readonly casts: number;
  readonly cellsFound: number;
  readonly oldestCell: FoundCell | null;
  readonly methods: readonly MethodCount[];
  readonly queens: QueensBack;
  readonly checks: ChecksBack;
  readonly firstDrones: Day | null;
  readonly firstCharged: Day | null;
}

/** Fewer than this many of a kind say nothing of a method: what differs is chance. */
export const FEW = 5;

const earliest = (days: readonly (Day | null)[]): Day | null =>
  days.reduce((first, day) => (first === null || (day !== null && day < first) ? day : first), null);

/** @param backs of each colony; a method begun on one counts once, also where both its halves are colonies of the book */
export function seasonBack(backs: readonly ColonyBack[]): SeasonBack {
  const sum = (of: (one: ColonyBack) => number) => backs.reduce((total, one) => total + of(one), 0);
  const methods = methodCounts(backs);
  const checks = (of: keyof ChecksBack) => sum((one) => one.checks[of]);
  return {
    colonies: backs.length,
    lookedAt: backs.filter(({ inspections }) => inspections > 0).length,
    inspections: sum(({ inspections }) => inspections),
    primes: sum(({ primes }) => primes),
    casts: sum(({ casts }) => casts),
    cellsFound: sum(({ cellsFound }) => cellsFound),
    oldestCell: backs.reduce<FoundCell | null>(
      (oldest, { oldestCell: one }) => (one && (!oldest || one.least > oldest.least) ? one : oldest),
      null,
    ),
    methods,
    queens: queensBack(methods),
    checks: {
      early: checks('early'),
      inTime: checks('inTime'),
      late: checks('late'),
      leftOut: checks('leftOut'),
      missed: checks('missed'),
    },
    firstDrones: earliest(backs.map(({ firstDrones }) => firstDrones)),
    firstCharged: earliest(backs.map(({ firstCharged }) => firstCharged)),
  };
}

/** A method that leaves a unit to come to a new queen. */
const bringsQueen = (method: MethodName): boolean => {
  const { raisesQueen, units } = methodNamed(method);
  return raisesQueen !== null || units.some(({ queen }) => queen === 'caged');
};

function queensBack(methods: readonly MethodCount[]): QueensBack {
  const own = methods.filter(({ method }) => bringsQueen(method));
  const sum = (of: (one: MethodCount) => number) => own.reduce((total, one) => total + of(one), 0);
  return {
    meant: sum(({ begun }) => begun),
    laid: sum(({ cameOut }) => cameOut['queen-lays']),
    failed: sum(({ cameOut }) => cameOut['given-up'] + cameOut.over),
    underWay: sum(({ cameOut }) => cameOut['under-way']),
  };
}

/** What says most of how a method came out, of what its colonies say of it. */
const SAYS_MOST: readonly CameOut[] = ['queen-lays', 'given-up', 'under-way', 'over'];

function methodCounts(backs: readonly ColonyBack[]): readonly MethodCount[] {
  const byProgramme = new Map<string, { method: MethodName; cameOut: CameOut; swarmedAfter: boolean }>();
  for (const { programmeId, method, cameOut, swarmedAfter } of backs.flatMap(({ methods }) => methods)) {
    const before = byProgramme.get(programmeId);
    const saysMore = !before || SAYS_MOST.indexOf(cameOut) < SAYS_MOST.indexOf(before.cameOut);
    byProgramme.set(programmeId, {
      method,
      cameOut: saysMore ? cameOut : before.cameOut,
      swarmedAfter: swarmedAfter || before?.swarmedAfter === true,
    });
  }
  const all = [...byProgramme.values()];
  return [...new Set(all.map(({ method }) => method))].map((method) => {
    const own = all.filter((one) => one.method === method);
    const cameOut = Object.fromEntries(
      CAME_OUT.map((how) => [how, own.filter((one) => one.cameOut === how).length]),
    ) as { readonly [C in CameOut]: number };
    return { method, begun: own.length, cameOut, swarmedAfter: own.filter(({ swarmedAfter }) => swarmedAfter).length };
  });
}

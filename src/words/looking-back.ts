import type { Day } from '../core/calendar/day';
import type { CameOut, ChecksBack, FoundCell } from '../core/looking-back/colony-back';
import { FEW, type MethodCount, type QueensBack, type SeasonBack } from '../core/looking-back/season-back';
import { LEAVES_AFTER } from '../core/population/figures';
import { capital } from './capital';
import { dayWords } from './days';
import { listWords } from './list';
import { wholeMassWords } from './measures';
import { methodTitle } from './methods/methods';
import { durationWords } from './rounds';

const count = (n: number, one: string, many = `${one}s`): string => `${n === 0 ? 'no' : n} ${n === 1 ? one : many}`;

/** `9 to 10 days old`, `9 days old or more`. */
export function ageWords({ least, most }: FoundCell): string {
  if (most === null) return `${count(least, 'day')} old or more`;
  if (least === 0 && most > 0) return `up to ${count(most, 'day')} old`;
  return most === least ? `${count(least, 'day')} old` : `${least} to ${most} days old`;
}

/** How a method came out. */
export const CAME_OUT_WORDS: { readonly [C in CameOut]: string } = {
  'queen-lays': 'came to a laying queen',
  'given-up': 'given up',
  'under-way': 'under way',
  over: 'over',
};

/** `2 came to a laying queen and 1 under way`, of those begun. */
export function methodBackWords({ cameOut, swarmedAfter }: MethodCount): string {
  const parts = (Object.keys(CAME_OUT_WORDS) as CameOut[])
    .filter((how) => cameOut[how] > 0)
    .map((how) => `${cameOut[how]} ${CAME_OUT_WORDS[how]}`);
  return listWords([...parts, ...(swarmedAfter > 0 ? [`${swarmedAfter} swarmed afterwards`] : [])]);
}

function looked({ colonies, lookedAt, inspections }: SeasonBack): string {
  const all = capital(count(colonies, 'colony', 'colonies'));
  if (lookedAt === 0) return `${all}, none inspected.`;
  return `${all}, ${lookedAt} inspected, ${count(inspections, 'time')} in all.`;
}

const swarms = ({ primes, casts }: SeasonBack): string =>
  primes + casts === 0
    ? 'No swarm was noted to leave.'
    : `${capital(listWords([...(primes > 0 ? [count(primes, 'swarm')] : []), ...(casts > 0 ? [count(casts, 'cast')] : [])]))} left.`;

function cells({ cellsFound, oldestCell }: SeasonBack): string {
  if (!oldestCell) return 'No cells with eggs or larvae were found.';
  const grave =
    oldestCell.least >= LEAVES_AFTER.value
      ? ` A swarm may leave from the ${LEAVES_AFTER.value}th day after the egg on: that was late.`
      : '';
  return `${capital(count(cellsFound, 'cell'))} found. The oldest, found on ${dayWords(oldestCell.on)}, was ${ageWords(oldestCell)}.${grave}`;
}

const CHECK_WORDS: { readonly [C in keyof ChecksBack]: string } = {
  inTime: 'in time',
  early: 'early',
  late: 'late',
  leftOut: 'left out',
  missed: 'never made',
};

function checks(back: ChecksBack): string | null {
  const names = Object.keys(CHECK_WORDS) as (keyof ChecksBack)[];
  const all = names.reduce((sum, name) => sum + back[name], 0);
  if (all === 0) return null;
  const parts = names.filter((name) => back[name] > 0).map((name) => `${back[name]} ${CHECK_WORDS[name]}`);
  return `Of ${count(all, 'check')} that methods asked for: ${listWords(parts)}.`;
}

const firstDay = (what: string, on: Day | null, before: Day | null): string | null =>
  on === null ? null : `${what} ${dayWords(on)}${before === null ? '' : ` (the year before: ${dayWords(before)})`}`;

/** What is counted beside the colonies: rounds that were made with the minutes at the hives, honey taken and food given, kg. */
export interface BesideBack {
  readonly rounds: number;
  readonly minutes: number;
  readonly honeyKg: number;
  readonly fedKg: number;
}

function queens({ meant, laid, failed, underWay }: QueensBack): string | null {
  if (meant === 0) return null;
  const parts = [
    ...(laid > 0 ? [`${laid} came to lay`] : []),
    ...(failed > 0 ? [`${failed} did not`] : []),
    ...(underWay > 0 ? [`of ${underWay} it is not known yet`] : []),
  ];
  return `${capital(count(meant, 'queen was', 'queens were'))} to be raised or brought in: ${listWords(parts)}.`;
}

/** Honey and food, as noted. */
function stores({ honeyKg, fedKg }: BesideBack, before: BesideBack | null): string | null {
  if (honeyKg === 0 && fedKg === 0) return null;
  const more = before && before.honeyKg > 0 ? ` (the year before: ${wholeMassWords(before.honeyKg)})` : '';
  const parts = [
    ...(honeyKg > 0 ? [`${wholeMassWords(honeyKg)} of honey taken${more}`] : []),
    ...(fedKg > 0 ? [`${wholeMassWords(fedKg)} of food given`] : []),
  ];
  return `${capital(listWords(parts))}.`;
}

/** What a season came to, in sentences; without a score. */
export function seasonBackWords(
  season: SeasonBack,
  beside: BesideBack,
  before: SeasonBack | null,
  besideBefore: BesideBack | null = null,
): readonly string[] {
  const { rounds, minutes } = beside;
  const firsts = [
    firstDay('first drones flying on', season.firstDrones, before?.firstDrones ?? null),
    firstDay('first cell with an egg or larva on', season.firstCharged, before?.firstCharged ?? null),
  ].filter((words) => words !== null);
  return [
    looked(season),
    swarms(season),
    cells(season),
    ...season.methods.map((one) => `${methodTitle(one.method)}, ${one.begun} begun: ${methodBackWords(one)}.`),
    ...(season.methods.some(({ begun }) => begun < FEW)
      ? [`With fewer than ${FEW} of a kind, how a method came out may be chance.`]
      : []),
    queens(season.queens),
    checks(season.checks),
    firsts.length === 0 ? null : `${capital(listWords(firsts))}.`,
    stores(beside, besideBefore),
    rounds === 0 ? null : `${capital(count(rounds, 'round'))} noted, ${durationWords(minutes)} at the hives.`,
  ].filter((words) => words !== null);
}

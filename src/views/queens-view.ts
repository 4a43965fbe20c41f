import { type Day, day } from '../core/calendar/day';
import type { QueenEventKind, SwarmWent } from '../core/colony/facts';
import type { QueenFact, QueenOrigin } from '../core/facts/queen';
import type { MethodName } from '../core/methods/method';
import { methodNamed } from '../core/methods/methods';
import { emergedInYear, emergedOf, queenYear } from '../core/queens/age';
import { type Family, families } from '../core/queens/family';
import { toReplace } from '../core/queens/to-replace';
import { dayWords } from '../words/days';
import { methodTitle } from '../words/methods/methods';
import { QUEEN_EVENT_WORDS } from '../words/queen-events';
import { emergedWords, proofWords, queenWords, REPLACE_WORDS, whereWords } from '../words/queens';
import type { AllApiaries, StandingColony } from './all-apiaries';

interface EventRow {
  readonly id: string;
  readonly queenId: string;
  readonly colonyId: string;
  readonly colony: string;
  readonly on: string;
  readonly kind: QueenEventKind;
  readonly went: SwarmWent | null;
  readonly note: string;
}

interface MoveRow {
  readonly queenId: string;
  readonly method: MethodName;
  readonly on: string;
  readonly unit: string;
  readonly colonyId: string;
  readonly colony: string;
}

export interface QueenRecords {
  readonly queens: readonly QueenFact[];
  readonly events: readonly EventRow[];
  /** Methods that were done with a queen, a row for each unit. */
  readonly moves: readonly MoveRow[];
}

export interface QueenLineView {
  readonly id: string;
  readonly name: string;
  readonly origin: QueenOrigin;
  readonly motherQueenId: string | null;
  /** The year in which she emerged; null: not known. */
  readonly year: number | null;
  /** Where she is; null: she is gone, or nobody knows. */
  readonly colony: { readonly id: string; readonly name: string } | null;
  /** `in Yarrow`, `gone since 10 May`. */
  readonly where: string;
  readonly isMarked: boolean;
  readonly isClipped: boolean;
  /** She is there, and does not lay yet. */
  readonly isUnmated: boolean;
  readonly proof: string | null;
  /** Why she is to be replaced; empty: she is not. */
  readonly replace: readonly string[];
}

export interface QueensView {
  readonly lines: readonly QueenLineView[];
  /** Colonies whose laying queen is not in the book. */
  readonly unknown: readonly { readonly id: string; readonly name: string }[];
  readonly families: readonly Family<QueenLineView>[];
}

const GONE: ReadonlySet<QueenEventKind> = new Set(['removed', 'lost', 'swarmed', 'cast-left', 'virgin-taken']);

/** All queens of the book, as they are today. */
export function queensView({ colonies }: AllApiaries, records: QueenRecords, today: Day): QueensView {
  const inColony = new Map(
    colonies.flatMap((one) => (one.state.queen.queenId === null ? [] : [[one.state.queen.queenId, one] as const])),
  );
  const lines = records.queens.map((queen) => lineOf(queen, inColony.get(queen.id) ?? null, records, today));
  return {
    lines,
    unknown: colonies
      .filter(({ state: { queen } }) => queen.queenId === null && queen.expected === 'laying' && !queen.presumedGone)
      .map(({ colony: { id, name } }) => ({ id, name })),
    families: families(lines),
  };
}

function lineOf(queen: QueenFact, there: StandingColony | null, { events }: QueenRecords, today: Day): QueenLineView {
  const { id, origin, motherQueenId } = queen;
  const own = events.filter((one) => one.queenId === id);
  const has = (kind: QueenEventKind) => own.some((one) => one.kind === kind);
  const year = emergedInYear(queen);
  const age = queenYear(emergedOf(queen), today);
  const left = own.findLast(({ kind }) => GONE.has(kind));
  const state = there?.state ?? null;
  return {
    id,
    name: queenWords(year, origin),
    origin,
    motherQueenId,
    year,
    colony: there && { id: there.colony.id, name: there.colony.name },
    where: whereWords(there?.colony.name ?? null, left ? { kind: left.kind, on: day(left.on) } : null),
    isMarked: has('marked'),
    isClipped: has('clipped'),
    isUnmated: state?.queen.expected === 'virgin',
    proof: state?.queen.lastProof ? proofWords(state.queen.lastProof) : null,
    replace:
      there && state
        ? toReplace({
            reading: state.lastInspection?.reading.reading ?? null,
            wanted: there.colony.wanted,
            year: age,
          }).map((reason) => REPLACE_WORDS[reason])
        : [],
  };
}

export interface QueenPageView {
  readonly queen: QueenFact;
  readonly line: QueenLineView;
  readonly emerged: string | null;
  readonly mother: { readonly id: string; readonly name: string } | null;
  readonly daughters: readonly { readonly id: string; readonly name: string; readonly where: string }[];
  /** What happened to her, in order of time. */
  readonly life: readonly {
    readonly key: string;
    readonly on: string;
    readonly colony: { readonly id: string; readonly name: string };
    readonly words: string;
  }[];
  /** All others, for choosing her mother, or whom she is one with. */
  readonly others: readonly { readonly id: string; readonly name: string }[];
}

/** One queen; null: there is none of that id. */
export function queenPageView(view: QueensView, records: QueenRecords, id: string): QueenPageView | null {
  const queen = records.queens.find((one) => one.id === id);
  const line = view.lines.find((one) => one.id === id);
  if (!queen || !line) return null;
  const named = (one: QueenLineView) => ({ id: one.id, name: `${one.name}, ${one.where}` });
  const mother = view.lines.find((one) => one.id === queen.motherQueenId);
  const life = [
    ...records.events
      .filter((one) => one.queenId === id)
      .map(({ id: key, on, colonyId, colony, kind, note }) => ({
        key,
        on,
        colony: { id: colonyId, name: colony },
        words: `${QUEEN_EVENT_WORDS[kind]}${note === '' ? '' : `. ${note}`}`,
      })),
    // She goes with the unit that the method leaves her in.
    ...records.moves
      .filter(({ queenId, method, unit }) => queenId === id && hasHer(method, unit))
      .map(({ method, on, colonyId, colony }) => ({
        key: `${method}${on}`,
        on,
        colony: { id: colonyId, name: colony },
        words: methodTitle(method),
      })),
  ].sort((a, b) => (a.on < b.on ? -1 : a.on > b.on ? 1 : 0));
  return {
    queen,
    line,
    emerged: emergedWords(queen.emergedFrom, queen.emergedTo, (text) => dayWords(day(text), 0)),
    mother: mother ? named(mother) : null,
    daughters: view.lines
      .filter(({ motherQueenId }) => motherQueenId === id)
      .map(({ id: of, name, where }) => ({ id: of, name, where })),
    life: life.map((one) => ({ ...one, on: dayWords(day(one.on), 0) })),
    others: view.lines.filter((one) => one.id !== id).map(named),
  };
}

const hasHer = (method: MethodName, unit: string): boolean =>
  methodNamed(method).units.some(({ name, queen }) => name === unit && (queen === 'laying' || queen === 'caged'));

import { type Day, day } from '../core/calendar/day';
import type { QueenEventKind, SwarmWent, Temper } from '../core/colony/facts';
import type { QueenFact } from '../core/facts/queen';
import type { MethodName } from '../core/methods/method';
import { methodNamed } from '../core/methods/methods';
import { emergedInYear, emergedOf, queenYear } from '../core/queens/age';
import { type Family, families } from '../core/queens/family';
import type { QueenOrigin } from '../core/queens/origin';
import { hasVirginAbout, lays, queenIdIn } from '../core/queens/queen-questions';
import { type Stay, staysOf, temperUnder } from '../core/queens/stays';
import { toReplace } from '../core/queens/to-replace';
import { dayWords } from '../words/days';
import { methodTitle } from '../words/methods/methods';
import { QUEEN_EVENT_WORDS } from '../words/queen-events';
import {
  emergedWords,
  joinedWords,
  proofWords,
  queenWords,
  REPLACE_WORDS,
  swarmingWords,
  temperWords,
  whereWords,
} from '../words/queens';
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

/** Another queen of the book who was taken for her. */
export interface JoinedQueen {
  /** Of the one that is no more. */
  readonly id: string;
  readonly intoId: string;
  readonly origin: QueenOrigin;
  readonly year: number | null;
  /** When, UTC. */
  readonly at: string;
}

export interface QueenRecords {
  readonly queens: readonly QueenFact[];
  readonly events: readonly EventRow[];
  /** Events that were taken out, and can be put back. */
  readonly deleted: readonly EventRow[];
  readonly joined: readonly JoinedQueen[];
  /** What inspections of a colony noted of its bees. */
  readonly looksOf: (colonyId: string) => readonly { readonly on: Day; readonly temper?: Temper }[];
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
  readonly isToBreedFrom: boolean;
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
    colonies.flatMap((one) => {
      const id = queenIdIn(one.state.queen);
      return id === null ? [] : [[id, one] as const];
    }),
  );
  const lines = records.queens.map((queen) => lineOf(queen, inColony.get(queen.id) ?? null, records, today));
  return {
    lines,
    unknown: colonies
      .filter(({ state: { queen } }) => queenIdIn(queen) === null && lays(queen))
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
    isToBreedFrom: queen.isToBreedFrom,
    isUnmated: state !== null && hasVirginAbout(state.queen),
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
  /** How her colonies were, as noted; null: it was not. */
  readonly swarming: string;
  readonly temper: string | null;
  /** What happened to her, in order of time; `eventId` null: a method, which is corrected on its own page. */
  readonly life: readonly {
    readonly key: string;
    readonly eventId: string | null;
    readonly on: string;
    readonly colony: { readonly id: string; readonly name: string };
    readonly words: string;
  }[];
  readonly deleted: readonly { readonly id: string; readonly words: string }[];
  readonly joined: readonly { readonly id: string; readonly words: string }[];
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
        eventId: key as string | null,
        on,
        colony: { id: colonyId, name: colony },
        words: `${QUEEN_EVENT_WORDS[kind]}${note === '' ? '' : `. ${note}`}`,
      })),
    // She goes with the unit that the method leaves her in.
    ...records.moves
      .filter(({ queenId, method, unit }) => queenId === id && hasHer(method, unit))
      .map(({ method, on, colonyId, colony }) => ({
        key: `${method}${on}`,
        eventId: null,
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
    swarming: swarmingWords(
      records.events.filter(({ queenId, kind }) => queenId === id && kind === 'swarmed').length,
      records.events.filter(({ queenId, kind }) => queenId === id && kind === 'cast-left').length,
    ),
    temper: temperOf(id, records),
    deleted: records.deleted
      .filter(({ queenId }) => queenId === id)
      .map(({ id: eventId, on, colony, kind }) => ({
        id: eventId,
        words: `${dayWords(day(on), 0)}, ${colony}: ${QUEEN_EVENT_WORDS[kind]}`,
      })),
    joined: records.joined
      .filter(({ intoId }) => intoId === id)
      .map(({ id: from, year, origin, at }) => ({
        id: from,
        words: joinedWords(queenWords(year, origin), day(at.slice(0, 10))),
      })),
    life: life.map((one) => ({ ...one, on: dayWords(day(one.on), 0) })),
    others: view.lines.filter((one) => one.id !== id).map(named),
  };
}

/** Where a queen was when, by what happened to her and by the methods that moved her. */
export function staysOfQueen(id: string, { events, moves }: QueenRecords): readonly Stay[] {
  const noted = [
    ...events
      .filter(({ queenId }) => queenId === id)
      .map(({ on, colonyId, kind }) => ({ on: day(on), colonyId, kind: kind as QueenEventKind | null })),
    ...moves
      .filter(({ queenId, method, unit }) => queenId === id && hasHer(method, unit))
      .map(({ on, colonyId }) => ({ on: day(on), colonyId, kind: null })),
  ].sort((a, b) => a.on - b.on);
  return staysOf(noted);
}

/** The temper of her colonies as noted while she was in them. */
export function temperOf(id: string, records: QueenRecords): string | null {
  const stays = staysOfQueen(id, records);
  // Her first colony is hers as long as it is in the book; she came to the others.
  return temperWords(temperUnder(stays, records.looksOf, (stay) => stay === stays[0]));
}

const hasHer = (method: MethodName, unit: string): boolean =>
  methodNamed(method).units.some(({ name, queen }) => name === unit && (queen === 'laying' || queen === 'caged'));

import { type Day, daysBetween } from '../calendar/day';
import { isLive } from '../cells/stage';
import { isFullSearch, type Thoroughness } from '../cells/thoroughness';
import { askedOf } from '../choices/asked-of';
import { isMethod } from '../choices/choice';
import { choose } from '../choices/choose';
import type { ColonyFacts, InspectionFact } from '../colony/facts';
import type { Method, MethodKind, MethodName } from '../methods/method';
import { methodNamed } from '../methods/methods';
import { cellsToKeep, keepTogether } from '../programmes/best-to-keep';
import { lays } from '../queens/queen-questions';
import { type Check, type CheckCode, nthOf } from '../schedule/check';
import { colonyOnDay } from '../schedule/standing';
import { type ColonyState, foldColony } from '../state/fold';
import { bookOf, CASE_SETTINGS } from './book';
import type { Case, CaseMove } from './case';
import { CASE_PLACE, methodsHere } from './methods-here';
import { isInWords, isTimeFor, looksOn, nextMove, startMove } from './moves';
import type { CasePlay } from './play';
import { seenAtCheck } from './seen-at-check';
import { type Sight, sightOf } from './sight';
import { writtenDown } from './written';

/** Checks for which every frame is shaken or brushed off. */
const SEARCHED_WELL: ReadonlySet<CheckCode> = new Set([
  'look',
  'act',
  'find-cells',
  'thin-cells',
  'clear-top-cells',
  'bottom-check',
  'which-half',
]);

/** What the schedule itself says is to be given to a hive that may have no queen. */
const GIVEN: ReadonlyMap<string, MethodName> = new Map([
  ['schedule/give-a-test-frame', 'test-comb'],
  ['schedule/give-a-queen-or-cell', 'requeen-mated'],
  ['schedule/replace-her', 'requeen-mated'],
]);

/** Room that was made is not made again so soon, days. */
const ROOM_LASTS = 10;

/** Who does not find her at once looks through it again. */
const LOOKS_FOR_QUEEN = 3;

/** A case under way: its truth, and what was done so far. */
export interface UnderWay {
  readonly of: Case;
  readonly play: CasePlay;
  readonly moves: CaseMove[];
}

const isBound = ({ stores }: Pick<InspectionFact, 'stores'>): boolean =>
  stores !== 'room' && stores !== 'not-looked-for';
const isRoom = (name: MethodName): boolean => methodNamed(name).kind === 'room';

const codeOf = (check: Check): CheckCode => check.code;

/** Keeps a colony by what the book itself says, day by day: what is due is done on its best day, as it is asked for. */
class Adviser {
  constructor(readonly way: UnderWay) {}

  facts(colonyId: string): ColonyFacts {
    const facts = bookOf(this.way.of, this.way.moves).get(colonyId);
    if (!facts) throw new Error(`No colony ${colonyId} in this case`);
    return facts;
  }

  state(colonyId: string): ColonyState {
    return foldColony(this.facts(colonyId), CASE_SETTINGS, this.way.play.today);
  }

  #do(move: CaseMove): void {
    this.way.play.do(move);
    this.way.moves.push(move);
  }

  #next(colonyId: string) {
    return nextMove(this.way.moves, this.way.play.today, colonyId);
  }

  /** All that is due at a colony today. */
  visit(colonyId: string): void {
    const today = this.way.play.today;
    const { due } = colonyOnDay(this.state(colonyId).schedule, today);
    const now = due.map(({ check }) => check).filter((check) => isTimeFor(check, today));
    if (now.length === 0 || this.#give(colonyId, now)) return;
    const inWords = now.filter(isInWords);
    if (now.some((check) => check.opens && !isInWords(check))) this.#look(colonyId, now.map(codeOf));
    for (const check of inWords) this.#answer(colonyId, check);
  }

  /** Gives what is asked for by name. Whether it could. */
  #give(colonyId: string, due: readonly Check[]): boolean {
    const [asked] = due.flatMap(({ order }) => GIVEN.get(order?.says ?? '') ?? []);
    const state = this.state(colonyId);
    const here = methodsHere(state, this.way.of.mainFlow).find(({ method }) => method.name === asked);
    if (here?.fit.kind !== 'fits') return false;
    this.start(colonyId, here.method, state);
    return true;
  }

  #answer(colonyId: string, check: Check): void {
    const { code, programme } = check;
    if (!programme) return;
    const answer = seenAtCheck(code as never, this.way.play.hive(colonyId));
    const nth = nthOf(check);
    this.#do({ ...this.#next(colonyId), kind: 'answer', programmeId: programme.id, code: code as never, nth, answer });
  }

  #look(colonyId: string, due: readonly CheckCode[]): void {
    const searched: Thoroughness = due.some((code) => SEARCHED_WELL.has(code)) ? 'cleared' : 'bees-on';
    this.look(colonyId, searched, (state, sight) => downFor(due, state, sight));
    this.#act(colonyId);
    this.#giveRoom(colonyId);
  }

  /** @param down which cells are broken down, by what the look was found to mean */
  look(
    colonyId: string,
    searched: Thoroughness,
    down: (state: ColonyState, sight: Sight) => ReadonlySet<string>,
  ): Sight {
    const { of, play, moves } = this.way;
    const next = this.#next(colonyId);
    const nth = looksOn(moves, next.on, colonyId);
    const sight = sightOf(play.hive(colonyId), { searched, today: play.played.today, seed: of.seed, nth });
    const facts = this.facts(colonyId);
    const write = (ids: ReadonlySet<string>) => {
      const entry = writtenDown(sight, facts, { id: next.id, colonyId, at: next.at, down: ids });
      return { ...next, kind: 'look', searched, entry } as const;
    };
    const found = bookOf(of, [...moves, write(new Set())]).get(colonyId);
    const state = found && foldColony(found, CASE_SETTINGS, play.today);
    this.#do(write(state ? down(state, sight) : new Set()));
    return sight;
  }

  /** What the reading asks for, by what comes first of its choices. */
  #act(colonyId: string): void {
    for (let looks = 1; ; looks++) {
      const state = this.state(colonyId);
      const last = state.lastInspection;
      if (!last || last.reading.actBy === null) return;
      if (!state.schedule.checks.some(({ code }) => code === 'act')) return;
      const method = isBound(last.inspection) ? null : this.#choice(state);
      if (method) {
        this.start(colonyId, method, state);
        return;
      }
      const isOfCells = state.liveCells.length > 0 && lays(state.queen);
      if (!isOfCells) return;
      // Not found again and again: cells down, so that what needs no queen can be done.
      if (looks < LOOKS_FOR_QUEEN) this.look(colonyId, 'bees-on', () => new Set());
      else if (looks === LOOKS_FOR_QUEEN) this.look(colonyId, 'cleared', (_, sight) => liveOf(sight, 'nest'));
      else return;
    }
  }

  /** What comes first of its choices that can be begun as it stands; null: what comes first is none. */
  #choice(state: ColonyState): Method | null {
    const { mainFlow } = this.way.of;
    const { first, others } = choose(askedOf(state, { ...CASE_PLACE, flow: mainFlow }));
    if (!isMethod(first)) return null;
    const fits = methodsHere(state, mainFlow).filter(({ fit }) => fit.kind === 'fits');
    const given = state.parts.filter(({ programme }) => daysBetween(programme.on, state.today) < ROOM_LASTS);
    const isGiven = (name: MethodName) => isRoom(name) && given.some(({ programme }) => programme.method === name);
    // A case is not played with every way to make room: where one is named, one that is does.
    const room = isRoom(first) ? fits.filter(({ method }) => method.kind === 'room') : [];
    const named = others.flatMap(({ choice }) => fits.filter(({ method }) => method.name === choice));
    const inOrder = [...fits.filter(({ method }) => method.name === first), ...room, ...named];
    return inOrder.find(({ method }) => !isGiven(method.name))?.method ?? null;
  }

  /** A nest that is hemmed in, or hives of which a method was just begun, are given room. */
  #giveRoom(colonyId: string): void {
    const today = this.way.play.today;
    const state = this.state(colonyId);
    const last = state.lastInspection?.inspection;
    const isGiven = state.parts.some(({ programme }) => programme.on === today && isRoom(programme.method));
    if (!last || last.on !== today || isGiven || !isBound(last)) return;
    const method = firstFitting(state, this.way.of.mainFlow, ['room']);
    if (method) this.start(colonyId, method, state);
  }

  start(colonyId: string, method: Method, state: ColonyState): void {
    const next = this.#next(colonyId);
    const kept = method.options.includes('keptCells')
      ? cellsToKeep(method, state.liveCells, lays(state.queen), CASE_SETTINGS.cellsKept)
      : [];
    const keptCellIds = kept.map(({ cell }) => cell.id);
    this.#do(startMove(next, { method: method.name, keptCellIds, buysQueen: false }));
    if (method.kind === 'swarm' && method.divides) this.#superOn(colonyId);
  }

  /** What is left of a strong colony fills its combs with honey while a young queen is waited for: a super goes on the same day. */
  #superOn(colonyId: string): void {
    const next = this.#next(colonyId);
    this.#do(startMove(next, { method: 'add-super', keptCellIds: [], buysQueen: false }));
  }
}

const liveOf = ({ cells }: Sight, part: 'above' | 'nest'): ReadonlySet<string> =>
  new Set(
    cells
      .filter((cell) => isLive(cell.stages[0] ?? 'sealed') && (cell.part === 'above') === (part === 'above'))
      .map(({ id }) => id),
  );

/** Which cells are broken down at a look, for what it is made. */
function downFor(due: readonly CheckCode[], state: ColonyState, sight: Sight): ReadonlySet<string> {
  const above = due.includes('clear-top-cells') ? liveOf(sight, 'above') : new Set<string>();
  const isToThin = due.includes('thin-cells') || state.lastInspection?.reading.reading === 'cast-risk';
  if (!isToThin || !isFullSearch(sight.searched)) return above;
  const kept = keepTogether(state.liveCells, CASE_SETTINGS.cellsKept);
  const stays = new Set(kept.map(({ cell }) => cell.id));
  return new Set([...above, ...[...liveOf(sight, 'nest')].filter((id) => !stays.has(id))]);
}

/** @param kinds of methods, those that are thought of first at the front */
function firstFitting(state: ColonyState, mainFlow: Case['mainFlow'], kinds: readonly MethodKind[]): Method | null {
  const fits = methodsHere(state, mainFlow).filter(({ fit }) => fit.kind === 'fits');
  return kinds.flatMap((kind) => fits.filter(({ method }) => method.kind === kind))[0]?.method ?? null;
}

/** Goes on with a case by what the book says, to the end of a day. Changes it. */
export function goOnAsAdvised(way: UnderWay, to: Day): void {
  const adviser = new Adviser(way);
  for (; way.play.today <= to; way.play.passTo((way.play.today + 1) as Day)) {
    for (const colonyId of [...way.play.played.hives.keys()]) adviser.visit(colonyId);
    if (way.play.today === to) return;
  }
}

/** Begins a method on a colony as it stands in the book, and nothing else. */
export const startNow = (way: UnderWay, colonyId: string, method: Method): void => {
  const adviser = new Adviser(way);
  adviser.start(colonyId, method, adviser.state(colonyId));
};

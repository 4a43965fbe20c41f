import type { Day } from '../core/calendar/day';
import type { DayRange } from '../core/calendar/window';
import { bookOf, CASE_SETTINGS } from '../core/cases/book';
import type { Case, CaseAnswer, CaseMove } from '../core/cases/case';
import { CASE_METHODS, mayBegin, methodsHere, PLACE } from '../core/cases/methods-here';
import { isInWords, isTimeFor, looksOn, nextMove, startMove } from '../core/cases/moves';
import { CasePlay } from '../core/cases/play';
import { seenAtCheck } from '../core/cases/seen-at-check';
import { type Sight, sightOf } from '../core/cases/sight';
import { writtenDown } from '../core/cases/written';
import type { Thoroughness } from '../core/cells/thoroughness';
import type { ColonyFacts } from '../core/colony/facts';
import { fitFactsOf } from '../core/colony/fit-facts';
import { mayStillHoldQueen } from '../core/colony/track-cells';
import type { MethodName } from '../core/methods/method';
import { mayBuyQueen, methodNamed, needsKeptCell, newUnitOf } from '../core/methods/methods';
import { cellsToKeep } from '../core/programmes/best-to-keep';
import { lays } from '../core/queens/queen-questions';
import { isDaily } from '../core/schedule/check';
import { shutOn } from '../core/schedule/leave-shut-wins';
import { colonyOnDay } from '../core/schedule/standing';
import { type ColonyState, foldColony } from '../core/state/fold';
import { type DecideView, decideView, type MethodView } from '../views/decide-view';
import { type DueView, dueView } from '../views/due-view';
import type { Mark } from '../views/marks';
import { cellsMarks, rowBelow, scheduleMarks } from '../views/marks-of';
import { type CellChoice, cellChoice, childName } from '../views/start-view';
import { type VerdictView, verdictView } from '../views/verdict-view';
import { answerWords } from '../words/answers';
import { type Draft, draftOf, emptyDraft } from './draft';
import { type EntryReading, readEntry } from './entry-reading';

/** A case as far as it was played on this device. */
export interface CaseKept {
  readonly of: Case;
  readonly moves: readonly CaseMove[];
  readonly today: Day;
}

/** One hive of a case as the keeper knows it. */
export interface CaseHiveView {
  readonly id: string;
  readonly name: string;
  readonly verdict: VerdictView;
  readonly due: readonly DueView[];
  readonly shut: DayRange | null;
  readonly marks: readonly Mark[];
  /** Checks that no look tells of, and that are due: what there is to see, once it is done. */
  readonly toDo: readonly {
    readonly key: string;
    readonly order: string;
    readonly answer: CaseAnswer;
    readonly comesTo: string;
  }[];
  /** Something is due for which it is opened. */
  readonly isToOpen: boolean;
  /** The last reading asks for something to be done. */
  readonly isToAct: boolean;
}

export const nameIn = ({ of, moves }: Pick<CaseKept, 'of' | 'moves'>): ((colonyId: string) => string) => {
  const names = new Map(of.colonies.map(({ id, name }) => [id, name]));
  for (const move of moves) {
    if (move.kind !== 'start' || move.newColonyId === null) continue;
    const unit = newUnitOf(methodNamed(move.method))?.name ?? '';
    const parent = (names.get(move.colonyId) ?? '').split(' ')[0] ?? '';
    names.set(move.newColonyId, childName(parent, unit, new Set(names.values())));
  }
  return (colonyId) => names.get(colonyId) ?? colonyId;
};

function playOf({ of, moves, today }: CaseKept): CasePlay {
  const play = new CasePlay(of);
  for (const move of moves) play.do(move);
  play.passTo(today);
  return play;
}

const statesOf = ({ of, moves, today }: CaseKept): readonly (readonly [string, ColonyFacts, ColonyState])[] =>
  [...bookOf(of, moves)].map(([id, facts]) => [id, facts, foldColony(facts, CASE_SETTINGS, today)] as const);

/** All hives of a case by its book, today. */
export function caseAtHand(kept: CaseKept): readonly CaseHiveView[] {
  const play = playOf(kept);
  const name = nameIn(kept);
  return statesOf(kept).map(([id, , state]) => {
    const { due } = colonyOnDay(state.schedule, kept.today);
    const cells = cellsMarks(state.liveCells, state.schedule.emergence);
    const inWords = due.filter(({ check }) => isInWords(check) && check.programme !== null);
    return {
      id,
      name: name(id),
      verdict: verdictView(state, kept.today),
      due: due.filter(({ check }) => !isDaily(check.code)).map((one) => dueView(one, kept.today)),
      shut: shutOn(state.schedule.leaveShut, kept.today),
      marks: [...cells, ...scheduleMarks(state.schedule, kept.today, rowBelow(cells))],
      toDo: inWords
        .filter(({ check }) => !isDaily(check.code))
        .flatMap((one) => {
          const { asks, key, order } = dueView(one, kept.today);
          if (!asks) return [];
          const answer = seenAtCheck(asks.code, play.hive(id));
          const move = { ...nextMove(kept.moves, kept.today, id), kind: 'answer', ...asks, answer } as const;
          return [{ key, order, answer: move, comesTo: answerWords({ check: asks.code, answer }) }];
        }),
      isToOpen: due.some(
        ({ check }) => check.opens && check.code !== 'act' && !isDaily(check.code) && !isInWords(check),
      ),
      isToAct: state.schedule.checks.some(({ code }) => code === 'act'),
    };
  });
}

/** A hive that is open: what can be seen, and the entry in which it is written down. */
export interface CaseLookView {
  readonly sight: Sight;
  readonly facts: ColonyFacts;
  readonly minute: string;
  readonly empty: Draft;
  readonly first: EntryReading;
  /** All of it written down as it was seen. */
  readonly asSeen: Draft;
  readonly firstAsSeen: EntryReading;
}

export function lookInto(kept: CaseKept, colonyId: string, searched: Thoroughness): CaseLookView {
  const { of, moves, today } = kept;
  const play = playOf(kept);
  const next = nextMove(kept.moves, kept.today, colonyId);
  const nth = looksOn(moves, today, colonyId);
  const sight = sightOf(play.hive(colonyId), { searched, today: play.played.today, seed: of.seed, nth });
  const facts = bookOf(of, moves).get(colonyId);
  if (!facts) throw new Error(`No colony ${colonyId} in this case`);
  const empty = emptyDraft(next.id, colonyId, next.at);
  const asSeen = draftOf(writtenDown(sight, facts, { id: next.id, colonyId, at: next.at, down: new Set() }));
  const read = (draft: Draft) => readEntry({ facts, settings: CASE_SETTINGS, draft, today, isCorrection: false });
  return { sight, facts, minute: next.at, empty, first: read(empty), asSeen, firstAsSeen: read(asSeen) };
}

/** A method as it can be chosen in a case. */
export interface CaseMethodView {
  readonly view: MethodView;
  /** It can be begun now, advised or not. */
  readonly mayBegin: boolean;
  readonly asksCells: boolean;
  readonly needsCell: boolean;
  readonly mayBuy: boolean;
  readonly suggested: readonly string[];
}

export interface CaseChoicesView {
  readonly methods: readonly CaseMethodView[];
  readonly withoutQueen: string | null;
  readonly cells: readonly CellChoice[];
}

/** What can be done with a hive, each with whether it fits. */
export function caseChoices(kept: CaseKept, colonyId: string): CaseChoicesView {
  const { of, moves, today } = kept;
  const facts = bookOf(of, moves).get(colonyId);
  if (!facts) throw new Error(`No colony ${colonyId} in this case`);
  const state = foldColony(facts, CASE_SETTINGS, today);
  const decide: DecideView = decideView(state, facts, fitFactsOf(state, of.mainFlow, PLACE), CASE_SETTINGS);
  const live = state.liveCells.filter((cell) => mayStillHoldQueen(cell, today));
  const fits = new Map(methodsHere(state, of.mainFlow).map(({ method, fit }) => [method.name, fit]));
  const here = new Set<MethodName>(CASE_METHODS.map(({ name }) => name));
  return {
    methods: [...decide.fits, ...decide.wouldFit, ...decide.doesNotFit]
      .filter(({ name }) => here.has(name))
      .map((view) => {
        const method = methodNamed(view.name);
        const fit = fits.get(view.name);
        return {
          view,
          mayBegin: fit !== undefined && mayBegin(fit),
          asksCells: method.options.includes('keptCells'),
          needsCell: needsKeptCell(method),
          mayBuy: mayBuyQueen(method),
          suggested: cellsToKeep(method, live, lays(state.queen), CASE_SETTINGS.cellsKept).map(({ cell }) => cell.id),
        };
      }),
    withoutQueen: decide.withoutQueen,
    cells: live.map(cellChoice),
  };
}

/** The first day from tomorrow on, up to the last of the case, on which something is due at a hive. */
export function nextDueDay(kept: CaseKept, last: Day): Day {
  const books = [...bookOf(kept.of, kept.moves).values()];
  for (let day = kept.today + 1; day < last; day++) {
    const isDue = books.some((facts) => {
      const { due } = colonyOnDay(foldColony(facts, CASE_SETTINGS, day as Day).schedule, day as Day);
      return due.some(({ check }) => isTimeFor(check, day as Day));
    });
    if (isDue) return day as Day;
  }
  return last;
}

/** A method begun by the keeper. */
export const startOf = ({ moves, today }: CaseKept, colonyId: string, of: Parameters<typeof startMove>[1]): CaseMove =>
  startMove(nextMove(moves, today, colonyId), of);

import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { addDays, formatDay } from '../core/calendar/day';
import { QUEEN_EVENTS, QUEEN_SEEN_AS } from '../core/colony/facts';
import { ALL_METHOD_NAMES } from '../core/methods/method';
import { methodNamed } from '../core/methods/methods';
import type { Result } from '../core/problems/issue';
import { ANSWERS } from '../core/programmes/answers';
import type { Book } from '../db/open';
import { loadColonyFacts } from '../db/repositories/colony-facts';
import { colonies } from '../db/schema/tables';
import { dueViews } from '../views/due-view';
import { allFacts } from './all-facts';
import { loadColony } from './colony-page';
import { deleteInspection } from './entries/delete-inspection';
import { saveInspection } from './entries/save-inspection';
import { deleteQueenEvent, saveQueenEvent } from './entries/save-queen-event';
import { answerCheck, takeBackAnswer, takeBackProgramme } from './programmes/change-programme';
import { startAll } from './programmes/start-all';
import { readAllFacts } from './season/season-facts';
import { anEntry, aStart, DEMO_NOW, demoBook, id } from './testing';

const { today } = DEMO_NOW;
/** Each run does and takes back some things, one after the other, in one book; a failing seed is printed. */
const RUNS = 30;

const daysAgo = fc.nat({ max: 6 });
const which = fc.nat({ max: 1000 });
const doings = fc.oneof(
  fc.record({
    type: fc.constant('start' as const),
    method: fc.constantFrom(...ALL_METHOD_NAMES),
    which,
    daysAgo,
    keeps: fc.boolean(),
  }),
  fc.record({
    type: fc.constant('inspection' as const),
    which,
    daysAgo,
    queenSeenAs: fc.constantFrom(...QUEEN_SEEN_AS),
    eggs: fc.constantFrom('seen' as const, 'none' as const),
    takesDown: fc.boolean(),
  }),
  fc.record({ type: fc.constant('queen-event' as const), kind: fc.constantFrom(...QUEEN_EVENTS), which, daysAgo }),
  fc.record({ type: fc.constant('answer' as const), which, answer: which }),
);
type Doing = typeof doings extends fc.Arbitrary<infer T> ? T : never;

const pick = <T>(from: readonly T[], n: number): T => from[n % from.length] as T;

/** Does it, as the `n`th thing done in the book, and says how it is taken back. */
function done(
  opened: Book,
  doing: Doing,
  n: number,
): { result: Result<unknown>; takeBack: () => Result<unknown> } | null {
  const { db } = opened;
  const facts = readAllFacts(db);
  const colonyIds = facts.colonies.filter(({ endedOn }) => endedOn === null).map((row) => row.id);
  const colonyId = pick(colonyIds, doing.which);
  const state = loadColony(opened, colonyId, today)?.state;
  const mine = id(n * 10);
  const another = id(n * 10 + 1);
  const on = formatDay(addDays(today, 'daysAgo' in doing ? -doing.daysAgo : 0));
  switch (doing.type) {
    case 'start': {
      const makesColony = methodNamed(doing.method).units.some(({ isNewColony }) => isNewColony);
      const start = aStart({
        id: mine,
        colonyId,
        method: doing.method,
        on,
        keptCellIds: doing.keeps ? (state?.liveCells ?? []).slice(0, 1).map(({ cell }) => cell.id) : [],
        newColony: makesColony
          ? { id: another, name: `New ${n}`, apiaryId: facts.apiaries[0]?.id as string, stand: '' }
          : null,
        withColonyId: doing.method === 'unite' ? pick(colonyIds, doing.which + 1) : null,
      });
      return {
        result: startAll(db, { start, gifts: [] }, DEMO_NOW),
        takeBack: () => takeBackProgramme(db, mine, DEMO_NOW),
      };
    }
    case 'inspection': {
      const cells = (state?.liveCells ?? []).slice(0, 1).map(({ cell }) => ({
        observationId: another,
        cellId: cell.id,
        found: 'sealed' as const,
        takenDown: doing.takesDown,
        newCell: null,
      }));
      const { eggs, queenSeenAs } = doing;
      const entry = anEntry({ id: mine, colonyId, at: `${on}T09:00`, eggs, queen: 'seen', queenSeenAs, cells });
      return { result: saveInspection(db, entry, DEMO_NOW), takeBack: () => deleteInspection(db, mine, DEMO_NOW) };
    }
    case 'queen-event': {
      const event = {
        id: mine,
        queenId: another,
        colonyId,
        at: null,
        on,
        to: null,
        kind: doing.kind,
        went: null,
        hivedAsId: null,
        note: '',
      };
      const newQueen = {
        id: another,
        motherQueenId: null,
        origin: 'unknown',
        emergedFrom: null,
        emergedTo: null,
        note: '',
        isToBreedFrom: false,
      } as const;
      return {
        result: saveQueenEvent(db, { event, newQueen }, DEMO_NOW),
        takeBack: () => deleteQueenEvent(db, mine, DEMO_NOW),
      };
    }
    case 'answer': {
      const asked = (state ? dueViews(state) : []).flatMap(({ asks }) => asks ?? []);
      if (asked.length === 0) return null;
      const one = pick(asked, doing.which);
      const answer = {
        ...one,
        id: mine,
        colonyId,
        at: `${formatDay(today)}T17:00`,
        answer: pick(ANSWERS[one.code], doing.answer).code,
        queenlessColonyId: null,
        note: '',
      };
      return {
        result: answerCheck(db, answer, DEMO_NOW),
        takeBack: () => takeBackAnswer(db, mine, DEMO_NOW),
      };
    }
  }
}

describe('what is taken back', () => {
  it('leaves every colony as it was before, and so does what is refused', () => {
    const counts = new Map<string, number>();
    const check = (many: readonly Doing[]) => {
      const opened = demoBook();
      const first = opened.db.select().from(colonies).all();
      // A state follows from these alone.
      const known = () => {
        const facts = loadColonyFacts(opened.db);
        const rows = new Map(
          opened.db
            .select()
            .from(colonies)
            .all()
            .map((row) => [row.id, row]),
        );
        return first.map(({ id: one }) => [rows.get(one), facts.get(one)]);
      };
      const before = known();
      many.forEach((doing, n) => {
        const outcome = done(opened, doing, n + 100);
        if (!outcome) return;
        if (outcome.result.ok) {
          counts.set(doing.type, (counts.get(doing.type) ?? 0) + 1);
          expect(known()).not.toEqual(before);
          // What was read before and not changed since is what would be read now.
          expect(allFacts(opened, today)).toEqual(loadColonyFacts(opened.db));
          expect(outcome.takeBack()).toMatchObject({ ok: true });
        }
        expect(known(), JSON.stringify(doing)).toEqual(before);
        expect(allFacts(opened, today)).toEqual(loadColonyFacts(opened.db));
      });
      opened.sqlite.close();
    };
    fc.assert(fc.property(fc.array(doings, { minLength: 3, maxLength: 6 }), check), { numRuns: RUNS, seed: 20270516 });
    expect([...counts.keys()].sort()).toEqual(['answer', 'inspection', 'queen-event', 'start']);
    expect(Math.min(...counts.values())).toBeGreaterThan(5);
  }, 60_000);
});

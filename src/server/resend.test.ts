import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import type { InspectionEntry } from '../core/facts/entry';
import type { Book } from '../db/open';
import { findEntry } from '../db/repositories/inspection-entry';
import { checkAnswers, stepsDone } from '../db/schema/tables';
import { deletedVersion, versionOf } from '../device/version-of';
import { deleteInspection, restoreInspection } from './entries/delete-inspection';
import { saveInspection } from './entries/save-inspection';
import { deleteSurvey, saveSurvey } from './entries/save-survey';
import { answerCheck, takeBackAnswer, tickStep } from './programmes/change-programme';
import { readAllFacts } from './season/season-facts';
import { anEntry, codes, DEMO_NOW, demoBook, id } from './testing';

const now = DEMO_NOW;
let opened: Book;
beforeEach(() => {
  opened = demoBook();
});
afterEach(() => {
  opened.sqlite.close();
});
const facts = () => readAllFacts(opened.db);
const colonyId = (name: string) => facts().colonies.find((one) => one.name === name)?.id as string;

describe('an inspection whose answer was lost, and that is sent again', () => {
  const look = (over: Partial<InspectionEntry> = {}) =>
    anEntry({ id: id(900), colonyId: colonyId('Betony'), at: '2027-05-15T15:00', note: 'at the hive', ...over });
  const save = (entry: InspectionEntry, over?: readonly string[]) => codes(saveInspection(opened.db, entry, now, over));
  const stands = () => findEntry(opened.db, id(900));

  it('does not undo a correction made at the desk', () => {
    save(look());
    expect(save(look({ note: 'at the desk' }), [versionOf(look())])).toBe('stored');
    const before = facts();
    expect(save(look())).toBe('stored');
    expect(facts()).toEqual(before);
    expect(stands()?.entry.note).toEqual('at the desk');
  });

  it('does not bring back what was deleted, nor delete what was put back', () => {
    save(look());
    deleteInspection(opened.db, id(900), now);
    expect(save(look())).toBe('stored');
    expect(stands()?.deletedAt).not.toBeNull();
    restoreInspection(opened.db, id(900), now);
    expect(save(look())).toBe('stored');
    expect(stands()?.deletedAt).toBeNull();
  });

  it('corrects back to what was said first, where that is meant', () => {
    save(look());
    const corrected = look({ note: 'at the desk' });
    save(corrected, [versionOf(look())]);
    expect(save(look(), [versionOf(corrected)])).toBe('stored');
    expect(stands()?.entry.note).toEqual('at the hive');
  });

  it('is a question where two people changed it without knowing of each other, and stores nothing', () => {
    save(look());
    save(look({ note: 'at the desk' }), [versionOf(look())]);
    const before = facts();
    expect(save(look({ note: 'on the phone' }), [versionOf(look())])).toEqual(['changed-meanwhile ']);
    expect(facts()).toEqual(before);
    expect(save(look({ note: 'on the phone' }), [versionOf(look({ note: 'at the desk' }))])).toBe('stored');
  });

  it('is a question where it was deleted meanwhile, and stands again where the keeper says so', () => {
    save(look());
    deleteInspection(opened.db, id(900), now);
    const corrected = look({ note: 'on the phone' });
    expect(save(corrected, [versionOf(look())])).toEqual(['changed-meanwhile ']);
    expect(save(corrected, [deletedVersion(look())])).toBe('stored');
    expect(stands()).toMatchObject({ deletedAt: null, entry: { note: 'on the phone' } });
  });

  it('is new again in a book that does not have it any more', () => {
    save(look());
    opened.sqlite.exec(`delete from inspection where id = '${id(900)}'`);
    expect(save(look())).toBe('stored');
    expect(stands()?.deletedAt).toBeNull();
  });
});

describe('what else was said, and is sent again', () => {
  const teasel = () => {
    const programme = facts().programmes.find((one) => one.colonyId === colonyId('Teasel'));
    if (!programme) throw new Error('Teasel has no programme');
    return programme;
  };

  it('an answer stays taken back', () => {
    const answer = {
      id: id(901),
      programmeId: teasel().id,
      colonyId: colonyId('Teasel'),
      code: 'clear-top-cells' as const,
      nth: 1,
      at: '2027-05-16T15:00',
      answer: 'none-found',
      queenlessColonyId: null,
      note: '',
    };
    const given = () =>
      opened.db
        .select()
        .from(checkAnswers)
        .all()
        .filter((one) => one.id === id(901)).length;
    expect([codes(answerCheck(opened.db, answer, now)), given()]).toEqual(['stored', 1]);
    takeBackAnswer(opened.db, id(901), now);
    expect([codes(answerCheck(opened.db, answer, now)), given()]).toEqual(['stored', 0]);
  });

  it('a step stays unticked, and one ticked anew stays ticked', () => {
    const tick = (n: number, isDone: boolean) =>
      tickStep(opened.db, { id: id(n), programmeId: teasel().id, step: 1, at: '2027-05-16T15:00', isDone }, now);
    const isTicked = () =>
      opened.db
        .select()
        .from(stepsDone)
        .all()
        .some(({ programmeId, step }) => programmeId === teasel().id && step === 1);
    tick(902, false);
    tick(903, true);
    tick(904, false);
    tick(903, true);
    expect(isTicked()).toBe(false);
    tick(905, true);
    tick(904, false);
    expect(isTicked()).toBe(true);
  });

  it('a survey stays deleted', () => {
    const [survey] = facts().surveys;
    if (!survey) throw new Error('no survey');
    const { deletedAt: _, ...entry } = survey;
    deleteSurvey(opened.db, entry.id, now);
    expect(codes(saveSurvey(opened.db, entry, now))).toBe('stored');
    expect(facts().surveys.find((one) => one.id === entry.id)?.deletedAt).not.toBeNull();
  });
});

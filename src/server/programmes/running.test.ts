import { describe, expect, it } from 'vitest';
import { day } from '../../core/calendar/day';
import type { ProgrammeStart } from '../../core/facts/programme-start';
import { readAllFacts } from '../season/season-facts';
import { DEMO_NOW, id } from '../testing';
import {
  answerCheck,
  changeCheck,
  endProgramme,
  putBackProgramme,
  takeBackAnswer,
  takeBackProgramme,
  tickStep,
} from './change-programme';
import { correctProgramme } from './correct-programme';
import { loadProgramme } from './programme-page';
import { eachWithDemoBook, faults } from './testing';

const { book, colonyId, stateOf, codesOf, nucSwarm, begin } = eachWithDemoBook();
const now = DEMO_NOW;
const TODAY = now.today;

describe('a running programme', () => {
  const running = () => readAllFacts(book().db).programmes.find(({ method }) => method === 'demaree')?.id as string;
  const answer = (over: object = {}) => ({
    id: id(20),
    programmeId: running(),
    colonyId: colonyId('Teasel'),
    code: 'bottom-check' as const,
    nth: 1,
    at: '2027-05-16T15:00',
    answer: 'in-order',
    queenlessColonyId: null,
    note: '',
    ...over,
  });

  it('is answered, and the answer taken back', () => {
    for (let twice = 0; twice < 2; twice++) expect(answerCheck(book().db, answer(), now).ok).toBe(true);
    expect(codesOf('Teasel')).not.toContain('bottom-check');
    expect(loadProgramme(book(), running(), TODAY)?.view.story[0]).toMatchObject({ answerId: id(20) });
    expect(takeBackAnswer(book().db, id(20), now).ok).toBe(true);
    expect(codesOf('Teasel')).toContain('bottom-check');
    expect(faults(takeBackAnswer(book().db, id(20), now))).toEqual(['id not-found']);
  });

  it.each([
    ['an answer that it has not', { answer: 'fine' }, 'answer not-one-of'],
    ['a colony that is no part of it', { colonyId: 'Vetch' }, 'colonyId unknown-reference'],
    ['a time to come', { at: '2027-05-17T08:00' }, 'at in-the-future'],
    ['a time before it began', { at: '2027-05-08T08:00' }, 'at contradiction'],
  ])('refuses %s', (_, change, fault) => {
    const over = 'colonyId' in change ? { colonyId: colonyId(change.colonyId as string) } : change;
    expect(faults(answerCheck(book().db, answer(over), now))).toEqual([fault]);
  });

  it('has its steps ticked and unticked', () => {
    const tick = (isDone: boolean) =>
      tickStep(book().db, { id: id(30), programmeId: running(), step: 0, at: '2027-05-16T15:00', isDone }, now);
    const first = () => loadProgramme(book(), running(), TODAY)?.view.steps[0]?.isDone;
    tick(false);
    expect(first()).toBe(false);
    tick(true);
    tick(true);
    expect(first()).toBe(true);
    expect(
      faults(
        tickStep(
          book().db,
          { id: id(31), programmeId: running(), step: 39, at: '2027-05-16T15:00', isDone: true },
          now,
        ),
      ),
    ).toEqual(['step out-of-range']);
  });

  it('is given up and taken up again', () => {
    expect(endProgramme(book().db, { id: running(), endedOn: '2027-05-16' }, now).ok).toBe(true);
    expect(codesOf('Teasel')).not.toContain('clear-top-cells');
    endProgramme(book().db, { id: running(), endedOn: null }, now);
    expect(codesOf('Teasel')).toContain('clear-top-cells');
    expect(faults(endProgramme(book().db, { id: running(), endedOn: '2027-05-20' }, now))).toEqual([
      'endedOn out-of-range',
    ]);
  });

  it('is a union that parts the two again when it is given up, or taken back', () => {
    const unite = (over: Partial<ProgrammeStart> = {}) =>
      nucSwarm({
        method: 'unite',
        colonyId: colonyId('Sorrel'),
        withColonyId: colonyId('Betony'),
        keptCellIds: [],
        newColony: null,
        ...over,
      });
    expect(faults(begin(unite({ withColonyId: colonyId('Campion') })))).toEqual(['withColonyId contradiction']);
    expect(faults(begin(unite()))).toEqual([]);
    expect([stateOf('Sorrel').ended, stateOf('Betony').ended]).toEqual([true, false]);
    endProgramme(book().db, { id: id(1), endedOn: '2027-05-16' }, now);
    expect(stateOf('Sorrel').ended).toBe(false);
    endProgramme(book().db, { id: id(1), endedOn: null }, now);
    expect(stateOf('Sorrel').ended).toBe(true);
    expect(faults(takeBackProgramme(book().db, id(1), now))).toEqual([]);
    expect(stateOf('Sorrel').ended).toBe(false);
  });

  it('leaves a colony that came of it, and for which something was entered, with all its history when it is taken back', () => {
    const { programmes, programmeUnits } = readAllFacts(book().db);
    const nuc = programmes.find(({ method }) => method === 'nuc-swarm')?.id as string;
    const child = programmeUnits.find(({ programmeId, unit }) => programmeId === nuc && unit === 'nuc')?.colonyId;
    const before = readAllFacts(book().db).inspections.filter((row) => row.colonyId === child);
    expect(before.length).toBeGreaterThan(0);
    expect(faults(takeBackProgramme(book().db, nuc, now))).toEqual([]);
    const after = readAllFacts(book().db);
    expect(after.colonies.find((row) => row.id === child)?.endedOn).toBeNull();
    expect(after.inspections.filter((row) => row.colonyId === child)).toEqual(before);
    expect(faults(putBackProgramme(book().db, nuc, now))).toEqual([]);
    expect(readAllFacts(book().db).colonies.find((row) => row.id === child)?.endedOn).toBeNull();
  });

  it('is put on the day on which it was done, and all dates follow', () => {
    expect(begin(nucSwarm()).ok).toBe(true);
    const thin = () => stateOf('Sainfoin').schedule.checks.find(({ code }) => code === 'thin-cells')?.window.latest;
    const before = thin() as number;
    const correct = (on: string, to: string | null = null) =>
      faults(correctProgramme(book().db, { id: id(1), on, to, note: '' }, now));
    expect(correct('2027-05-17')).toEqual(['on in-the-future']);
    expect(correct('2027-05-15', '2027-05-14')).toEqual(['to out-of-range']);
    expect(correct('2027-05-15')).toEqual([]);
    expect(thin()).toBeLessThanOrEqual(before);
    const facts = readAllFacts(book().db);
    expect(facts.programmes.find((row) => row.id === id(1))).toMatchObject({ on: '2027-05-15', at: null });
    expect(facts.colonies.find((row) => row.id === id(2))?.startedOn).toBe('2027-05-15');
    expect(facts.revisions.filter(({ entityId }) => entityId === id(1)).map(({ action }) => action)).toEqual([
      'corrected',
    ]);
  });
});

describe('changing a check', () => {
  const change = (over: object) =>
    changeCheck(
      book().db,
      {
        id: id(40),
        colonyId: colonyId('Knapweed'),
        key: stateOf('Knapweed').schedule.checks[0]?.key as string,
        at: '2027-05-16T20:00',
        kind: 'moved',
        to: '2027-05-17',
        reason: '',
        ...over,
      },
      now,
    );

  it('moves it, or says what is missing', () => {
    expect(change({}).ok).toBe(true);
    expect(stateOf('Knapweed').schedule.checks[0]).toMatchObject({ plannedFor: day('2027-05-17') });
    expect(faults(change({ id: id(41), to: null }))).toEqual(['to missing']);
    expect(faults(change({ id: id(42), to: '2027-05-10' }))).toEqual(['to out-of-range']);
    expect(faults(change({ id: id(43), kind: 'skipped', to: null }))).toEqual(['reason missing']);
  });

  it('takes what was said on an earlier day without a signal, and nothing from days to come', () => {
    expect(faults(change({ id: id(44), at: '2027-05-14T10:00', to: '2027-05-15' }))).toEqual([]);
    expect(faults(change({ id: id(45), at: '2027-05-18T10:00', to: '2027-05-19' }))).toEqual(['at in-the-future']);
  });
});

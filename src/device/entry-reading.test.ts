import { describe, expect, it } from 'vitest';
import { day } from '../core/calendar/day';
import { aColony, inspection } from '../core/colony/testing';
import { DEFAULT_SETTINGS } from '../core/settings/settings';
import { foldColony } from '../core/state/fold';
import { changeDraft, emptyDraft } from './draft';
import { type EntryQuestion, readEntry } from './entry-reading';

const id = (n: number) => `01970000-0000-7000-8000-${String(n).padStart(12, '0')}`;
const charged = { cellId: id(7), found: 'larva-large', takenDown: false } as const;
const facts = aColony({
  cells: [{ id: id(7), label: 'a', place: 'bottom', box: null, frame: null, part: null }],
  inspections: [inspection({ at: '2027-05-10T15:00', cells: [charged] })],
});
const draft = emptyDraft(id(1), id(2), '2027-05-13T12:00');
const question: EntryQuestion = {
  facts,
  settings: DEFAULT_SETTINGS,
  draft,
  today: day('2027-05-13'),
  isCorrection: false,
};
const seenClosed = changeDraft(draft, {
  type: 'known',
  cellId: id(7),
  observationId: id(8),
  found: 'sealed-fresh',
  takenDown: false,
});

describe('what an entry means so far', () => {
  it('asks about the cells known from before, and says what the visit is for', () => {
    const { known, due, shut } = readEntry(question);
    expect(known.map(({ cell, last }) => [cell.label, last?.lastStage])).toEqual([['a', 'larva-large']]);
    expect(due.length).toBeGreaterThan(0);
    expect(shut).toBeNull();
  });

  it('says what the server will say once it is stored', () => {
    const entry = changeDraft(seenClosed, { type: 'set', fields: { thoroughness: 'cleared', eggs: 'seen' } });
    const seen = { cellId: id(7), found: 'sealed-fresh', takenDown: false } as const;
    const stored = foldColony(
      { ...facts, inspections: [...facts.inspections, inspection({ at: draft.at, eggs: 'seen', cells: [seen] })] },
      DEFAULT_SETTINGS,
      day('2027-05-13'),
    );
    const { verdict, outOf } = readEntry({ ...question, draft: entry });
    expect(stored.lastInspection?.reading.reading).toBe('swarm-imminent');
    expect(verdict.reading?.because).toEqual(stored.lastInspection?.reading.because.map(({ text }) => text));
    expect(verdict.next?.why).toEqual(stored.schedule.checks[0]?.why);
    expect(outOf[id(7)]).toBe('16 to 22 May');
  });

  it('keeps a cell in sight that was answered before the day was changed', () => {
    const moved = changeDraft(seenClosed, { type: 'set', fields: { at: '2027-05-09T12:00' } });
    const { known, axisDay } = readEntry({ ...question, draft: moved });
    expect(known.map(({ cell, last }) => [cell.label, last])).toEqual([['a', null]]);
    expect(axisDay).toBe(day('2027-05-09'));
  });

  it('tells what a correction moves, and nothing of the kind for a new entry', () => {
    const looked = inspection({ at: '2027-05-12T15:00' });
    const corrected = {
      ...emptyDraft(looked.id, id(2), looked.at),
      thoroughness: 'bees-on' as const,
      eggs: 'seen' as const,
    };
    const facts = aColony({ inspections: [looked] });
    expect(readEntry({ ...question, facts, draft: corrected, isCorrection: true }).moves).toEqual([
      'Inspect: now 14 to 16 May (was 17 to 19 May)',
    ]);
    expect(readEntry({ ...question, draft: seenClosed }).moves).toEqual([]);
  });
});

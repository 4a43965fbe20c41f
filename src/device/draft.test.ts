import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { CELL_STAGES } from '../core/cells/stage';
import { factsWith } from '../core/colony/facts-with';
import { aColony, inspection } from '../core/colony/testing';
import { inspectionEntry } from '../core/facts/entry';
import { type Change, changeDraft, type Draft, draftOf, emptyDraft, entryOf, factsBefore, liveCellsOf } from './draft';

const id = (n: number) => `01970000-0000-7000-8000-${String(n).padStart(12, '0')}`;
const blank = emptyDraft(id(1), id(2), '2027-05-10T12:00');
const drafted = (...changes: Change[]) => changes.reduce(changeDraft, blank);
const add = (n: number, stage: 'egg' | 'larva-large' = 'egg'): Change => ({
  type: 'add-cell',
  stage,
  cellId: id(100 + n),
  observationId: id(200 + n),
});

describe('a draft', () => {
  it('takes nothing for looked at until that is said', () => {
    const { eggs, queen, droneBroodInWorkerCells, severalEggsPerCell, stores, thoroughness, youngest } = blank;
    expect([eggs, queen, droneBroodInWorkerCells, severalEggsPerCell, stores]).toEqual(Array(5).fill('not-looked-for'));
    expect([thoroughness, youngest]).toEqual([null, null]);
  });

  it('adds cells where it was said that they hang', () => {
    const hangs = { place: 'edge', box: 2, frame: 5, part: null } as const;
    const { fresh } = drafted(add(1), { type: 'set', fields: { hangs } }, add(2));
    expect(fresh.map(({ place, box, frame }) => [place, box, frame])).toEqual([
      ['not-said', null, null],
      ['edge', 2, 5],
    ]);
  });

  it('drops the last cell of a stage, and nothing when there is none', () => {
    const two = drafted(add(1), add(2, 'larva-large'), add(3));
    expect(changeDraft(two, { type: 'drop-cell', stage: 'egg' }).fresh.map(({ cellId }) => cellId)).toEqual([
      id(101),
      id(102),
    ]);
    expect(changeDraft(two, { type: 'drop-cell', stage: 'sealed' })).toEqual(two);
  });

  it('breaks down as many of a stage as are counted', () => {
    const three = drafted(add(1), add(2, 'larva-large'), add(3), { type: 'take-down', stage: 'egg', count: 1 });
    expect(three.fresh.map(({ takenDown }) => takenDown)).toEqual([true, false, false]);
    const none = changeDraft(three, { type: 'take-down', stage: 'egg', count: 0 });
    expect(none.fresh.some(({ takenDown }) => takenDown)).toBe(false);
  });

  it('leaves a known cell out that was not looked at', () => {
    const seen: Change = { type: 'known', cellId: id(7), observationId: id(8), found: 'sealed', takenDown: true };
    expect(entryOf(drafted(seen), 'cleared').cells).toEqual([
      { cellId: id(7), observationId: id(8), found: 'sealed', takenDown: true, newCell: null },
    ]);
    expect(entryOf(drafted(seen, { ...seen, found: null }), 'cleared').cells).toEqual([]);
  });

  const anyChange: fc.Arbitrary<Change> = fc.oneof(
    fc
      .record({ type: fc.constant('add-cell' as const), stage: fc.constantFrom(...CELL_STAGES), n: fc.nat(1e6) })
      .map(({ type, stage, n }): Change => ({ type, stage, cellId: id(1e9 + n), observationId: id(2e9 + n) })),
    fc.record({ type: fc.constant('drop-cell' as const), stage: fc.constantFrom(...CELL_STAGES) }),
    fc.record({
      type: fc.constant('known' as const),
      cellId: fc.nat(5).map((n) => id(10 + n)),
      observationId: fc.nat(1e6).map((n) => id(3e9 + n)),
      found: fc.option(fc.constantFrom(...CELL_STAGES, 'not-found' as const), { nil: null }),
      takenDown: fc.boolean(),
    }),
    fc.record({
      type: fc.constant('set' as const),
      fields: fc.record({ eggs: fc.constantFrom('seen' as const, 'none' as const), note: fc.string() }),
    }),
  );

  it('makes entries that the server’s schema takes, and is taken up again as it was', () => {
    fc.assert(
      fc.property(fc.array(anyChange, { maxLength: 12 }), (changes) => {
        const entry = entryOf(changes.reduce(changeDraft, blank), 'bees-on');
        expect(inspectionEntry.safeParse(entry).error).toBeUndefined();
        const again = entryOf(draftOf(entry), 'bees-on');
        const sorted = ({ cells, ...rest }: typeof entry) => ({
          ...rest,
          cells: [...cells].sort((a, b) => (a.observationId < b.observationId ? -1 : 1)),
        });
        expect(sorted(again)).toEqual(sorted(entry));
      }),
    );
  });
});

describe('the facts with a draft', () => {
  const facts = {
    ...aColony(),
    inspections: [inspection({ id: id(1), at: '2027-05-10T12:00' }), inspection({ id: id(5), at: '2027-05-12T12:00' })],
  };

  it('take it in the place of its earlier version', () => {
    const made = factsWith(facts, entryOf(drafted(add(1), { type: 'set', fields: { eggs: 'none' } }), 'cleared'));
    expect(made.inspections.map(({ id: own, eggs }) => [own, eggs])).toEqual([
      [id(5), 'seen'],
      [id(1), 'none'],
    ]);
    expect(made.cells).toEqual([{ id: id(101), label: 'new', place: 'not-said', box: null, frame: null, part: null }]);
  });

  it('end before it when asked what was known then', () => {
    expect(factsBefore(facts, { id: id(9), at: '2027-05-12T12:00' }).inspections.map((own) => own.id)).toEqual([id(1)]);
    const draft: Pick<Draft, 'id' | 'at'> = { id: id(1), at: '2027-05-20T12:00' };
    expect(factsBefore(facts, draft).inspections.map((own) => own.id)).toEqual([id(5)]);
  });
});

describe('cells broken down', () => {
  const gift = { to: id(50), programmeId: id(51), moveId: id(52) };
  const known = (n: number, found: 'sealed' | 'cup-dry' | 'emerged' | null): Change => ({
    type: 'known',
    cellId: id(n),
    observationId: id(n + 100),
    found,
    takenDown: false,
  });

  it('are all live ones that were seen, and no others', () => {
    const draft = drafted(known(1, 'sealed'), known(2, 'cup-dry'), known(3, 'emerged'), known(4, null), add(5), {
      type: 'take-all-down',
    });
    expect(liveCellsOf(draft)).toEqual({
      down: [
        { cellId: id(1), stage: 'sealed', takenDown: true },
        { cellId: id(105), stage: 'egg', takenDown: true },
      ],
      left: 0,
    });
    expect(draft.known[id(2)]?.takenDown).toBe(false);
    expect(liveCellsOf(drafted(known(1, 'sealed'), add(5))).left).toBe(2);
  });

  it('can go to a colony instead, and not after all; the entry itself says nothing of it', () => {
    const give: Change = { type: 'give', cellId: id(1), gift };
    const draft = drafted(known(1, 'sealed'), { type: 'take-all-down' }, give);
    expect(draft.gives).toEqual({ [id(1)]: gift });
    expect(inspectionEntry.safeParse(entryOf(draft, 'cleared')).success).toBe(true);
    expect(changeDraft(draft, { type: 'give', cellId: id(1), gift: null }).gives).toEqual({});
  });
});

describe('keep one, break down the rest', () => {
  const answer = (found: 'sealed' | 'cup-dry' | null, takenDown = false) => ({ observationId: 'o', found, takenDown });
  const draft = {
    ...emptyDraft('d', 'c', '2027-05-16T12:00'),
    known: { a: answer('sealed'), b: answer(null) },
    fresh: [
      {
        cellId: 'f',
        observationId: 'of',
        stage: 'larva-large',
        takenDown: false,
        place: 'face',
        box: null,
        frame: null,
        part: null,
      },
      {
        cellId: 'g',
        observationId: 'og',
        stage: 'cup-dry',
        takenDown: false,
        place: 'face',
        box: null,
        frame: null,
        part: null,
      },
    ],
  } as const;

  it('says of the one what it is, of those that were seen that they were broken down, and of the others no stage', () => {
    const kept = changeDraft(draft, {
      type: 'keep-only',
      cellId: 'c',
      found: 'larva-large',
      observations: { a: 'oa', b: 'ob', c: 'oc' },
    });
    expect(kept.known).toEqual({
      a: { observationId: 'oa', found: 'sealed', takenDown: true },
      b: { observationId: 'ob', found: 'removed', takenDown: false },
      c: { observationId: 'oc', found: 'larva-large', takenDown: false },
    });
    expect(kept.fresh.map(({ takenDown }) => takenDown)).toEqual([true, false]);
    expect(liveCellsOf(kept)).toMatchObject({ left: 1 });
  });
});

import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { type Arrangement, allFrames, boxesOf, moveFrame, placeOf } from './arrangement';
import { type ArrangementContext, checkArrangement, type RuleName } from './arrangement-rules';
import { FRAME_SIZES } from './frame-size';
import { asIs } from './proposals/proposal';
import { aBox, aHive, letters, NOTHING_KNOWN } from './testing';

const hive = aHive(aBox('nest', 'HPBYYBSPEH'), aBox('top', 'HEESSEEEEH'));
const start = asIs(hive);
const context: ArrangementContext = {
  ...NOTHING_KNOWN,
  before: start,
  shaken: new Set<string>(),
  queenUnit: null,
  cellUnit: null,
};

function broken(arrangement: Arrangement, over: Partial<ArrangementContext> = {}) {
  return checkArrangement(arrangement, { ...context, ...over }, FRAME_SIZES).map(({ rule, severity, frameId }) => [
    rule,
    severity,
    frameId,
  ]);
}
const rules = (arrangement: Arrangement, over: Partial<ArrangementContext> = {}): RuleName[] =>
  checkArrangement(arrangement, { ...context, ...over }, FRAME_SIZES).map(({ rule }) => rule);

describe('moving frames', () => {
  it('closes up behind a frame and makes way for it', () => {
    const moved = moveFrame(start, 'nest/9', { boxId: 'nest', at: 3 });
    expect(boxesOf(moved).map(({ box }) => letters(box))).toEqual(['HPBEYYBSPH', 'HEESSEEEEH']);
    expect(placeOf(moved, 'nest/9')).toEqual({ unit: 'hive', boxId: 'nest', at: 3 });
    expect(placeOf(moveFrame(moved, 'nest/9', null), 'nest/9')).toBeNull();
  });

  it('never loses or makes comb, whatever is moved where', () => {
    const frames = allFrames(start).map(({ id }) => id);
    const move = fc.record({
      frame: fc.constantFrom(...frames),
      to: fc.option(fc.record({ boxId: fc.constantFrom('nest', 'top'), at: fc.integer({ min: 0, max: 12 }) })),
    });
    fc.assert(
      fc.property(fc.array(move, { maxLength: 30 }), (moves) => {
        const end = moves.reduce((so, { frame, to }) => moveFrame(so, frame, to), start);
        const sorted = (arrangement: Arrangement) => [...allFrames(arrangement)].sort((a, b) => (a.id < b.id ? -1 : 1));
        expect(sorted(end)).toEqual(sorted(start));
      }),
    );
  });

  it('throws for a frame or a box that is not there', () => {
    expect(() => moveFrame(start, 'nobody', null)).toThrow('No frame nobody');
    expect(() => moveFrame(start, 'nest/1', { boxId: 'nowhere', at: 0 })).toThrow('No box nowhere');
  });
});

describe('the rules', () => {
  it('have nothing against a nest in order', () => {
    expect(broken(start)).toEqual([]);
  });

  it('want the brood in one block, and young brood warm', () => {
    const split = moveFrame(start, 'nest/9', { boxId: 'nest', at: 4 });
    expect(broken(split)).toEqual([['brood-in-one-block', 'warn', 'nest/9']]);
    expect(rules(split, { coldestNightC: 9 })).toEqual(['brood-in-one-block', 'young-brood-warm']);
    expect(rules(split, { coldestNightC: null })).toContain('young-brood-warm');
    expect(rules(split, { coldestNightC: 10 })).not.toContain('young-brood-warm');
  });

  it('want pollen between brood and honey', () => {
    const wrong = moveFrame(start, 'nest/8', { boxId: 'nest', at: 9 });
    expect(broken(wrong)).toEqual([['stores-outside', 'warn', 'nest/8']]);
  });

  it('want to know where the queen is before brood leaves its hive', () => {
    const out = moveFrame(start, 'nest/7', null);
    expect(rules(out)).toEqual(['queen-known', 'right-number']);
    expect(rules(moveFrame(start, 'nest/7', { boxId: 'top', at: 3 }))).not.toContain('queen-known');
    expect(rules(out, { queenFrameId: 'nest/4' })).toEqual(['right-number']);
  });

  it('stop the queen from going out, above an excluder, or into the wrong unit', () => {
    const onQueen = { queenFrameId: 'nest/4' };
    expect(broken(moveFrame(start, 'nest/4', null), onQueen)[0]).toEqual(['queen-in-place', 'stop', 'nest/4']);
    const excluded = asIs(aHive(aBox('nest', 'HPBYYBSPEH'), aBox('top', 'HEESSEEEEH', { under: 'excluder' })));
    expect(rules(moveFrame(excluded, 'nest/4', { boxId: 'top', at: 3 }), onQueen)[0]).toBe('queen-in-place');
    expect(rules(start, { ...onQueen, queenUnit: 'nuc' })[0]).toBe('queen-in-place');
  });

  it('stop another hive’s queen from leaving it', () => {
    const both: Arrangement = {
      units: [...start.units, { name: 'other', hive: aHive(aBox('other', 'HBBH')) }],
      out: [],
    };
    const given = moveFrame(both, 'other/2', { boxId: 'nest', at: 5 });
    const known = { before: both, otherQueenFrames: new Set(['other/2']) };
    expect(broken(given, known)[0]).toEqual(['queen-in-place', 'stop', 'other/2']);
    expect(rules(moveFrame(both, 'other/3', { boxId: 'nest', at: 5 }), known)).not.toContain('queen-in-place');
  });

  it('stop a frame with the kept cell from being shaken, taken out or sent to the wrong unit', () => {
    const kept = { keptCellFrames: new Set(['nest/3']) };
    expect(broken(start, { ...kept, shaken: new Set(['nest/3']) })).toEqual([
      ['kept-cell-not-shaken', 'stop', 'nest/3'],
    ]);
    expect(broken(start, { ...kept, shaken: new Set(['nest/4']) })).toEqual([]);
    expect(rules(moveFrame(start, 'nest/3', null), kept)).toContain('kept-cell-in-place');
    expect(rules(start, { ...kept, cellUnit: 'parent' })).toEqual(['kept-cell-in-place']);
  });

  it('warn of other cells in the unit that has the queen', () => {
    expect(broken(start, { cellFrames: new Set(['nest/5']), queenUnit: 'hive' })).toEqual([
      ['no-cells-with-queen', 'warn', 'nest/5'],
    ]);
  });

  it('want the right number of frames, or a dummy', () => {
    expect(broken(moveFrame(start, 'nest/9', { boxId: 'top', at: 0 }))).toEqual([
      ['right-number', 'stop', null],
      ['right-number', 'warn', null],
    ]);
    const dummy = { id: 'd', kind: 'dummy', size: 'national-deep', sides: null } as const;
    const nuc = aBox('nuc', 'HBE', { places: 6 });
    const of = (box: typeof nuc) => rules(asIs(aHive(box)), { before: asIs(aHive(box)) });
    expect(of(nuc)).toEqual(['right-number']);
    expect(of({ ...nuc, frames: [...nuc.frames, dummy] })).toEqual([]);
  });

  it('want frames that fit their box', () => {
    const mixed = asIs(aHive(aBox('nest', 'HPBB'), aBox('super', 'EEEE', { size: 'national-super', role: 'super' })));
    expect(rules(moveFrame(mixed, 'super/1', { boxId: 'nest', at: 4 }))).toContain('frame-fits');
    expect(broken(moveFrame(mixed, 'nest/1', { boxId: 'super', at: 0 }))[0]?.[1]).toBe('stop');
  });

  it('stop every move out of a hive with signs of disease', () => {
    const out = moveFrame(start, 'nest/1', null);
    expect(rules(out, { hasDisease: true })[0]).toBe('no-moves-with-disease');
    expect(rules(start, { hasDisease: true })).toEqual([]);
  });
});

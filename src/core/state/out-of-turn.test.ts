import { describe, expect, it } from 'vitest';
import { orderOf } from '../../words/due';
import { inWords } from '../../words/in-words';
import { day, formatDay } from '../calendar/day';
import type { CellFinding, ColonyFacts, InspectionFact } from '../colony/facts';
import { situationOf } from '../colony/situation';
import { aColony, inspection, queenEvent } from '../colony/testing';
import { colonyOnDay } from '../schedule/standing';
import { DEFAULT_SETTINGS } from '../settings/settings';
import { foldColony } from './fold';

const CELLS = ['a', 'b'].map((id) => ({ id, label: id, place: 'bottom', box: null, frame: null, part: null }) as const);
const event = (kind: 'removed' | 'caged-in' | 'virgin-out' | 'swarmed', date: string) =>
  queenEvent({ kind, on: day(`2027-${date}`) });
const look = (date: string, over: Partial<InspectionFact>) =>
  inspection({ at: `2027-${date}T12:00`, eggs: 'none', queen: 'none', ...over });
const cell = (found: CellFinding, takenDown = false) => [{ cellId: 'a', found, takenDown }];

/** The headline of a day, and each order with its first and last day. */
function told(date: string, facts: Partial<ColonyFacts>): readonly string[] {
  const state = foldColony(aColony({ cells: CELLS, ...facts }), DEFAULT_SETTINGS, day(`2027-${date}`));
  const { due, later } = colonyOnDay(state.schedule, state.today);
  const short = (on: number) => formatDay(on as never).slice(5);
  return [
    inWords(situationOf(state)),
    ...[...due, ...later].map(
      ({ check }) => `${orderOf(check)} ${short(check.window.earliest)}..${short(check.window.latest)}`,
    ),
  ];
}

describe('a queen who was seen', () => {
  it('needs no test frame to show that she is there: she is given some days, then replaced', () => {
    const late = { queenEvents: [event('virgin-out', '05-01')] };
    expect(told('05-18', { ...late, inspections: [look('05-18', { queen: 'seen' })] })).toEqual([
      'Queen present, late to lay',
      'Look for eggs 05-22..05-25',
    ]);
    expect(told('05-18', { ...late, inspections: [look('05-18', {})] })).toEqual([
      'No eggs of a young queen by 18 May',
      'Give a test frame 05-18..05-21',
    ]);
    const again = [look('05-18', { queen: 'seen' }), look('05-23', { queen: 'seen' })];
    expect(told('05-23', { ...late, inspections: again })[1]).toMatch(/^Replace her/);
  });

  it('came with a swarm a week ago and lays nothing: fed and looked for again, no test frame', () => {
    const hived = { origin: 'prime-swarm', startedOn: day('2027-05-01') } as const;
    expect(told('05-08', { ...hived, inspections: [look('05-08', { queen: 'seen' })] })).toEqual([
      'Queen present, late to lay',
      'Look for eggs 05-12..05-15',
    ]);
  });
});

describe('a caged queen with cells beside her', () => {
  const caged = [event('removed', '05-01'), event('caged-in', '05-07')];

  it('asks for them before the first can open, whenever they are found', () => {
    const charged = told('05-07', { queenEvents: caged, inspections: [look('05-07', { cells: cell('larva-large') })] });
    expect(charged.slice(0, 2)).toEqual(['Caged queen given on 7 May', 'Break down every cell 05-07..05-12']);
    const sealed = told('05-09', { queenEvents: caged, inspections: [look('05-09', { cells: cell('sealed') })] });
    expect(sealed.slice(0, 2)).toEqual(['Caged queen given on 7 May', 'Break down every cell 05-09..05-09']);
  });

  it('asks for nothing once they are down, and is never said to have swarmed', () => {
    const down = look('05-09', { cells: cell('sealed', true) });
    const words = told('05-09', { queenEvents: caged, inspections: [down] });
    expect(words[0]).toBe('Caged queen given on 7 May');
    expect(words.join()).not.toContain('Break down');
  });
});

describe('a colony that swarmed', () => {
  it('a nuc with sealed cells and no eggs has lost its queen, and has not', () => {
    const nuc = { origin: 'nuc', startedOn: day('2027-05-01') } as const;
    const words = told('05-12', { ...nuc, inspections: [look('05-12', { cells: cell('sealed') })] });
    expect(words[0]).toBe('Raising a queen');
    expect(words.join()).toContain('Look for eggs');
  });

  it('is thinned where a swarm was seen to leave it and nobody has looked since', () => {
    const charged = look('05-07', { eggs: 'seen', cells: cell('larva-large') });
    expect(told('05-09', { queenEvents: [event('swarmed', '05-08')], inspections: [charged] }).slice(0, 2)).toEqual([
      'Swarmed on 8 May',
      'Thin the cells 05-08..05-12',
    ]);
  });

  it('was thinned at the look: nothing more is asked of its cells, to the end of her eggs’ window and after', () => {
    const thinned = look('05-07', {
      cells: [...cell('sealed-fresh'), { cellId: 'b', found: 'sealed-fresh', takenDown: true }],
    });
    expect(told('05-12', { inspections: [thinned] })).toEqual([
      'Swarmed; a virgin may be out since 10 May',
      'Look for eggs 05-28..06-03',
    ]);
    expect(told('06-12', { inspections: [thinned] })).toEqual(['Her eggs are overdue', 'Look for eggs 05-28..06-03']);
  });
});

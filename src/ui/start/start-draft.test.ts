import { describe, expect, it } from 'vitest';
import { day } from '../../core/calendar/day';
import type { TrackedCell } from '../../core/colony/track-cells';
import { programmeStart } from '../../core/facts/programme-start';
import type { MethodName } from '../../core/methods/method';
import { DEFAULT_SETTINGS } from '../../core/settings/settings';
import type { StartView } from '../../views/start-view';
import { methodSaid } from '../../words/methods/methods';
import { choicesOf, emptyStart, keptIds, startsOf } from './start-draft';

const id = (n: number) => `01970000-0000-7000-8000-${String(n).padStart(12, '0')}`;
const laid = { from: day('2027-05-03'), to: day('2027-05-05') };
const cell = (n: number, label: string) =>
  ({ id: id(n), label, stage: 'larva-large', words: '', laid, out: null }) as const;

const view = (method: MethodName, over: Partial<StartView> = {}): StartView => ({
  words: methodSaid(method),
  method,
  colony: {
    id: id(1),
    apiaryId: id(2),
    name: 'Clover',
    stand: 'stand 1',
    origin: 'established',
    parentColonyId: null,
    startedOn: '2027-04-01',
    endedOn: null,
    note: '',
    wanted: 'nothing' as const,
  },
  fit: { kind: 'fits', warnings: [] },
  cautions: [],
  asksCells: true,
  cells: [cell(11, 'a'), cell(12, 'b'), cell(13, 'c')],
  suggestedCells: [id(12)],
  mayBuy: true,
  newName: 'Clover nuc',
  apiaries: [],
  others: [],
  spare: [],
  needy: [],
  firstDay: '2027-04-01',
  settings: DEFAULT_SETTINGS,
  ...over,
});

const NOW = '2027-05-10T18:00';

describe('a start as it is entered', () => {
  it('begins with what Ubbet would keep, and takes the rest down', () => {
    const draft = emptyStart(view('nuc-swarm'), '2027-05-10', null);
    expect(keptIds(draft)).toEqual([id(12)]);
    expect(choicesOf(draft, view('nuc-swarm'))).toMatchObject({ on: day('2027-05-10'), keptCellIds: [id(12)] });
    const { start, gifts } = startsOf(draft, view('nuc-swarm'), NOW);
    expect(gifts).toEqual([]);
    expect(programmeStart.safeParse(start).success).toBe(true);
    expect(start).toMatchObject({ keptCellIds: [id(12)], newColony: { name: 'Clover nuc' }, stand: null, gift: null });
  });

  it('begins with the cell that it is all about, where one was named', () => {
    expect(keptIds(emptyStart(view('cell-nuc'), '2027-05-10', id(13)))).toEqual([id(13)]);
    expect(keptIds(emptyStart(view('cell-nuc'), '2027-05-10', id(99)))).toEqual([id(12)]);
  });

  it('sends the cells that go to others first, each under ids made once', () => {
    const draft = emptyStart(view('nuc-swarm'), '2027-05-10', null);
    const giving = { ...draft, fates: { ...draft.fates, [id(13)]: { to: id(20) } } };
    const { start: method, gifts } = startsOf(giving, view('nuc-swarm'), NOW);
    const starts = [...gifts, method];
    expect(starts.map((one) => [one.method, one.colonyId])).toEqual([
      ['give-cell', id(20)],
      ['nuc-swarm', id(1)],
    ]);
    expect(starts[0]).toMatchObject({ gift: { cellId: id(13) }, note: 'From Clover.' });
    for (const start of starts) expect(programmeStart.safeParse(start).success).toBe(true);
    expect(startsOf(giving, view('nuc-swarm'), NOW)).toEqual({ start: method, gifts });
  });

  it('keeps no cell where a queen is bought', () => {
    const draft = { ...emptyStart(view('nuc-swarm'), '2027-05-10', null), buysQueen: true };
    expect(keptIds(draft)).toEqual([]);
    expect(startsOf(draft, view('nuc-swarm'), NOW).start).toMatchObject({ buysQueen: true, keptCellIds: [] });
  });

  it('follows the settings, and says where the colony stands only when that changes', () => {
    const settings = { ...DEFAULT_SETTINGS, secondThinning: false };
    const own = view('old-site-swarm', { settings });
    const draft = emptyStart(own, '2027-05-10', null);
    expect(draft.secondThinning).toBe(false);
    expect(startsOf({ ...draft, stand: 'a metre aside' }, own, NOW).start?.stand).toEqual('a metre aside');
  });

  it('is dated by the cell that is given, and by none while the day is no day', () => {
    const spare = {
      cellId: id(30),
      label: 'a',
      colonyId: id(3),
      colonyName: 'Thyme',
      apiary: '',
      stage: 'sealed-ripe',
    } as const;
    const given = { cell: { id: id(30) } } as unknown as TrackedCell;
    const own = view('give-cell', {
      cells: [],
      newName: null,
      spare: [{ ...spare, stageWords: '', where: '', cell: given, out: '', travels: '', marks: [] }],
    });
    const draft = emptyStart(own, '2027-05-10', id(30));
    expect(choicesOf(draft, own)?.gift).toBe(given);
    expect(startsOf(draft, own, NOW).start).toMatchObject({ gift: { cellId: id(30), travel: 'on-frame' } });
    expect(choicesOf({ ...draft, on: '2027-05-' }, own)).toBeNull();
    expect(emptyStart(own, '2027-05-10', id(99)).gift.cellId).toBe('');
  });
});

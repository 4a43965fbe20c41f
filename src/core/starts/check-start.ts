import { type Day, day } from '../calendar/day';
import { endedOn } from '../colony/ended-on';
import type { ColonyFacts } from '../colony/facts';
import { timeIssue } from '../colony/time-of-fact';
import type { ProgrammeStart } from '../facts/programme-start';
import type { Method } from '../methods/method';
import { mayBuyQueen, needsKeptCell, newUnitOf } from '../methods/methods';
import type { Issue } from '../problems/issue';
import { say } from '../problems/says';
import { shutOn } from '../schedule/leave-shut-wins';
import type { ColonyState } from '../state/fold';

/** How a cell went to another colony. */
interface CellMoved {
  readonly travel: string;
  /** `YYYY-MM-DD` */
  readonly on: string;
}

/** What the book knows beside the colony itself, as far as a start can contradict it. */
export interface StartBook {
  readonly hasApiary: (id: string) => boolean;
  /** A colony that stands in the book; `endedOn` null: it has not ended. */
  readonly colonyOf: (id: string) => { readonly name: string; readonly endedOn: string | null } | undefined;
  /** Whether an id is some colony's, taken out of the book or not. */
  readonly isColonyId: (id: string) => boolean;
  /** The standing colony, other than `id`, that goes by a name. */
  readonly namesakeOf: (name: string, id: string) => string | undefined;
  /** The colony in which a cell was found. */
  readonly giverOf: (cellId: string) => string | undefined;
  readonly moveOf: (cellId: string) => CellMoved | undefined;
  readonly hasMove: (moveId: string) => boolean;
  /** A colony on the day of the start. */
  readonly stateOf: (colonyId: string) => ColonyState | undefined;
}

export interface StartToCheck {
  readonly start: ProgrammeStart;
  readonly method: Method;
  /** The colony it is begun on, and how it stands on that day. */
  readonly colony: Pick<ColonyFacts, 'origin' | 'startedOn' | 'endedOn'>;
  readonly state: ColonyState;
  readonly today: Day;
  readonly book: StartBook;
}

/**
 * What in the start of a method cannot be: a day to come or before the colony, a new colony missing, nameless or of a name that is taken,
 * a union with none, with laying workers or with a hive that is to be left shut, a cell that is not live there, needed and not chosen, or
 * given away already, and a frame that has gone elsewhere. Whether the method fits is not asked: the keeper has decided.
 */
export function checkStart(asked: StartToCheck): readonly Issue[] {
  return [
    ...dayIssues(asked),
    ...unitIssues(asked),
    ...unionIssues(asked),
    ...cellIssues(asked),
    ...frameIssues(asked),
  ];
}

/** What is new here must not go by the name of something that is in the book. */
const knownId = (path: Issue['path']): Issue => ({ path, code: 'duplicate-id', message: say('in-records-already') });

function dayIssues({ start, colony, state, today }: StartToCheck): Issue[] {
  const lived = { ...colony, endedOn: endedOn(colony.endedOn, state.parts) };
  const wrong = timeIssue({ at: start.on, to: start.to }, lived, { today, minute: '' }, { at: ['on'], to: ['to'] });
  return wrong ? [wrong] : [];
}

function unitIssues({ start, method, book }: StartToCheck): Issue[] {
  const { newColony, withColonyId, colonyId } = start;
  const makesOne = newUnitOf(method) !== undefined;
  const issues: Issue[] = [];
  if (makesOne !== (newColony !== null)) {
    const message = makesOne ? say('new-colony-missing') : say('no-new-colony');
    issues.push({ path: ['newColony'], code: makesOne ? 'missing' : 'not-for-this-method', message });
  }
  if (newColony && !book.hasApiary(newColony.apiaryId)) {
    const message = say('choose-an-apiary');
    issues.push({ path: ['newColony', 'apiaryId'], code: 'unknown-reference', message });
  }
  if (newColony && book.isColonyId(newColony.id)) issues.push(knownId(['newColony', 'id']));
  const namesake = newColony && book.namesakeOf(newColony.name, newColony.id);
  if (namesake) {
    const message = say('colony-name-taken', { name: namesake });
    issues.push({ path: ['newColony', 'name'], code: 'duplicate-id', message });
  }
  const isUnion = method.units.some(({ queen }) => queen === 'ends');
  const other = withColonyId === null ? undefined : book.colonyOf(withColonyId);
  if (isUnion && (!other || other.endedOn !== null || withColonyId === colonyId)) {
    issues.push({ path: ['withColonyId'], code: 'unknown-reference', message: say('choose-whom-to-unite') });
  }
  if (!isUnion && withColonyId !== null) {
    const message = say('united-with-none', { method: method.name });
    issues.push({ path: ['withColonyId'], code: 'not-for-this-method', message });
  }
  return issues;
}

/** Nobody unites with laying workers or a drone layer unsaid, nor with a hive that is to be left shut. */
function unionIssues({ start: { withColonyId, colonyId, on }, book }: StartToCheck): Issue[] {
  if (withColonyId === null) return [];
  return [withColonyId, colonyId].flatMap((id): Issue[] => {
    const state = book.stateOf(id);
    const name = book.colonyOf(id)?.name;
    if (!state || name === undefined) return [];
    const path = ['withColonyId'];
    if (state.lastInspection?.reading.reading === 'drone-laying') {
      return [{ path, code: 'contradiction', message: say('has-laying-workers', { name }) }];
    }
    const shut = shutOn(state.schedule.leaveShut, day(on));
    return shut ? [{ path, code: 'contradiction', message: say('to-be-left-shut', { name, to: shut.to }) }] : [];
  });
}

function cellIssues(asked: StartToCheck): Issue[] {
  return [...keptCellIssues(asked), ...giftIssues(asked)].slice(0, 1);
}

function keptCellIssues({ start: { keptCellIds, buysQueen }, method, state }: StartToCheck): Issue[] {
  const live = new Set(state.liveCells.map(({ cell }) => cell.id));
  const path = ['keptCellIds'];
  const strange = keptCellIds.findIndex((id) => !live.has(id));
  if (strange >= 0) return [{ path: [...path, strange], code: 'unknown-reference', message: say('cell-not-live') }];
  if (keptCellIds.length > 0 && !method.options.includes('keptCells')) {
    return [{ path, code: 'not-for-this-method', message: say('no-cell-is-kept', { method: method.name }) }];
  }
  if (buysQueen && !mayBuyQueen(method)) {
    const message = say('needs-no-bought-queen', { method: method.name });
    return [{ path: ['buysQueen'], code: 'not-for-this-method', message }];
  }
  if (buysQueen && keptCellIds.length > 0) {
    return [{ path: ['buysQueen'], code: 'contradiction', message: say('bought-queen-among-cells') }];
  }
  if (!needsKeptCell(method) || keptCellIds.length > 0) return [];
  const message = newUnitOf(method) ? say('choose-the-cell-for-the-new') : say('choose-the-cell-kept');
  return [{ path, code: 'missing', message }];
}

function giftIssues({ start: { gift, colonyId }, method, book }: StartToCheck): Issue[] {
  const needsGift = method.name === 'give-cell';
  if (needsGift !== (gift !== null)) {
    const message = needsGift ? say('choose-the-cell-given') : say('no-cell-is-given');
    return [{ path: ['gift'], code: needsGift ? 'missing' : 'not-for-this-method', message }];
  }
  if (gift === null) return [];
  const giver = book.giverOf(gift.cellId);
  if (giver === undefined || giver === colonyId) {
    return [{ path: ['gift', 'cellId'], code: 'unknown-reference', message: say('cell-of-another-wanted') }];
  }
  if (book.moveOf(gift.cellId)) {
    return [{ path: ['gift', 'cellId'], code: 'contradiction', message: say('cell-given-already') }];
  }
  return book.hasMove(gift.moveId) ? [knownId(['gift', 'moveId'])] : [];
}

/** Frames do not go to two places: two cells of one frame cannot both travel on it. */
function frameIssues({ start: { keptCellIds, on }, method, state, book }: StartToCheck): Issue[] {
  const goes = newUnitOf(method)?.name;
  if (goes === undefined || goes !== method.raisesQueen?.unit) return [];
  return keptCellIds.flatMap((id, i): Issue[] => {
    const cell = state.cells.find((one) => one.cell.id === id)?.cell;
    if (!cell || cell.frame === null) return [];
    const gone = state.cells.find((one) => {
      const isBeside = one.cell.id !== id && one.cell.frame === cell.frame && one.cell.box === cell.box;
      if (!isBeside || one.givenTo === null) return false;
      const move = book.moveOf(one.cell.id);
      return move?.travel === 'on-frame' && move.on === on;
    });
    if (!gone) return [];
    const message = say('frame-went-elsewhere', { label: gone.cell.label });
    return [{ path: ['keptCellIds', i], code: 'contradiction', message }];
  });
}

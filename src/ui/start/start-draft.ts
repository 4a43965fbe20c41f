import { v7 as newId } from 'uuid';
import { type Day, parseDay } from '../../core/calendar/day';
import type { CellTravel } from '../../core/colony/facts';
import type { ProgrammeStart } from '../../core/facts/programme-start';
import type { StartChoices } from '../../core/starts/preview';
import { giveCell } from '../../device/give-cell';
import type { StartView } from '../../views/start-view';

/** What becomes of a live cell: kept, broken down, or given to a colony (its id). */
export type CellFate = 'keep' | 'down' | { readonly to: string };

/** A start as far as it has been entered. Identifiers are made once, so that it can be sent again. */
export interface StartDraft {
  readonly id: string;
  readonly on: string;
  /** The last day on which it may have been done; empty: the day is certain. */
  readonly to: string;
  readonly fates: Readonly<Record<string, CellFate>>;
  readonly secondThinning: boolean;
  readonly onlySealedBroodUp: boolean;
  readonly queenShakenDown: boolean;
  /** It was done on an earlier day: its steps are done. */
  readonly stepsDone: boolean;
  readonly buysQueen: boolean;
  readonly turnsDaily: boolean;
  readonly newColony: ProgrammeStart['newColony'];
  readonly stand: string;
  readonly withColonyId: string;
  readonly gift: { readonly moveId: string; readonly cellId: string; readonly travel: CellTravel };
  readonly note: string;
  /** Of the giving of each cell, by the cell: the programme's and the move's. */
  readonly giftIds: Readonly<Record<string, { readonly programmeId: string; readonly moveId: string }>>;
}

/**
 * @param on the day on which it is done; empty: yet to be said
 * @param presetCell the cell that it is all about: given, or put into a nuc; null: none was named
 */
export function emptyStart(view: StartView, on: string, presetCell: string | null): StartDraft {
  const { colony, newName, cells, suggestedCells, spare, settings } = view;
  const isOwn = cells.some(({ id }) => id === presetCell);
  const kept = isOwn ? [presetCell] : suggestedCells;
  const ids = () => ({ programmeId: newId(), moveId: newId() });
  return {
    id: newId(),
    on,
    to: '',
    fates: Object.fromEntries(cells.map(({ id }) => [id, kept.includes(id) ? 'keep' : 'down'])),
    secondThinning: settings.secondThinning,
    onlySealedBroodUp: false,
    queenShakenDown: false,
    stepsDone: true,
    buysQueen: false,
    turnsDaily: false,
    newColony: newName === null ? null : { id: newId(), name: newName, apiaryId: colony.apiaryId, stand: '' },
    stand: colony.stand,
    withColonyId: '',
    gift: {
      moveId: newId(),
      cellId: spare.find(({ cellId }) => cellId === presetCell)?.cellId ?? '',
      travel: 'on-frame',
    },
    note: '',
    giftIds: Object.fromEntries(cells.map(({ id }) => [id, ids()])),
  };
}

export function keptIds({ fates, buysQueen }: StartDraft): readonly string[] {
  return buysQueen ? [] : Object.keys(fates).filter((id) => fates[id] === 'keep');
}

/** What the dates follow from; null while the day is none. */
export function choicesOf(draft: StartDraft, view: StartView): StartChoices | null {
  const on: Day | null = parseDay(draft.on);
  if (on === null) return null;
  const to = parseDay(draft.to);
  const { fates, secondThinning, onlySealedBroodUp, queenShakenDown, buysQueen, turnsDaily, gift } = draft;
  return {
    on,
    to: to !== null && to > on ? to : null,
    secondThinning,
    onlySealedBroodUp,
    queenShakenDown,
    buysQueen,
    turnsDaily,
    keptCellIds: view.asksCells ? keptIds(draft) : [],
    givenCellIds: Object.keys(fates).filter((id) => typeof fates[id] === 'object'),
    gift: view.method === 'give-cell' ? (view.spare.find(({ cellId }) => cellId === gift.cellId)?.cell ?? null) : null,
    giftTravel: gift.travel,
  };
}

/**
 * Everything that is sent, as one: the method, and the cells that go to others on the same visit.
 *
 * @param now the present minute: what is done today carries it, what was done earlier counts in the order of entry
 */
export function startsOf(
  draft: StartDraft,
  { method, colony, spare }: StartView,
  now: string,
): { readonly start: ProgrammeStart; readonly gifts: readonly ProgrammeStart[] } {
  const at = now.slice(0, 10) === draft.on ? now : null;
  const gifts = Object.entries(draft.fates).flatMap(([cellId, fate]): ProgrammeStart[] => {
    const ids = draft.giftIds[cellId];
    if (typeof fate === 'string' || !ids) return [];
    return [giveCell({ ...ids, cellId, to: fate.to, at, on: draft.on, travel: 'on-frame', from: colony.name })];
  });
  const { id, on, to, secondThinning, onlySealedBroodUp, queenShakenDown, buysQueen, turnsDaily, newColony, stand } =
    draft;
  const { withColonyId, gift, note } = draft;
  const stepsDone = draft.stepsDone && on < now.slice(0, 10);
  const start: ProgrammeStart = {
    id,
    colonyId: colony.id,
    method,
    at,
    on,
    to: to === '' || to === on ? null : to,
    secondThinning,
    onlySealedBroodUp,
    queenShakenDown,
    buysQueen,
    turnsDaily,
    stepsDone,
    note,
    keptCellIds: [...keptIds(draft)],
    newColony,
    stand: stand === colony.stand ? null : stand,
    withColonyId: withColonyId === '' ? null : withColonyId,
    gift: spare.length > 0 || method === 'give-cell' ? gift : null,
  };
  return { start, gifts };
}

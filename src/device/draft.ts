import type { Looked } from '../core/brood/looked';
import type { YoungestBrood } from '../core/brood/youngest';
import type { CellPlace } from '../core/cells/place';
import { type CellStage, isLive } from '../core/cells/stage';
import type { Searched } from '../core/cells/thoroughness';
import type {
  CellFinding,
  CellPart,
  CellTravel,
  ColonyFacts,
  Drones,
  Piping,
  QueenHandled,
  QueenSeenAs,
  Stores,
  Temper,
} from '../core/colony/facts';
import type { EntryCell, InspectionEntry } from '../core/facts/entry';
import type { FoodLeft } from '../core/food/food';
import { NOTHING_NOTED } from '../core/inspections/nothing-noted';

/** What has become of a cell known from before; `found` null: not looked at this time. */
export interface KnownAnswer {
  readonly observationId: string;
  readonly found: CellFinding | null;
  readonly takenDown: boolean;
}

/** A cell that this inspection found. */
export interface FreshCell {
  readonly cellId: string;
  readonly observationId: string;
  readonly stage: CellStage;
  readonly place: CellPlace;
  readonly box: number | null;
  readonly frame: number | null;
  readonly takenDown: boolean;
  readonly part: CellPart | null;
}

/** A photo that is sent after the inspection, as base64 text. */
export interface DraftPhoto {
  readonly id: string;
  readonly jpeg: string;
}

/** A cell that is not destroyed but given to another colony; its ids are made once. */
export interface CellGift {
  readonly to: string;
  readonly programmeId: string;
  readonly moveId: string;
  /** How it travels; left out: on its frame. */
  readonly travel?: CellTravel;
}

/** An inspection as far as it has been entered. Nothing is taken for looked at until the keeper says so. */
export interface Draft {
  readonly id: string;
  readonly colonyId: string;
  readonly at: string;
  /** The last day on which it may have been, `YYYY-MM-DD`; null: the day is certain. */
  readonly to: string | null;
  /** The minute at which the hive was shut again; null: not noted. Absent in drafts of before it was asked for. */
  readonly until?: string | null;
  /** Null: left open. */
  readonly thoroughness: Searched | null;
  readonly eggs: Looked;
  readonly queen: Looked;
  readonly queenSeenAs: QueenSeenAs;
  readonly queenHandled: QueenHandled;
  readonly piping: Piping;
  readonly isByHelper: boolean;
  readonly youngest: YoungestBrood | null;
  readonly droneBroodInWorkerCells: Looked;
  readonly severalEggsPerCell: Looked;
  readonly stores: Stores;
  readonly layingRoomDays: number | null;
  readonly broodFrames: number | null;
  readonly coveredSeams: number | null;
  readonly drones: Drones;
  /** Absent in drafts of before they were asked for. */
  readonly temper?: Temper;
  readonly food?: FoodLeft;
  readonly note: string;
  readonly known: Readonly<Record<string, KnownAnswer>>;
  readonly fresh: readonly FreshCell[];
  /** Counted and taken back: the next one counted is one of these, seen as another stage. */
  readonly dropped?: readonly FreshCell[];
  readonly photos: readonly DraftPhoto[];
  /** Cells broken down here that go to another colony, by the cell. */
  readonly gives: Readonly<Record<string, CellGift>>;
  /** Where the next new cell hangs. */
  readonly hangs: Pick<FreshCell, 'place' | 'box' | 'frame' | 'part'>;
}

export type Change =
  | { readonly type: 'set'; readonly fields: Partial<Omit<Draft, 'known' | 'fresh' | 'id' | 'colonyId'>> }
  | { readonly type: 'add-cell'; readonly stage: CellStage; readonly cellId: string; readonly observationId: string }
  | { readonly type: 'drop-cell'; readonly stage: CellStage }
  | { readonly type: 'take-down'; readonly stage: CellStage; readonly count: number }
  | { readonly type: 'take-all-down' }
  | {
      readonly type: 'keep-only';
      /** The one that is kept, and what it is seen to be. */
      readonly cellId: string;
      readonly found: CellStage;
      /** It and all others that were there, each with the identifier of what is said of it. */
      readonly observations: Readonly<Record<string, string>>;
    }
  | { readonly type: 'give'; readonly cellId: string; readonly gift: CellGift | null }
  | {
      readonly type: 'known';
      readonly cellId: string;
      readonly observationId: string;
      readonly found: CellFinding | null;
      readonly takenDown: boolean;
    };

export function emptyDraft(id: string, colonyId: string, at: string): Draft {
  return {
    id,
    colonyId,
    at,
    ...NOTHING_NOTED,
    thoroughness: null,
    known: {},
    fresh: [],
    gives: {},
    photos: [],
    hangs: { place: 'not-said', box: null, frame: null, part: null },
  };
}

/** The draft after one tap. */
export function changeDraft(draft: Draft, change: Change): Draft {
  switch (change.type) {
    case 'set':
      return { ...draft, ...change.fields };
    case 'add-cell': {
      const { stage, cellId, observationId } = change;
      const again = draft.dropped?.at(-1);
      if (again) {
        const fresh = [...draft.fresh, { ...again, stage, takenDown: false }];
        return { ...draft, fresh, dropped: draft.dropped?.slice(0, -1) ?? [] };
      }
      return { ...draft, fresh: [...draft.fresh, { cellId, observationId, stage, ...draft.hangs, takenDown: false }] };
    }
    case 'drop-cell': {
      const last = draft.fresh.findLastIndex(({ stage }) => stage === change.stage);
      const cell = draft.fresh[last];
      if (!cell) return draft;
      const dropped = [...(draft.dropped ?? []), cell];
      return { ...draft, fresh: draft.fresh.filter((_, i) => i !== last), dropped };
    }
    case 'take-down': {
      let left = change.count;
      const fresh = draft.fresh.map((cell) => {
        if (cell.stage !== change.stage) return cell;
        left -= 1;
        return { ...cell, takenDown: left >= 0 };
      });
      return { ...draft, fresh };
    }
    case 'take-all-down': {
      const known = Object.entries(draft.known).map(([id, answer]) => {
        const live = answer.found !== null && answer.found !== 'not-found' && isLive(answer.found);
        return [id, live ? { ...answer, takenDown: true } : answer] as const;
      });
      const fresh = draft.fresh.map((cell) => (isLive(cell.stage) ? { ...cell, takenDown: true } : cell));
      return { ...draft, known: Object.fromEntries(known), fresh };
    }
    case 'keep-only': {
      const { cellId: kept, found: seen, observations } = change;
      const known = Object.entries(observations).map(([cellId, observationId]) => {
        const found = draft.known[cellId]?.found ?? null;
        if (cellId === kept) return [cellId, { observationId, found: seen, takenDown: false }] as const;
        const isSeen = found !== null && found !== 'not-found' && isLive(found);
        // Of one whose stage was not said it is said that it was broken down, and no more.
        const answer = isSeen ? { found, takenDown: true } : { found: found ?? ('removed' as const), takenDown: false };
        return [cellId, { observationId, ...answer }] as const;
      });
      const fresh = draft.fresh.map((cell) => (isLive(cell.stage) ? { ...cell, takenDown: true } : cell));
      return { ...draft, known: { ...draft.known, ...Object.fromEntries(known) }, fresh };
    }
    case 'give': {
      const { [change.cellId]: _, ...others } = draft.gives;
      return { ...draft, gives: change.gift ? { ...others, [change.cellId]: change.gift } : others };
    }
    case 'known': {
      const { cellId, observationId, found, takenDown } = change;
      return { ...draft, known: { ...draft.known, [cellId]: { observationId, found, takenDown } } };
    }
  }
}

/** Takes a stored inspection up again, to correct it. */
export function draftOf(entry: InspectionEntry): Draft {
  const { cells, ...inspection } = entry;
  const known: Record<string, KnownAnswer> = {};
  const fresh: FreshCell[] = [];
  for (const { cellId, observationId, found, takenDown, newCell } of cells) {
    if (newCell && found !== 'not-found') fresh.push({ cellId, observationId, stage: found, takenDown, ...newCell });
    else known[cellId] = { observationId, found, takenDown };
  }
  return { ...emptyDraft(entry.id, entry.colonyId, entry.at), ...inspection, known, fresh };
}

/** A cell that is broken down at this inspection though it might have become a queen. */
export interface DownCell {
  readonly cellId: string;
  readonly stage: CellStage;
}

/** Live cells of the draft that are broken down, and those that are not. */
export function liveCellsOf({ known, fresh }: Draft): { readonly down: readonly DownCell[]; readonly left: number } {
  const seen = [
    ...Object.entries(known).map(([cellId, { found, takenDown }]) => ({ cellId, stage: found, takenDown })),
    ...fresh.map(({ cellId, stage, takenDown }) => ({ cellId, stage, takenDown })),
  ].flatMap(({ cellId, stage, takenDown }) =>
    stage !== null && stage !== 'not-found' && isLive(stage) ? [{ cellId, stage, takenDown }] : [],
  );
  return { down: seen.filter(({ takenDown }) => takenDown), left: seen.filter(({ takenDown }) => !takenDown).length };
}

/**
 * How cells were searched for, as far as it was said. Left open where none is named, they were not the question; where one is, it is yet
 * to be said.
 */
export function searchedOf({ thoroughness, known, fresh }: Draft): Searched | null {
  const namesCells = fresh.length > 0 || Object.values(known).some(({ found }) => found !== null);
  return thoroughness ?? (namesCells ? null : 'not-searched');
}

/** The entry as it is sent. */
export function entryOf(draft: Draft, thoroughness: Searched): InspectionEntry {
  const { known, fresh, dropped: ____, hangs: _, gives: __, photos: ___, ...inspection } = draft;
  const seenAgain = Object.entries(known).flatMap(([cellId, { observationId, found, takenDown }]): EntryCell[] =>
    found === null ? [] : [{ cellId, observationId, found, takenDown, newCell: null }],
  );
  const found = fresh.map(({ cellId, observationId, stage, takenDown, place, box, frame, part }): EntryCell => {
    return { cellId, observationId, found: stage, takenDown, newCell: { place, box, frame, part } };
  });
  const { until = null, temper = 'not-noted', food = 'not-looked-for' } = inspection;
  return { ...inspection, until, temper, food, thoroughness, cells: [...seenAgain, ...found] };
}

/** The facts from before a minute, without the inspection that is being entered. */
export function factsBefore(facts: ColonyFacts, { id, at }: Pick<Draft, 'id' | 'at'>): ColonyFacts {
  return { ...facts, inspections: facts.inspections.filter((other) => other.id !== id && other.at < at) };
}

'use client';

import { useRef } from 'react';
import { comparable } from '../../core/facts/comparable-entry';
import type { InspectionEntry } from '../../core/facts/entry';
import { type Draft, liveCellsOf } from '../../device/draft';
import { giveCell } from '../../device/give-cell';
import { inTime } from '../../device/in-time';
import { saveOnDevice, sendDirectly } from '../../device/outbox';
import type { KeptInspection } from '../../device/outbox-entry';
import { isPassing } from '../../device/send';
import { dropDraft } from '../../device/stored-draft';
import { versionOf } from '../../device/version-of';
import type { IssueInWords } from '../../words/issues';
import { useDevice } from '../offline/DeviceProvider';

/** `nowhere`: neither the device nor the server has it. */
export interface Saved {
  readonly state: 'sent' | 'waiting' | 'refused' | 'nowhere';
  readonly issues: readonly IssueInWords[];
}

/** The cells that this entry gives to other colonies. */
function givesOf(draft: Draft, from: string) {
  return liveCellsOf(draft).down.flatMap(({ cellId }) => {
    const gift = draft.gives[cellId];
    return gift
      ? [
          giveCell({
            ...gift,
            cellId,
            at: draft.at,
            on: draft.at.slice(0, 10),
            travel: gift.travel ?? 'on-frame',
            from,
          }),
        ]
      : [];
  });
}

/**
 * Saves an entry: a new one on this device first, from where it is sent as soon as the server answers; a correction, and any entry
 * where the device keeps nothing, straight to the server.
 *
 * @param over the version that a correction is meant to replace; null: it is a new entry
 */
export function useSaveEntry(key: string, colonyName: string, over: string | null) {
  const { store, sync } = useDevice();
  // What was tried before may have arrived without an answer.
  const tried = useRef<readonly string[]>([]);

  const direct = async (kept: KeptInspection, isOnlyHere: boolean): Promise<Saved> => {
    tried.current = [...tried.current, versionOf(comparable(kept.entry))];
    const issues = await sendDirectly(kept);
    if (issues.length === 0) {
      if (store) await inTime(dropDraft(store, key));
      return { state: 'sent', issues };
    }
    return { state: isOnlyHere && issues.some(isPassing) ? 'nowhere' : 'refused', issues };
  };

  /** @param chosenOver the version in the book that the keeper has seen and wants replaced */
  return async (draft: Draft, entry: InspectionEntry, chosenOver: string | null = null): Promise<Saved> => {
    const { id, colonyId } = entry;
    const kept: KeptInspection = {
      kind: 'inspection',
      id,
      colonyId,
      colonyName,
      entry,
      gives: givesOf(draft, colonyName),
      draft,
      state: 'waiting',
      issues: [],
      over: [over, chosenOver, ...tried.current].filter((version) => version !== null),
      savedAt: new Date().toISOString(),
      sentAt: null,
    };
    if (over !== null) return direct(kept, false);
    const isKept = store !== null && (await inTime(saveOnDevice(store, kept, key)));
    if (!isKept) return direct(kept, true);
    await sync();
    const after = await store.get('outbox', id);
    // Gone from the outbox: it was sent and the server's own copy is here already.
    return { state: after?.state ?? 'sent', issues: after?.issues ?? [] };
  };
}

'use client';

import type { InspectionEntry } from '../../core/facts/entry';
import type { Issue } from '../../core/problems/issue';
import { type Draft, liveCellsOf } from '../../device/draft';
import { giveCell } from '../../device/give-cell';
import { saveOnDevice, sendInspection } from '../../device/outbox';
import type { OutboxEntry } from '../../device/outbox-entry';
import { NO_ANSWER } from '../../device/send';
import { dropDraft } from '../../device/stored-draft';
import { useDevice } from '../offline/DeviceProvider';

interface Saved {
  readonly state: 'sent' | 'waiting' | 'refused';
  readonly issues: readonly Issue[];
}

/** What is still to be said of an entry that was sent by hand. */
const outcome = (result: OutboxEntry['issues'] | 'no-answer'): Saved => {
  if (result === 'no-answer') return { state: 'refused', issues: [NO_ANSWER] };
  return { state: result.length === 0 ? 'sent' : 'refused', issues: result };
};

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
 * where the browser keeps nothing, straight to the server.
 */
export function useSaveEntry(key: string, colonyName: string) {
  const { store, sync } = useDevice();
  return async (draft: Draft, entry: InspectionEntry, isCorrection: boolean): Promise<Saved> => {
    const gives = givesOf(draft, colonyName);
    if (!store || isCorrection) {
      const saved = outcome(await sendInspection({ entry, gives, draft }));
      if (store && saved.state === 'sent') await dropDraft(store, key);
      return saved;
    }
    const { id, colonyId } = entry;
    const savedAt = new Date().toISOString();
    await saveOnDevice(
      store,
      {
        kind: 'inspection',
        id,
        colonyId,
        colonyName,
        entry,
        gives,
        draft,
        state: 'waiting',
        issues: [],
        savedAt,
        sentAt: null,
      },
      key,
    );
    await sync();
    const after = await store.get('outbox', id);
    // Gone from the outbox: it was sent and the server's own copy is here already.
    return { state: after?.state ?? 'sent', issues: after?.issues ?? [] };
  };
}

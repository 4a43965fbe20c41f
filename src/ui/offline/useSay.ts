'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { inTime } from '../../device/in-time';
import { dropFromDevice, keepOnDevice, sendEntry } from '../../device/outbox';
import type { KeptSaying, SaidAtHive, SaidKind } from '../../device/outbox-entry';
import { isPassing } from '../../device/send';
import type { NamedColony } from '../../views/all-apiaries';
import type { IssueInWords } from '../../words/issues';
import { useDevice } from './DeviceProvider';

const KEPT_NOWHERE: IssueInWords = {
  path: [],
  code: 'no-answer',
  message:
    'This is kept nowhere yet: this device does not keep it, and the server does not answer. Do not close this page; try again.',
};

export type SaidState = KeptSaying['state'];

/**
 * Says something of a colony: kept on this device first, from where it is sent as soon as the server answers. What is refused at once
 * is not kept, since it is still before the eyes of who entered it; the reasons are in `issues`.
 */
export function useSay({ id: colonyId, name: colonyName }: NamedColony) {
  const router = useRouter();
  const { store, sync, reload } = useDevice();
  const [issues, setIssues] = useState<readonly IssueInWords[]>([]);
  const [isSaying, setSaying] = useState(false);
  const [isNowhere, setNowhere] = useState(false);

  const pass = async (entry: KeptSaying): Promise<readonly IssueInWords[] | 'waiting' | 'nowhere'> => {
    const before = store && (await store.get('outbox', entry.id).catch(() => undefined));
    const isKept = store !== null && (await inTime(keepOnDevice(store, entry)));
    if (!isKept) {
      const answer = await sendEntry(entry);
      return answer.some(isPassing) ? 'nowhere' : answer;
    }
    await sync();
    const after = await store.get('outbox', entry.id);
    if (after?.state === 'waiting') return 'waiting';
    if (after?.state !== 'refused') return [];
    // What had come back before stays in the list until it is taken.
    if (before?.state !== 'refused') {
      await dropFromDevice(store, entry.id);
      await reload();
    }
    return after.issues;
  };

  const say = async <Kind extends SaidKind>(kind: Kind, body: SaidAtHive[Kind], words: string): Promise<SaidState> => {
    setSaying(true);
    const waiting = { state: 'waiting', issues: [], savedAt: new Date().toISOString(), sentAt: null } as const;
    const answer = await pass({ kind, body, words, id: body.id, colonyId, colonyName, ...waiting } as KeptSaying);
    setSaying(false);
    setNowhere(answer === 'nowhere');
    setIssues(answer === 'nowhere' ? [KEPT_NOWHERE] : answer === 'waiting' ? [] : answer);
    if (answer === 'waiting') return 'waiting';
    if (answer === 'nowhere') return 'refused';
    if (answer.length > 0) return 'refused';
    router.refresh();
    return 'sent';
  };
  /** `isNowhere`: neither the device nor the server has what was said last. */
  return { issues, isSaying, isNowhere, say };
}

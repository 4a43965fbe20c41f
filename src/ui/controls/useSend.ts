'use client';

import { useRouter } from 'next/navigation';
import { useState, useTransition } from 'react';
import { send } from '../../device/send';
import type { IssueInWords } from '../../words/issues';

/** Sends something from where the keeper stays: the page is asked for anew when it was taken, and says what is wrong when not. */
export function useSend() {
  const router = useRouter();
  const [issues, setIssues] = useState<readonly IssueInWords[]>([]);
  const [isSending, setSending] = useState(false);
  const [isRefreshing, refresh] = useTransition();
  const sendTo = async (path: string, body: unknown, method: 'POST' | 'DELETE' | 'PUT' = 'POST'): Promise<boolean> => {
    setSending(true);
    const sent = await send(path, body, method);
    setSending(false);
    setIssues(sent.ok ? [] : sent.issues);
    if (sent.ok) refresh(() => router.refresh());
    return sent.ok;
  };
  /** `isRefreshing`: it was taken, and the page that follows from it is not here yet. */
  return { issues, isSending, isRefreshing, sendTo };
}

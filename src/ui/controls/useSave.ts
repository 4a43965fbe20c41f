'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { send } from '../../device/send';
import type { IssueInWords } from '../../words/issues';

/** Sends an entry and goes on when it was taken; keeps the form and shows what is wrong when it was not. */
export function useSave(path: string) {
  const router = useRouter();
  const [issues, setIssues] = useState<readonly IssueInWords[]>([]);
  const [isSaving, setSaving] = useState(false);
  const save = async (body: unknown, then: string): Promise<boolean> => {
    setSaving(true);
    const sent = await send(path, body);
    setSaving(false);
    setIssues(sent.ok ? [] : sent.issues);
    if (!sent.ok) return false;
    router.push(then);
    router.refresh();
    return true;
  };
  return { issues, isSaving, save };
}

'use client';

import { proxy, type Remote, wrap } from 'comlink';
import { useCallback, useEffect, useRef, useState } from 'react';
import { SHEET_LIMITS } from '../../core/spreadsheets/bring-in/limits';
import type { Matching } from '../../core/spreadsheets/bring-in/matching';
import { ask } from '../../device/send';
import type { IssueInWords } from '../../words/issues';
import type { HeldAgainst, OpenedSheet, SheetPlan, SheetReckoner } from '../../workers/sheet-reckoner';

/** What was chosen stands still for so long before the rows are gone through anew, ms. */
const WAITS_MS = 250;
const MEGABYTE = 1024 * 1024;

export type SheetStage =
  | { readonly step: 'none' }
  | { readonly step: 'reading'; readonly part: number }
  | { readonly step: 'refused'; readonly issues: readonly IssueInWords[] }
  | { readonly step: 'open'; readonly file: string; readonly sheet: OpenedSheet };

export type PreviewStage =
  | { readonly step: 'none' }
  | { readonly step: 'going'; readonly part: number }
  | { readonly step: 'failed'; readonly issues: readonly IssueInWords[] }
  | { readonly step: 'here'; readonly plan: SheetPlan };

/** What is said where the worker itself fails. */
const BROKE_OFF: IssueInWords = {
  path: [],
  code: 'server-fault',
  message: 'The rows could not be gone through. Nothing was changed; choose the file again.',
};

/** A spreadsheet, read and gone through beside the page. What is on its way is left when it is asked anew or stopped. */
export function useSheet(matching: Matching | null) {
  const worker = useRef<{ readonly thread: Worker; readonly reckoner: Remote<SheetReckoner> } | null>(null);
  const [stage, setStage] = useState<SheetStage>({ step: 'none' });
  const [preview, setPreview] = useState<PreviewStage>({ step: 'none' });
  /** Counted up where the book is another than it was. */
  const [bookAt, setBookAt] = useState(0);
  const books = useRef(new Map<string, HeldAgainst>());

  const end = useCallback(() => {
    worker.current?.thread.terminate();
    worker.current = null;
  }, []);
  useEffect(() => end, [end]);

  const open = async (file: File): Promise<OpenedSheet | null> => {
    end();
    setPreview({ step: 'none' });
    if (file.size > SHEET_LIMITS.bytes) {
      const message = `The file has ${Math.round(file.size / MEGABYTE)} MB; at most ${SHEET_LIMITS.bytes / MEGABYTE} MB are read. Bring it in by parts.`;
      setStage({ step: 'refused', issues: [{ path: [], code: 'too-large', message }] });
      return null;
    }
    setStage({ step: 'reading', part: 0 });
    const thread = new Worker(new URL('../../workers/sheet.worker.ts', import.meta.url), { type: 'module' });
    const own = { thread, reckoner: wrap<SheetReckoner>(thread) };
    worker.current = own;
    try {
      const bytes = new Uint8Array(await file.arrayBuffer());
      const isStill = () => worker.current === own;
      const read = await own.reckoner.open(
        bytes,
        proxy((part: number) => isStill() && setStage({ step: 'reading', part })),
      );
      if (!isStill()) return null;
      setStage(
        read.ok ? { step: 'open', file: file.name, sheet: read.value } : { step: 'refused', issues: read.issues },
      );
      return read.ok ? read.value : null;
    } catch {
      if (worker.current === own) setStage({ step: 'refused', issues: [BROKE_OFF] });
      return null;
    }
  };

  // What is asked is its text: while that is the same, so is the matching.
  const question = stage.step === 'open' && matching ? `${bookAt} ${JSON.stringify(matching)}` : null;
  const wanted = useRef(matching);
  wanted.current = matching;
  useEffect(() => {
    if (question === null) return;
    let isOver = false;
    const go = async () => {
      const asked = wanted.current;
      const own = worker.current;
      if (!asked || !own) return;
      setPreview({ step: 'going', part: 0 });
      const known = books.current.get(asked.kind);
      const told = known
        ? ({ ok: true, value: known } as const)
        : await ask<HeldAgainst>(`/api/brought-in/book?kind=${asked.kind}`);
      if (isOver) return;
      if (!told.ok) return setPreview({ step: 'failed', issues: told.issues });
      books.current.set(asked.kind, told.value);
      try {
        const plan = await own.reckoner.plan(
          asked,
          told.value,
          proxy((part: number) => !isOver && setPreview({ step: 'going', part })),
        );
        if (!isOver) setPreview({ step: 'here', plan });
      } catch {
        if (!isOver) setPreview({ step: 'failed', issues: [BROKE_OFF] });
      }
    };
    const waits = setTimeout(() => void go(), WAITS_MS);
    return () => {
      isOver = true;
      clearTimeout(waits);
    };
  }, [question]);

  return {
    stage,
    preview,
    open,
    /** Leaves what is on its way, and the file with it. */
    stop: () => {
      end();
      setStage({ step: 'none' });
      setPreview({ step: 'none' });
    },
    /** The book was changed: its rows are held against it as it is now. */
    lookAgain: () => {
      books.current.clear();
      setPreview({ step: 'none' });
      setBookAt((n) => n + 1);
    },
    text: () => worker.current?.reckoner.text() ?? Promise.resolve(''),
  };
}

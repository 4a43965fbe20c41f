'use client';

import { proxy, type Remote, wrap } from 'comlink';
import { useEffect, useRef, useState } from 'react';
import type { Choice, WhatIfAsked } from '../../core/population/asked';
import type { Outcome } from '../../core/population/what-if';
import type { Settings } from '../../core/settings/settings';
import type { WhatIfReckoner } from '../../workers/what-if-reckoner';

/** What was typed stands still for so long before it is reckoned, ms. */
const WAITS_MS = 400;

interface Reckoned {
  /** By the choice, in the order that was asked for; null: not yet. */
  readonly outcomes: readonly (Outcome | null)[];
  /** Runs made of those that are wanted; null: nothing is being reckoned. */
  readonly progress: { readonly made: number; readonly wanted: number } | null;
  readonly isCancelled: boolean;
  readonly hasFailed: boolean;
  readonly cancel: () => void;
  readonly goOn: () => void;
}

/**
 * What each choice comes to, reckoned beside the page. A choice that was reckoned under the same assumptions is not reckoned again; one that
 * is asked for anew ends what is on its way.
 */
export function useOutcomes(asked: WhatIfAsked, choices: readonly Choice[], settings: Settings): Reckoned {
  const worker = useRef<{ readonly thread: Worker; readonly reckoner: Remote<WhatIfReckoner> } | null>(null);
  const [known, setKnown] = useState<ReadonlyMap<string, Outcome>>(new Map());
  const [made, setMade] = useState(0);
  const [cancelled, setCancelled] = useState<string | null>(null);
  const [hasFailed, setFailed] = useState(false);
  const keys = choices.map((choice) => JSON.stringify([asked, choice]));
  const question = keys.join();
  const isCancelled = cancelled === question;
  const open = keys.findIndex((key) => !known.has(key));
  const key = keys[open];
  const choice = choices[open];

  // The question is its key: while that is the same, so is what is asked.
  const wanted = useRef({ asked, choice, settings });
  wanted.current = { asked, choice, settings };
  useEffect(() => {
    if (key === undefined || isCancelled) return;
    let isOver = false;
    const end = () => {
      isOver = true;
      worker.current?.thread.terminate();
      worker.current = null;
    };
    const begin = async () => {
      const { asked: of, choice: one, settings: by } = wanted.current;
      if (!one) return;
      if (!worker.current) {
        const thread = new Worker(new URL('../../workers/what-if.worker.ts', import.meta.url), { type: 'module' });
        worker.current = { thread, reckoner: wrap<WhatIfReckoner>(thread) };
      }
      try {
        const outcome = await worker.current.reckoner.outcome(
          of,
          one,
          by,
          proxy((runs: number) => !isOver && setMade(runs)),
        );
        if (isOver) return;
        isOver = true;
        setMade(0);
        setFailed(false);
        setKnown((before) => new Map(before).set(key, outcome));
      } catch {
        if (!isOver) setFailed(true);
      }
    };
    const waits = setTimeout(() => void begin(), WAITS_MS);
    return () => {
      clearTimeout(waits);
      if (!isOver) {
        end();
        setMade(0);
      }
    };
  }, [key, isCancelled]);
  useEffect(() => () => worker.current?.thread.terminate(), []);

  const done = keys.filter((one) => known.has(one)).length;
  return {
    outcomes: keys.map((one) => known.get(one) ?? null),
    progress:
      key === undefined || isCancelled ? null : { made: done * asked.runs + made, wanted: choices.length * asked.runs },
    isCancelled: isCancelled && key !== undefined,
    hasFailed,
    cancel: () => setCancelled(question),
    goOn: () => setCancelled(null),
  };
}

'use client';

import { useEffect, useRef, useState } from 'react';

/**
 * The answer of a reckoning that runs beside the page. Until it has come the last one stands, so that nothing jumps between two
 * taps; an answer that a later question has overtaken is dropped.
 *
 * @param ask must keep its identity while the question is the same; null: nothing is asked, and `first` is the answer
 * @param first what stands until the first answer
 */
export function useReckoned<Answer>(ask: (() => Promise<Answer>) | null, first: Answer): Answer {
  const [answer, setAnswer] = useState(first);
  const [fault, setFault] = useState<unknown>(null);
  const asked = useRef(0);
  useEffect(() => {
    asked.current += 1;
    const mine = asked.current;
    if (!ask) return;
    ask().then(
      (got) => mine === asked.current && setAnswer(() => got),
      (error: unknown) => mine === asked.current && setFault(() => error),
    );
  }, [ask]);
  if (fault) throw fault;
  return ask ? answer : first;
}

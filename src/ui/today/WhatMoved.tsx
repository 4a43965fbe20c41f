'use client';

import { useEffect } from 'react';
import { send } from '../../device/send';
import { Button } from '../controls/Button';
import { Row } from '../controls/Row';
import { useSend } from '../controls/useSend';
import { useBook } from '../frame/BookContext';

interface Props {
  readonly moved: readonly string[];
  readonly isNew: boolean;
  readonly version: string;
}

/** What moved since the keeper last saw the plan, until that is seen. A plan in which nothing moved is seen by being shown. */
export function WhatMoved({ moved, isNew, version }: Props) {
  const { isSending, sendTo } = useSend();
  const isReader = useBook()?.isReader === true;
  const isSeenByItself = isNew && moved.length === 0 && !isReader;
  useEffect(() => {
    if (isSeenByItself) void send('/api/plan-seen', { version });
  }, [isSeenByItself, version]);
  if (moved.length === 0) return null;
  return (
    <section aria-label="What moved">
      <Row title="What moved" tone="text-indigo" brief={moved[0]} aside={moved.length}>
        <ul className="text-sm">
          {moved.map((words) => (
            <li key={words} className="max-w-prose">
              {words}
            </li>
          ))}
        </ul>
        {!isReader && (
          <Button
            disabled={isSending}
            kind="quiet"
            className="min-h-11"
            onClick={() => void sendTo('/api/plan-seen', { version })}
          >
            Seen
          </Button>
        )}
      </Row>
    </section>
  );
}

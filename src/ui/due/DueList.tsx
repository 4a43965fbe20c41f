'use client';

import { useState } from 'react';
import type { OutboxEntry } from '../../device/outbox-entry';
import type { DueAt, DueView } from '../../views/due-view';
import { Button } from '../controls/Button';
import { SmallPanel } from '../controls/SmallPanel';
import { useDevice } from '../offline/DeviceProvider';
import { NotSent } from '../offline/NotSent';
import { TONE_TEXT } from '../time/tones';
import { AnswerCheck } from './AnswerCheck';
import { MoveCheck } from './MoveCheck';

interface Props {
  readonly due: readonly DueView[];
  readonly at: DueAt;
  /** The present minute, `YYYY-MM-DDTHH:mm`. */
  readonly minute: string;
  /** Of which it is said why; of the others what and by when alone. */
  readonly whys?: 'all' | 'first' | 'none';
}

/** What is due at a colony, each to be answered on the spot, put on another day, or left out. */
export function DueList({ due, at, minute, whys = 'all' }: Props) {
  return (
    <ul className="mt-2">
      {due.map((check, i) => (
        <DueLine
          key={check.key}
          check={check}
          at={at}
          minute={minute}
          isWhySaid={whys === 'all' || (whys === 'first' && i === 0)}
        />
      ))}
    </ul>
  );
}

/** Something that was said of this check on this device. */
function isOf(entry: OutboxEntry, { key, asks }: DueView, colonyId: string): boolean {
  if (entry.colonyId !== colonyId) return false;
  if (entry.kind === 'check-change') return entry.body.key === key;
  if (entry.kind !== 'answer' || !asks) return false;
  const { programmeId, code, nth } = entry.body;
  return programmeId === asks.programmeId && code === asks.code && nth === asks.nth;
}

function DueLine({
  check,
  at,
  minute,
  isWhySaid,
}: Pick<Props, 'at' | 'minute'> & { check: DueView; isWhySaid: boolean }) {
  const [open, setOpen] = useState<'answer' | 'move' | null>(null);
  const { words, why, tone, asks, isNear, plannedFor } = check;
  const { outbox } = useDevice();
  const said = outbox.filter((entry) => entry.state === 'waiting' && isOf(entry, check, at.colonyId));
  const toggle = (which: 'answer' | 'move') => setOpen(open === which ? null : which);
  return (
    <li className="mt-1.5" data-due={check.code}>
      <b className={TONE_TEXT[tone]}>{words}.</b> {isWhySaid && <span className="text-sm">{why}</span>}
      <span className="flex gap-4 text-sm">
        {asks && (isNear || plannedFor !== null) && (
          <Button
            kind="quiet"
            className="min-h-11 font-semibold wide:min-h-8"
            aria-expanded={open === 'answer'}
            onClick={() => toggle('answer')}
          >
            record the result
          </Button>
        )}
        <Button
          kind="quiet"
          className="min-h-11 wide:min-h-8"
          aria-expanded={open === 'move'}
          onClick={() => toggle('move')}
        >
          another day
        </Button>
      </span>
      {said.map((entry) => entry.kind !== 'inspection' && <NotSent key={entry.id} words={entry.words} />)}
      {open === 'answer' && asks && (
        <SmallPanel onClose={() => setOpen(null)}>
          {(done) => <AnswerCheck order={check.order} asks={asks} at={at} minute={minute} onDone={done} />}
        </SmallPanel>
      )}
      {open === 'move' && (
        <SmallPanel onClose={() => setOpen(null)}>
          {(done) => <MoveCheck check={check} at={at} minute={minute} onDone={done} />}
        </SmallPanel>
      )}
    </li>
  );
}

'use client';

import { Popover } from 'radix-ui';
import type { RefObject } from 'react';
import { formatDay } from '../../core/calendar/day';
import type { SeasonPlanFact } from '../../core/facts/season-plan';
import type { IntentionView } from '../../views/season-plan-view';
import { Button, ButtonLink } from '../controls/Button';
import { DayField } from '../controls/DayField';
import { useSend } from '../controls/useSend';
import { useBook } from '../frame/BookContext';
import { withAgain, withDropped, withMoved } from './plan-changes';

interface Props {
  readonly anchor: RefObject<HTMLButtonElement | null>;
  readonly colonyName: string;
  readonly intention: IntentionView;
  readonly plan: SeasonPlanFact;
  /** It has no day that it could be put on. */
  readonly isFixed: boolean;
  /** `YYYY-MM-DD` */
  readonly today: string;
  readonly onClose: () => void;
}

/** How it stands with something that is meant, and what can be done with it: begin it, put it on another day, drop it, mean it again. */
export function IntentionMenu({ anchor, colonyName, intention, plan, isFixed, today, onClose }: Props) {
  const { key, label, on, status, words, start, programmeId } = intention;
  const isReader = useBook()?.isReader === true;
  const { issues, isSending, sendTo } = useSend();
  const send = (next: SeasonPlanFact) => sendTo('/api/season-plans', { plans: [next], gone: [] });
  const sendAndClose = async (next: SeasonPlanFact) => {
    if (await send(next)) onClose();
  };
  return (
    <Popover.Root open onOpenChange={(isOpen) => !isOpen && onClose()}>
      <Popover.Anchor virtualRef={anchor as RefObject<HTMLButtonElement>} />
      <Popover.Portal>
        <Popover.Content
          sideOffset={4}
          collisionPadding={8}
          aria-label={`${colonyName}, ${label}`}
          className="z-20 w-80 max-w-[calc(100vw-1rem)] border-2 border-ink bg-paper p-3"
          onCloseAutoFocus={(event) => {
            event.preventDefault();
            anchor.current?.focus();
          }}
        >
          <p className="text-sm font-semibold">{words}</p>
          {issues.map(({ message }) => (
            <p key={message} role="alert" className="text-propolis mt-1 text-sm">
              {message}
            </p>
          ))}
          {!isFixed && (
            <div className="mt-2">
              <span className="text-sm">Another day</span>
              <DayField
                aria-label={`Another day for ${label}`}
                value={formatDay(on)}
                onChange={(text) => {
                  if (text && text !== formatDay(on)) void send(withMoved(plan, key, text));
                }}
              />
            </div>
          )}
          <p className="mt-2 flex flex-wrap gap-2">
            {start && (
              <ButtonLink href={start} kind="act">
                Start it
              </ButtonLink>
            )}
            {programmeId && (
              <ButtonLink href={`/programmes/${programmeId}`} kind="plain">
                See the programme
              </ButtonLink>
            )}
            {!isFixed && (
              <Button kind="plain" disabled={isSending} onClick={() => void sendAndClose(withDropped(plan, key))}>
                Drop it
              </Button>
            )}
            {status === 'dropped' && !isReader && (
              <Button kind="plain" disabled={isSending} onClick={() => void sendAndClose(withAgain(plan, key, today))}>
                Plan it again
              </Button>
            )}
          </p>
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}

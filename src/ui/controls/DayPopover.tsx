'use client';

import { Popover } from 'radix-ui';
import type { RefObject } from 'react';
import type { Day } from '../../core/calendar/day';
import type { DayBounds } from '../../words/read-day';
import { DayCalendar } from './DayCalendar';

interface Props {
  /** The button that it opens below, and that has the focus again when it closes. */
  readonly button: RefObject<HTMLButtonElement | null>;
  readonly id: string;
  readonly day: Day | null;
  readonly today: Day;
  readonly since: Day | null;
  readonly bounds: DayBounds;
  readonly onPick: (day: Day) => void;
  readonly onClose: () => void;
}

/** A month to pick a day from, below its button. */
export function DayPopover({ button, id, onClose, ...calendar }: Props) {
  const isOnButton = (target: EventTarget | null) => target instanceof Node && button.current?.contains(target);
  return (
    <Popover.Root open onOpenChange={(isOpen) => !isOpen && onClose()}>
      <Popover.Anchor virtualRef={button as RefObject<HTMLButtonElement>} />
      <Popover.Portal>
        <Popover.Content
          id={id}
          align="end"
          sideOffset={4}
          collisionPadding={8}
          aria-label="A month to pick a day from"
          className="z-50 border-2 border-ink bg-paper p-2 shadow-lg"
          // The button closes it itself.
          onInteractOutside={(event) => isOnButton(event.target) && event.preventDefault()}
          onCloseAutoFocus={(event) => {
            event.preventDefault();
            button.current?.focus();
          }}
        >
          <DayCalendar {...calendar} />
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}

'use client';

import { Dialog } from 'radix-ui';
import { BUTTON } from '../controls/styles';
import { useFocusBack } from '../controls/useFocusBack';
import { SHORTCUTS } from './shortcuts';

/** What the keys do. */
export function KeysDialog({ onClose }: { onClose: () => void }) {
  const focusBack = useFocusBack();
  return (
    <Dialog.Root open onOpenChange={(isOpen) => !isOpen && onClose()}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-30 bg-shade/50" />
        <Dialog.Content
          aria-describedby={undefined}
          onCloseAutoFocus={focusBack}
          className="fixed top-24 left-1/2 z-40 w-[min(28rem,92vw)] -translate-x-1/2 border-2 border-ink bg-paper p-5"
        >
          <Dialog.Title className="text-xl">Keys</Dialog.Title>
          <dl className="mt-2 grid grid-cols-[4rem_1fr] gap-y-1.5">
            {SHORTCUTS.map(({ key, does }) => (
              <div key={key} className="contents">
                <dt>
                  <kbd className="border border-ink px-1.5 font-bold">{key}</kbd>
                </dt>
                <dd>{does}</dd>
              </div>
            ))}
          </dl>
          <Dialog.Close className={`${BUTTON.plain} mt-4`}>Close</Dialog.Close>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}

'use client';

import { AlertDialog } from 'radix-ui';
import type { ReactNode } from 'react';
import { BUTTON } from './styles';
import { useFocusBack } from './useFocusBack';

interface Props {
  readonly title: string;
  readonly body: ReactNode;
  readonly yes: string;
  readonly no: string;
  readonly onYes: () => void;
  readonly onClose: () => void;
}

/** What {@link AskFirst} shows once it asks. */
export function AskDialog({ title, body, yes, no, onYes, onClose }: Props) {
  const focusBack = useFocusBack();
  return (
    <AlertDialog.Root open onOpenChange={(open) => !open && onClose()}>
      <AlertDialog.Portal>
        <AlertDialog.Overlay className="fixed inset-0 z-30 bg-shade/50" />
        <AlertDialog.Content
          onCloseAutoFocus={focusBack}
          className="fixed top-1/4 left-1/2 z-40 w-[min(26rem,92vw)] -translate-x-1/2 border-2 border-ink bg-paper p-5"
        >
          <AlertDialog.Title className="text-lg">{title}</AlertDialog.Title>
          <AlertDialog.Description className="mt-2">{body}</AlertDialog.Description>
          <div className="mt-4 flex justify-end gap-2">
            <AlertDialog.Cancel className={BUTTON.plain}>{no}</AlertDialog.Cancel>
            <AlertDialog.Action className={BUTTON.danger} onClick={onYes}>
              {yes}
            </AlertDialog.Action>
          </div>
        </AlertDialog.Content>
      </AlertDialog.Portal>
    </AlertDialog.Root>
  );
}

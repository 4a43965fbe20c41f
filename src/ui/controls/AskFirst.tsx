'use client';

import dynamic from 'next/dynamic';
import { cloneElement, type ReactElement, type ReactNode, useState } from 'react';

// Seldom needed, so that its script comes when it is.
const AskDialog = dynamic(() => import('./AskDialog').then((module) => module.AskDialog), { ssr: false });

interface Props {
  /** The button that opens it; left out where something else does. */
  readonly trigger?: ReactElement<{ onClick?: () => void; 'aria-haspopup'?: 'dialog' }>;
  readonly isOpen?: boolean;
  readonly onClose?: () => void;
  readonly title: string;
  readonly body: ReactNode;
  readonly yes: string;
  readonly no?: string;
  readonly onYes: () => void;
}

/** Asks before something is done that the keeper may regret. */
export function AskFirst({ trigger, isOpen, onClose, title, body, yes, no = 'Cancel', onYes }: Props) {
  const [isAsking, setAsking] = useState(false);
  const close = () => {
    setAsking(false);
    onClose?.();
  };
  return (
    <>
      {trigger && cloneElement(trigger, { onClick: () => setAsking(true), 'aria-haspopup': 'dialog' })}
      {(isOpen ?? isAsking) && <AskDialog title={title} body={body} yes={yes} no={no} onYes={onYes} onClose={close} />}
    </>
  );
}

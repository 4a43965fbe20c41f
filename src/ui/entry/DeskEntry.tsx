'use client';

import { useRouter } from 'next/navigation';
import type { ComponentProps } from 'react';
import { draftKey } from '../../device/stored-draft';
import { useDevice } from '../offline/DeviceProvider';
import { InspectionForm } from './InspectionForm';

interface Props extends Omit<ComponentProps<typeof InspectionForm>, 'onSaved'> {
  /** An entry of this device that came back and is put right; null: none is. */
  readonly cameBackId?: string | null;
}

/** An inspection entered or corrected from a colony's page, to which it goes back. */
export function DeskEntry({ cameBackId = null, ...props }: Props) {
  const router = useRouter();
  const { store, outbox } = useDevice();
  if (cameBackId !== null && !store) return null;
  const cameBack = outbox.find(({ id }) => id === cameBackId);
  const begun =
    cameBack?.kind === 'inspection'
      ? {
          begin: cameBack.draft,
          refusedFor: cameBack.issues,
          keptAs: draftKey.inspection(cameBack.colonyId, cameBack.id),
        }
      : {};
  return (
    <InspectionForm
      {...props}
      {...begun}
      onSaved={(state) => {
        router.push(state === 'sent' ? `/colonies/${props.begin.colonyId}` : '/hive');
        router.refresh();
      }}
    />
  );
}

'use client';

import { useRouter } from 'next/navigation';
import type { ComponentProps } from 'react';
import { InspectionForm } from './InspectionForm';

/** An inspection entered or corrected from a colony's page, to which it goes back. */
export function DeskEntry(props: Omit<ComponentProps<typeof InspectionForm>, 'onSaved'>) {
  const router = useRouter();
  return (
    <InspectionForm
      {...props}
      onSaved={(state) => {
        router.push(state === 'sent' ? `/colonies/${props.begin.colonyId}` : '/hive');
        router.refresh();
      }}
    />
  );
}

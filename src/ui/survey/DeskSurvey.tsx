'use client';

import { useRouter } from 'next/navigation';
import type { ComponentProps } from 'react';
import { SurveyForm } from './SurveyForm';

/** A survey entered from a colony's frames, to which it goes back. */
export function DeskSurvey(props: Omit<ComponentProps<typeof SurveyForm>, 'onSaved'>) {
  const router = useRouter();
  return (
    <SurveyForm
      {...props}
      onSaved={(state) => {
        router.push(state === 'sent' ? `/colonies/${props.begin.colonyId}/frames` : '/hive');
        router.refresh();
      }}
    />
  );
}

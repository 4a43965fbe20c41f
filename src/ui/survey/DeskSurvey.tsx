'use client';

import { useRouter } from 'next/navigation';
import type { ComponentProps } from 'react';
import { draftOfSurvey } from '../../device/survey-draft';
import { useDevice } from '../offline/DeviceProvider';
import { SurveyForm } from './SurveyForm';

interface Props extends Omit<ComponentProps<typeof SurveyForm>, 'onSaved'> {
  /** A survey of this device that came back and is put right; null: none is. */
  readonly cameBackId?: string | null;
}

/** A survey entered from a colony's frames, to which it goes back. */
export function DeskSurvey({ cameBackId = null, ...props }: Props) {
  const router = useRouter();
  const { store, outbox } = useDevice();
  if (cameBackId !== null && !store) return null;
  const cameBack = outbox.find(({ id }) => id === cameBackId);
  const begun =
    cameBack?.kind === 'survey'
      ? { begin: draftOfSurvey(cameBack.body), carriedFrom: null, refusedFor: cameBack.issues }
      : {};
  return (
    <SurveyForm
      {...props}
      {...begun}
      onSaved={(state) => {
        router.push(state === 'sent' ? `/colonies/${props.begin.colonyId}/frames` : '/hive');
        router.refresh();
      }}
    />
  );
}

'use client';

import { ChevronLeft } from 'lucide-react';
import { useState } from 'react';
import { v7 as newId } from 'uuid';
import { dayOfMinute } from '../../core/calendar/day';
import { roomFigures, type Settings } from '../../core/settings/settings';
import { knownFrom } from '../../core/space/room';
import { beginSurvey } from '../../device/begin-survey';
import type { KeptSaying } from '../../device/outbox-entry';
import type { HiveAtHand } from '../../device/rounds-at-hand';
import { draftOfSurvey } from '../../device/survey-draft';
import type { ApiaryEntry } from '../../views/all-apiaries';
import { BUTTON } from '../controls/styles';
import { SurveyForm } from '../survey/SurveyForm';
import { HiveLink } from './HiveLink';
import { goInHive, hivePlace } from './place';
import { startMinute } from './start-minute';

interface Props {
  readonly hive: HiveAtHand;
  readonly apiary: ApiaryEntry;
  readonly settings: Settings;
  readonly minute: string;
  /** A survey that came back. */
  readonly refused: Extract<KeptSaying, { kind: 'survey' }> | null;
}

/** Surveys the frames of one hive from what is kept on this device. */
export function HiveSurvey({ hive, apiary, settings, minute, refused }: Props) {
  const { colony, lastLookAt, lastSurvey, lastRoom } = hive;
  const [begun] = useState(() => {
    if (refused) return { begin: draftOfSurvey(refused.body), carriedFrom: null };
    const ids = { surveyId: newId(), boxId: newId() };
    const at = startMinute(minute, lastSurvey?.at ?? lastLookAt);
    return beginSurvey(ids, colony.id, lastSurvey, settings, { minute, today: dayOfMinute(minute) }, at);
  });
  return (
    <>
      <p className="mt-2 flex justify-between gap-5">
        <HiveLink to={hivePlace.round(apiary.id)} className={BUTTON.quiet}>
          <ChevronLeft aria-hidden="true" className="inline size-5" strokeWidth={3} />
          {apiary.name}
        </HiveLink>
        <HiveLink to={hivePlace.entry(colony.id)} className={BUTTON.quiet}>
          inspect instead
        </HiveLink>
      </p>
      <SurveyForm
        colonyName={colony.name}
        placeName={colony.stand}
        figures={roomFigures(settings)}
        before={knownFrom(lastRoom)}
        usual={{ brood: settings.broodSize, super: settings.superSize }}
        now={minute}
        {...begun}
        {...(refused ? { refusedFor: refused.issues } : {})}
        onSaved={() => goInHive(hivePlace.round(apiary.id))}
      />
    </>
  );
}

'use client';

import { useMemo, useState } from 'react';
import { v7 as newId } from 'uuid';
import { dayOfMinute } from '../../core/calendar/day';
import { localMinute } from '../../core/calendar/local-minute';
import type { Settings } from '../../core/settings/settings';
import { emptyDraft } from '../../device/draft';
import type { EntryReading } from '../../device/entry-reading';
import type { OutboxEntry } from '../../device/outbox-entry';
import type { HiveAtHand } from '../../device/rounds-at-hand';
import { draftKey } from '../../device/stored-draft';
import type { NeedyColony } from '../../views/cells-view';
import type { ApiaryEntry } from '../../views/yard';
import { BUTTON } from '../controls/styles';
import { InspectionForm } from '../entry/InspectionForm';
import { hiveReckoner } from '../reckon/hive-reckoner';
import { useReckoned } from '../reckon/useReckoned';
import { HiveLink } from './HiveLink';
import { goInHive, hivePlace } from './place';

interface Props {
  readonly hive: HiveAtHand;
  readonly apiary: ApiaryEntry;
  /** Other colonies that a cell would help. */
  readonly needy: readonly NeedyColony[];
  readonly settings: Settings;
  readonly minute: string;
  readonly refused: OutboxEntry | null;
}

/** Enters one hive of the round from what is kept on this device. */
export function HiveEntry({ hive, apiary, needy, settings, minute, refused }: Props) {
  const { colony, facts, lastLookAt } = hive;
  const [begin] = useState(() => refused?.draft ?? emptyDraft(newId(), colony.id, startMinute(minute, lastLookAt)));
  const today = dayOfMinute(minute);
  const ask = useMemo(() => {
    const question = { facts, settings, draft: begin, today, isCorrection: false };
    return () => hiveReckoner().readEntry(question);
  }, [facts, settings, begin, today]);
  const first = useReckoned<EntryReading | null>(ask, null);
  return (
    <>
      <p className="mt-2">
        <HiveLink to={hivePlace.round(apiary.id)} className={BUTTON.quiet}>
          {`◂ ${apiary.name}`}
        </HiveLink>
      </p>
      {first && (
        <InspectionForm
          colonyName={colony.name}
          placeName={colony.stand}
          facts={facts}
          settings={settings}
          now={minute}
          begin={begin}
          first={first}
          keptAs={draftKey(colony.id, refused?.id ?? null)}
          isCorrection={false}
          refusedFor={refused?.issues}
          needy={needy}
          onSaved={() => goInHive(hivePlace.round(apiary.id))}
        />
      )}
    </>
  );
}

/** This minute; on the demo's day this time of its day, or the minute after the last look where that was later. */
function startMinute(minute: string, lastLookAt: string | null): string {
  const clock = localMinute(new Date());
  if (dayOfMinute(clock) === dayOfMinute(minute)) return clock;
  const usual = `${minute.slice(0, 10)}${clock.slice(10)}`;
  return (lastLookAt ?? '') < usual ? usual : minute;
}

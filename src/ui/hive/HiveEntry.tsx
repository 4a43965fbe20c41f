'use client';

import { ChevronLeft } from 'lucide-react';
import dynamic from 'next/dynamic';
import { useMemo, useState } from 'react';
import { v7 as newId } from 'uuid';
import { dayOfMinute } from '../../core/calendar/day';
import type { Settings } from '../../core/settings/settings';
import { emptyDraft } from '../../device/draft';
import type { EntryReading } from '../../device/entry-reading';
import type { KeptInspection } from '../../device/outbox-entry';
import type { HiveAtHand } from '../../device/rounds-at-hand';
import { shutAgainAt } from '../../device/shut-again';
import { draftKey } from '../../device/stored-draft';
import { unreadEntry } from '../../device/unread-entry';
import type { ApiaryEntry } from '../../views/all-apiaries';
import type { NeedyColony } from '../../views/cells-view';
import { BUTTON } from '../controls/styles';
import { InspectionForm } from '../entry/InspectionForm';
import { FeedPanel } from '../food/FeedPanel';
import { askHive } from '../reckon/hive-reckoner';
import { useReckoned } from '../reckon/useReckoned';
import { HiveLink } from './HiveLink';
import { goInHive, hivePlace } from './place';
import { startMinute } from './start-minute';

// It takes room already while it comes, so that nothing below it moves.
const HiveActs = dynamic(() => import('./HiveActs').then((module) => module.HiveActs), {
  ssr: false,
  loading: () => <div className="mt-3 h-12 border-2 border-line" />,
});

interface Props {
  readonly hive: HiveAtHand;
  readonly apiary: ApiaryEntry;
  /** Other colonies that a cell would help. */
  readonly needy: readonly NeedyColony[];
  readonly settings: Settings;
  /** Why its food is asked about; null: it is not. */
  readonly foodAsked: string | null;
  readonly minute: string;
  readonly refused: KeptInspection | null;
}

/** Enters one hive of the round from what is kept on this device. */
export function HiveEntry({ hive, apiary, needy, settings, foodAsked, minute, refused }: Props) {
  const { colony, facts, lastLookAt } = hive;
  const [begin] = useState(() => refused?.draft ?? emptyDraft(newId(), colony.id, startMinute(minute, lastLookAt)));
  const today = dayOfMinute(minute);
  const ask = useMemo(() => {
    const question = { facts, settings, draft: begin, today, isCorrection: false };
    const unread = () => unreadEntry(question);
    return hive.isUnreckoned
      ? async () => unread()
      : () => askHive((reckoner) => reckoner.readEntry(question)).catch(unread);
  }, [facts, settings, begin, today, hive.isUnreckoned]);
  const first = useReckoned<EntryReading | null>(ask, null);
  return (
    <>
      <p className="mt-2 flex justify-between gap-5">
        <HiveLink to={hivePlace.round(apiary.id)} className={BUTTON.quiet}>
          <ChevronLeft aria-hidden="true" className="inline size-5" strokeWidth={3} />
          {apiary.name}
        </HiveLink>
        <HiveLink to={hivePlace.survey(colony.id)} className={BUTTON.quiet}>
          survey the frames
        </HiveLink>
      </p>
      {hive.lastSurvey && <HiveActs colony={colony} last={hive.lastSurvey} settings={settings} minute={minute} />}
      <FeedPanel colony={colony} minute={minute} last={[]} asked={foodAsked} />
      {first && (
        <InspectionForm
          colonyName={colony.name}
          placeName={colony.stand}
          facts={facts}
          settings={settings}
          now={minute}
          begin={begin}
          first={first}
          keptAs={draftKey.inspection(colony.id, refused?.id ?? null)}
          over={null}
          refusedFor={refused?.issues}
          needy={needy}
          shutAgain={(at) => shutAgainAt(at, startMinute(minute, null))}
          onSaved={() => goInHive(hivePlace.round(apiary.id))}
        />
      )}
    </>
  );
}

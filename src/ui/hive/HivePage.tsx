'use client';

import dynamic from 'next/dynamic';
import { useSearchParams } from 'next/navigation';
import { useEffect, useMemo } from 'react';
import { dayOfMinute } from '../../core/calendar/day';
import type { Pack } from '../../device/pack';
import type { RoundsAtHand } from '../../device/rounds-at-hand';
import { minuteWords } from '../../words/days';
import { useThisMinute } from '../frame/useThisMinute';
import { useSoon } from '../loading/useSoon';
import { useDevice } from '../offline/DeviceProvider';
import { askHive } from '../reckon/hive-reckoner';
import { useReckoned } from '../reckon/useReckoned';
import { BeforeEntries } from './BeforeEntries';
import { ChooseApiary } from './ChooseApiary';
import { OutboxList } from './OutboxList';
import { RoundList } from './RoundList';
import { startMinute } from './start-minute';

// The round comes first, and what is entered is there by the time that a hive is tapped. All of it is kept on the device.
const loadEntry = () => import('./HiveEntry').then((module) => module.HiveEntry);
const HiveEntry = dynamic(loadEntry, { ssr: false });
const loadSurvey = () => import('./HiveSurvey').then((module) => module.HiveSurvey);
const HiveSurvey = dynamic(loadSurvey, { ssr: false });
const SOON = [loadEntry, loadSurvey];

/** Let me enter this with gloves on, with or without a signal. Which round and which hive stands in the address. */
export function HivePage() {
  const { pack } = useDevice();
  const params = useSearchParams();
  useSoon(SOON);
  if (!pack) {
    return (
      <p className="mt-8 max-w-prose">
        Nothing is kept on this device yet. Open this page once with a signal; after that it works without.
      </p>
    );
  }
  return (
    <WithPack
      pack={pack}
      apiaryId={params.get('apiary')}
      colonyId={params.get('hive')}
      entryId={params.get('entry')}
      isSurvey={params.has('frames')}
    />
  );
}

function WithPack({
  pack,
  apiaryId,
  colonyId,
  entryId,
  isSurvey,
}: {
  pack: Pack;
  apiaryId: string | null;
  colonyId: string | null;
  entryId: string | null;
  isSurvey: boolean;
}) {
  const { outbox, drafts, reload } = useDevice();
  // Whoever comes back to the list sees which hives were left half entered.
  const isList = colonyId === null;
  useEffect(() => {
    if (isList) void reload();
  }, [isList, reload]);
  const thisMinute = useThisMinute(pack.minute);
  const minute = thisMinute();
  const today = dayOfMinute(minute);
  const ask = useMemo(() => {
    const of = (entries: typeof outbox) => askHive((hive) => hive.roundsAtHand(pack, entries, today));
    // An entry of this device that cannot be worked out must not keep the rest of it from being used: it is sent all the same.
    return () => of(outbox).catch(() => of([]));
  }, [pack, outbox, today]);
  const atHand = useReckoned<RoundsAtHand | null>(ask, null);
  // A moment at most: no word is worth its flicker.
  if (!atHand) return null;
  const { hives, rounds, needy } = atHand;
  const hive = hives.find(({ colony }) => colony.id === colonyId);
  const here = rounds.find(({ apiary }) => apiary.id === (hive?.colony.apiaryId ?? apiaryId));
  if (hive && here) {
    const refused = outbox.find(({ id, state }) => id === entryId && state === 'refused');
    const key = `${hive.colony.id}${entryId}`;
    const shared = { hive, apiary: here.apiary, settings: pack.settings, minute };
    return isSurvey ? (
      <HiveSurvey key={key} {...shared} refused={refused?.kind === 'survey' ? refused : null} />
    ) : (
      <HiveEntry
        key={key}
        {...shared}
        foodAsked={pack.foodAsked?.find((note) => note.colonyId === hive.colony.id)?.words ?? null}
        needy={needy.filter(({ id }) => id !== hive.colony.id)}
        refused={refused?.kind === 'inspection' ? refused : null}
      />
    );
  }
  return (
    <>
      <BeforeEntries />
      {here ? (
        <RoundList
          apiary={here.apiary}
          round={here.round}
          outbox={outbox}
          drafts={drafts}
          pack={pack}
          hives={hives.filter(({ colony }) => colony.apiaryId === here.apiary.id)}
          today={today}
          minute={() => startMinute(thisMinute(), null)}
        />
      ) : (
        <ChooseApiary rounds={rounds} today={today} />
      )}
      <OutboxList outbox={outbox} />
      <p className="text-muted mt-6 text-sm">Known as of {minuteWords(pack.minute)}.</p>
    </>
  );
}

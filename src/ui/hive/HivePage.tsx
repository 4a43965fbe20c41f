'use client';

import { useSearchParams } from 'next/navigation';
import { useMemo } from 'react';
import { dayOfMinute } from '../../core/calendar/day';
import { localMinute } from '../../core/calendar/local-minute';
import { foldColony } from '../../core/colony/fold';
import { factsOnDevice, type Pack } from '../../device/pack';
import { roundView } from '../../views/round-view';
import { useBook } from '../frame/BookContext';
import { useDevice } from '../offline/DeviceProvider';
import { ChooseApiary } from './ChooseApiary';
import { HiveEntry } from './HiveEntry';
import { OutboxList } from './OutboxList';
import { RoundList } from './RoundList';

/** Let me enter this with gloves on, with or without a signal. Which round and which hive stands in the address. */
export function HivePage() {
  const { pack } = useDevice();
  const params = useSearchParams();
  if (!pack) {
    return (
      <p className="mt-8 max-w-prose">
        Nothing is kept on this device yet. Open this page once with a signal; after that it works without.
      </p>
    );
  }
  return (
    <WithPack pack={pack} apiaryId={params.get('apiary')} colonyId={params.get('hive')} entryId={params.get('entry')} />
  );
}

function WithPack({
  pack,
  apiaryId,
  colonyId,
  entryId,
}: {
  pack: Pack;
  apiaryId: string | null;
  colonyId: string | null;
  entryId: string | null;
}) {
  const { outbox, drafts } = useDevice();
  const book = useBook();
  // The demo has a day of its own; elsewhere it is this device's.
  const minute = book?.isDemo ? pack.minute : localMinute(new Date());
  const today = dayOfMinute(minute);
  const standings = useMemo(
    () =>
      pack.colonies.map((packed) => {
        const facts = factsOnDevice(packed, outbox);
        return { colony: packed.colony, facts, state: foldColony(facts, pack.settings, today) };
      }),
    [pack, outbox, today],
  );
  const hive = standings.find(({ colony }) => colony.id === colonyId);
  const apiary = pack.apiaries.find(({ id }) => id === (hive?.colony.apiaryId ?? apiaryId));
  if (hive && apiary) {
    const refused = outbox.find(({ id, state }) => id === entryId && state === 'refused') ?? null;
    return (
      <HiveEntry
        key={`${hive.colony.id}${entryId}`}
        hive={hive}
        apiary={apiary}
        standings={standings}
        pack={pack}
        minute={minute}
        refused={refused}
      />
    );
  }
  const here = apiary && standings.filter(({ colony }) => colony.apiaryId === apiary.id);
  return (
    <>
      {here && apiary ? (
        <RoundList apiary={apiary} round={roundView(here, today)} outbox={outbox} drafts={drafts} />
      ) : (
        <ChooseApiary apiaries={pack.apiaries} standings={standings} today={today} />
      )}
      <OutboxList outbox={outbox} />
      <p className="text-muted mt-6 text-sm">Known as of {pack.minute.replace('T', ', ')}.</p>
    </>
  );
}

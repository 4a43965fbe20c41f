'use client';

import { useState } from 'react';
import { v7 as newId } from 'uuid';
import { dayOfMinute } from '../../core/calendar/day';
import { localMinute } from '../../core/calendar/local-minute';
import type { ColonyFacts } from '../../core/colony/facts';
import type { ColonyState } from '../../core/colony/fold';
import type { OutboxEntry } from '../../device/outbox-entry';
import type { Pack } from '../../device/pack';
import { needyColonies } from '../../views/cells-view';
import type { ApiaryEntry, ColonyEntry } from '../../views/yard';
import { BUTTON } from '../controls/styles';
import { InspectionForm } from '../entry/InspectionForm';
import { HiveLink } from './HiveLink';
import { goInHive, hivePlace } from './place';

interface Hive {
  readonly colony: ColonyEntry;
  readonly facts: ColonyFacts;
  readonly state: ColonyState;
}

interface Props {
  readonly hive: Hive;
  readonly apiary: ApiaryEntry;
  readonly standings: readonly Hive[];
  readonly pack: Pack;
  readonly minute: string;
  readonly refused: OutboxEntry | null;
}

/** Enters one hive of the round from what is kept on this device. */
export function HiveEntry({ hive, apiary, standings, pack, minute, refused }: Props) {
  const { colony, facts, state } = hive;
  const [id] = useState(() => newId());
  const colonies = standings
    .filter((one) => !one.state.ended)
    .map((one) => ({
      ...one,
      apiary: pack.apiaries.find(({ id: apiaryId }) => apiaryId === one.colony.apiaryId) ?? apiary,
    }));
  const yard = { apiaries: pack.apiaries, colonies, settings: pack.settings };
  const [startAt] = useState(() => startMinute(minute, state));
  return (
    <>
      <p className="mt-2">
        <HiveLink to={hivePlace.round(apiary.id)} className={BUTTON.quiet}>
          {`◂ ${apiary.name}`}
        </HiveLink>
      </p>
      <InspectionForm
        colonyId={colony.id}
        colonyName={colony.name}
        placeName={colony.stand}
        facts={facts}
        settings={pack.settings}
        now={minute}
        startAt={startAt}
        newId={id}
        needy={needyColonies(yard, colony.id)}
        stored={null}
        refused={refused}
        onSaved={() => goInHive(hivePlace.round(apiary.id))}
      />
    </>
  );
}

/** This minute; on the demo's day this time of its day, or the minute after the last look where that was later. */
function startMinute(minute: string, { lastLook }: ColonyState): string {
  const clock = localMinute(new Date());
  if (dayOfMinute(clock) === dayOfMinute(minute)) return clock;
  const usual = `${minute.slice(0, 10)}${clock.slice(10)}`;
  const last = lastLook?.inspection.at ?? '';
  return last < usual ? usual : minute;
}

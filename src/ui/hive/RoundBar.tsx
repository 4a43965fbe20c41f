'use client';

import { useState } from 'react';
import { v7 as newId } from 'uuid';
import { dayOfMinute } from '../../core/calendar/day';
import { inTime } from '../../device/in-time';
import { asDraft, beginRound, roundKey, roundMade, roundUnderWay, seenSince } from '../../device/round-under-way';
import type { HiveAtHand } from '../../device/rounds-at-hand';
import { dropDraft, putDraft } from '../../device/stored-draft';
import type { RoundView } from '../../views/round-view';
import { minuteWords, weekdayWords } from '../../words/days';
import { hivesWords } from '../../words/hives';
import { helpWords } from '../../words/rounds';
import { Button } from '../controls/Button';
import { Check } from '../controls/Check';
import { IssueList } from '../entry/IssueList';
import { useDevice } from '../offline/DeviceProvider';
import { useSay } from '../offline/useSay';

interface Props {
  readonly apiary: { readonly id: string; readonly name: string };
  readonly round: RoundView;
  /** The hives of this apiary. */
  readonly hives: readonly HiveAtHand[];
  /** This minute by the book's day. */
  readonly minute: () => string;
}

/** Begins a round and ends it: how long it took, and at which hives, is learned from. It is kept on this device until it is ended. */
export function RoundBar({ apiary, round, hives, minute }: Props) {
  const { store, drafts, reload } = useDevice();
  const { issues, isSaying, say } = useSay(apiary);
  const [hadHelp, setHelp] = useState(false);
  const [said, setSaid] = useState<string | null>(null);
  if (!store) return null;
  const underWay = roundUnderWay(drafts, apiary.id);
  const forget = () => inTime(dropDraft(store, roundKey(apiary.id)));
  const begin = async () => {
    setSaid(null);
    const begun = beginRound(newId(), apiary.id, minute(), round.due);
    await inTime(putDraft(store, asDraft(begun, new Date().toISOString())));
    await reload();
  };
  if (!underWay)
    return (
      <div className="mt-3 max-w-2xl">
        {said && (
          <p role="status" className="text-larch font-semibold">
            {said}
          </p>
        )}
        <Button kind="plain" className="min-h-12" onClick={() => void begin()}>
          Begin the round
        </Button>
      </div>
    );
  const { beganAt } = underWay;
  const isOfToday = dayOfMinute(beganAt) === dayOfMinute(minute());
  const seen = hives.filter((hive) => seenSince(hive, beganAt) !== null).length;
  const end = async (endedAt: string | null) => {
    const stillDue = new Map(
      round.due.map(({ colonyId, due }) => [colonyId, new Set(due.map(({ key }) => key))] as const),
    );
    const made = roundMade(underWay, hives, stillDue, endedAt, hadHelp);
    const words = `Round of ${minuteWords(beganAt)}, ${hivesWords(made.hives.length)}`;
    const state = await say('round', made, words);
    if (state === 'refused') return;
    await forget();
    await reload();
    setSaid('The round is saved.');
  };
  return (
    <section aria-label="The round under way" className="mt-3 max-w-2xl border-2 border-larch bg-paper px-3 py-2">
      <p className="font-bold">
        {isOfToday
          ? `Round since ${beganAt.slice(11)}`
          : `The round of ${weekdayWords(dayOfMinute(beganAt))} was not ended`}
        <span className="font-normal">{` · ${seen} of ${hives.length} hives seen to`}</span>
      </p>
      <IssueList issues={issues} />
      <Check name="Somebody is with me" hint={helpWords()} value={hadHelp} onChange={setHelp} />
      <p className="flex flex-wrap items-center gap-x-4">
        <Button
          kind="strong"
          className="min-h-12"
          disabled={isSaying}
          onClick={() => void end(isOfToday ? minute() : null)}
        >
          {isOfToday ? 'End the round' : 'End it with its last entry'}
        </Button>
        <Button kind="quiet" className="min-h-11" onClick={() => void forget().then(reload)}>
          Forget it
        </Button>
      </p>
    </section>
  );
}

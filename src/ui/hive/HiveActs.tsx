'use client';

import { useState } from 'react';
import { v7 as newId } from 'uuid';
import { dayOfMinute, daysBetween } from '../../core/calendar/day';
import { roomFigures, type Settings } from '../../core/settings/settings';
import { carryForward } from '../../core/space/carry-forward';
import { type ActWith, afterAct, HIVE_ACTS, type HiveAct } from '../../core/space/hive-acts';
import type { SurveyFact } from '../../core/space/survey';
import type { NamedColony } from '../../views/all-apiaries';
import { IssueList } from '../entry/IssueList';
import { useSay } from '../offline/useSay';

const ACT_WORDS: { readonly [A in HiveAct]: string } = {
  'super-of-comb-on': 'super of comb on top',
  'super-of-comb-under': 'super of comb under the others',
  'super-of-foundation-on': 'super of foundation on top',
  'super-of-foundation-under': 'super of foundation under the others',
  'super-off': 'top super off',
  'excluder-on': 'queen excluder on',
  'excluder-off': 'queen excluder off',
  'full-frame-back': 'a full frame put back',
  'feeder-on': 'feeder on',
  'feeder-off': 'feeder off',
  'top-entrance-open': 'top entrance open',
  'top-entrance-shut': 'top entrance shut',
};

interface Props {
  readonly colony: NamedColony;
  /** Its frames as they were last known. */
  readonly last: SurveyFact;
  readonly settings: Settings;
  /** Local minute by now. */
  readonly minute: string;
}

/** What is done at a hive without looking at its frames, said by one tap each. It is a fact of its day, and the next survey starts from it. */
export function HiveActs({ colony, last, settings, minute }: Props) {
  const [hive, setHive] = useState(() =>
    carryForward(last.hive, Math.max(0, daysBetween(last.on, dayOfMinute(minute))), roomFigures(settings).sizes),
  );
  const [said, setSaid] = useState<readonly HiveAct[]>([]);
  const { issues, isSaying, say } = useSay(colony);
  const tools: ActWith = { superSize: settings.superSize, sizes: roomFigures(settings).sizes, newId };
  const can = HIVE_ACTS.filter((act) => afterAct(hive, act, tools) !== null);
  const tell = async (act: HiveAct) => {
    const after = afterAct(hive, act, tools);
    if (!after) return;
    const { manner, flow, coveredSeams, queenFrameId } = last;
    const body = {
      id: newId(),
      colonyId: colony.id,
      // Of two in one minute the later one counts by its name, which grows.
      at: minute < last.at ? last.at : minute,
      source: 'moves' as const,
      manner,
      flow,
      coveredSeams,
      queenFrameId,
      hive: after,
      note: '',
    };
    const state = await say('survey', body, ACT_WORDS[act]);
    if (state === 'refused') return;
    setHive(after);
    setSaid([...said, act]);
  };
  return (
    <details className="mt-3 border-2 border-line px-3">
      <summary className="min-h-11 cursor-pointer py-2 font-bold">Something you did without inspecting</summary>
      <IssueList issues={issues} />
      {said.length > 0 && (
        <p role="status" className="text-larch font-semibold">
          {`Saved: ${said.map((act) => ACT_WORDS[act]).join(', ')}.`}
        </p>
      )}
      <p className="flex flex-wrap gap-2 py-2">
        {can.map((act) => (
          <button
            key={act}
            type="button"
            disabled={isSaying}
            className="min-h-11 border-2 border-ink bg-paper px-3 text-sm font-semibold hover:bg-tint"
            onClick={() => void tell(act)}
          >
            {ACT_WORDS[act]}
          </button>
        ))}
      </p>
      <p className="text-muted pb-2 text-sm">
        Each tap is saved at once, with the day. Tapped by mistake? Delete it under Surveys on the frames page.
      </p>
    </details>
  );
}

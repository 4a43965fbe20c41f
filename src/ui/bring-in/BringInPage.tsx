'use client';

import dynamic from 'next/dynamic';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import type { ColumnSeen } from '../../core/spreadsheets/bring-in/column-seen';
import { BRINGABLE, type Bringable } from '../../core/spreadsheets/bring-in/fields';
import { faultsOf, type Matching } from '../../core/spreadsheets/bring-in/matching';
import { send } from '../../device/send';
import type { NamedColony } from '../../views/all-apiaries';
import type { IssueInWords } from '../../words/issues';
import { BRINGABLE_WORDS, FIELD_WORDS } from '../../words/sheet-fields';
import { Field } from '../controls/Field';
import { BUTTON, FIELD } from '../controls/styles';
import { IssueList } from '../entry/IssueList';
import { PageHead } from '../time/PageHead';
import { BroughtInList, type BroughtInRow } from './BroughtInList';
import { Progress } from './Progress';
import { TakeIt } from './TakeIt';
import { useSheet } from './useSheet';

// What is shown of a file comes when there is one.
const ColumnsMatched = dynamic(() => import('./ColumnsMatched').then((module) => module.ColumnsMatched), {
  ssr: false,
});
const HivesAsked = dynamic(() => import('./HivesAsked').then((module) => module.HivesAsked), { ssr: false });
const FatesTable = dynamic(() => import('./FatesTable').then((module) => module.FatesTable), { ssr: false });
const proposals = () => import('../../views/propose-matching');

/** How a sheet with the same headings was understood before. */
export interface MatchedBefore {
  readonly heads: readonly string[];
  readonly matching: Matching;
}

interface Props {
  readonly colonies: readonly NamedColony[];
  readonly apiaries: readonly { readonly id: string; readonly name: string }[];
  readonly before: readonly MatchedBefore[];
  readonly list: readonly BroughtInRow[];
}

/** A spreadsheet is chosen, gone over and brought in: nothing is written before the last tap, and that is undone from here. */
export function BringInPage({ colonies, apiaries, before, list }: Props) {
  const router = useRouter();
  const [matching, setMatching] = useState<Matching | null>(null);
  const [issues, setIssues] = useState<readonly IssueInWords[]>([]);
  const [isSending, setSending] = useState(false);
  const [done, setDone] = useState<{ readonly id: string; readonly rows: number } | null>(null);
  const faults = matching ? faultsOf(matching) : [];
  const { stage, preview, open, stop, lookAgain, text } = useSheet(faults.length === 0 ? matching : null);

  const choose = async (file: File) => {
    setDone(null);
    setIssues([]);
    setMatching(null);
    const sheet = await open(file);
    if (!sheet) return;
    const heads = JSON.stringify(sheet.columns.map(({ head }) => head));
    const known = before.find((one) => JSON.stringify(one.heads) === heads);
    const { proposeMatching } = await proposals();
    setMatching(known ? { ...known.matching, isOverBook: false } : proposeMatching(sheet.columns));
  };
  const takenFor = async (columns: readonly ColumnSeen[], kind: Bringable) => {
    const { proposeMatching } = await proposals();
    setMatching(proposeMatching(columns, kind));
  };
  const bringIn = async (isRefusedLeftOut: boolean) => {
    if (!matching || stage.step !== 'open' || preview.step !== 'here') return;
    setSending(true);
    const body = { file: stage.file, text: await text(), matching, isRefusedLeftOut, seen: preview.plan.counts };
    const sent = await send<{ id: string; rows: number }>('/api/brought-in', new Blob([JSON.stringify(body)]));
    setSending(false);
    setIssues(sent.ok ? [] : sent.issues);
    if (sent.ok) setDone(sent.value);
    if (sent.ok || sent.issues.some(({ code }) => code === 'changed-meanwhile')) lookAgain();
    router.refresh();
  };
  const undone = () => {
    setDone(null);
    lookAgain();
    router.refresh();
  };

  return (
    <div>
      <PageHead title="Bring in a spreadsheet" />
      <p className="mt-2 max-w-3xl">
        A CSV file with a line of headings: inspections, cells, weights, colonies or queens. You see what becomes of
        every row before anything is written, and it can be undone afterwards.
      </p>
      <div className="max-w-md">
        <Field name="Spreadsheet" hint="Saved as CSV, up to 20 MB and 50,000 rows." problem={null}>
          {(props) => (
            <input
              {...props}
              type="file"
              accept=".csv,.tsv,.txt,text/csv"
              onChange={(event) => {
                const file = event.target.files?.[0];
                if (file) void choose(file);
              }}
            />
          )}
        </Field>
      </div>
      <div aria-live="polite">
        {stage.step === 'reading' && <Progress name="Reading the file" part={stage.part} onStop={stop} />}
        {stage.step === 'refused' && <IssueList issues={stage.issues} title="Not read. Nothing was changed." />}
      </div>
      {stage.step === 'open' && matching && (
        <>
          <section aria-label="What it is" className="mt-6 max-w-md">
            <Field name="What is it of?" problem={null}>
              {(props) => (
                <select
                  {...props}
                  className={FIELD}
                  value={matching.kind}
                  onChange={(event) => {
                    const kind = BRINGABLE.find((one) => one === event.target.value);
                    if (kind) void takenFor(stage.sheet.columns, kind);
                  }}
                >
                  {BRINGABLE.map((kind) => (
                    <option key={kind} value={kind}>
                      {`${BRINGABLE_WORDS[kind].name}: ${BRINGABLE_WORDS[kind].about}`}
                    </option>
                  ))}
                </select>
              )}
            </Field>
          </section>
          <ColumnsMatched columns={stage.sheet.columns} matching={matching} onChange={setMatching} />
          {faults.length > 0 && (
            <ul className="text-propolis mt-3 font-bold" aria-live="polite">
              {faults.map((fault) => (
                <li key={JSON.stringify(fault)}>
                  {fault.fault === 'missing'
                    ? `No column is the ${fault.oneOf.map((field) => FIELD_WORDS[field]).join(', or the ')} yet. Choose it above.`
                    : `Two columns are the ${FIELD_WORDS[fault.field]}. Choose one.`}
                </li>
              ))}
            </ul>
          )}
          {faults.length === 0 && preview.step === 'here' && preview.plan.unknown.length > 0 && (
            <HivesAsked
              unknown={preview.plan.unknown}
              colonies={colonies}
              apiaries={apiaries}
              matching={matching}
              onChange={setMatching}
            />
          )}
          {faults.length === 0 && (
            <section aria-label="Its rows" className="mt-8">
              <h2 className="border-t-2 border-ink pt-2 text-xl">What becomes of its rows</h2>
              <div aria-live="polite">
                {preview.step === 'going' && (
                  <Progress name="Going through the rows" part={preview.part} onStop={stop} />
                )}
                {preview.step === 'failed' && <IssueList issues={preview.issues} title="Not gone through." />}
              </div>
              {preview.step === 'here' && (
                <>
                  <FatesTable plan={preview.plan} />
                  <TakeIt
                    counts={preview.plan.counts}
                    isOverBook={matching.isOverBook}
                    onOverBook={(isOverBook) => setMatching({ ...matching, isOverBook })}
                    isSending={isSending}
                    done={done}
                    onYes={(isRefusedLeftOut) => void bringIn(isRefusedLeftOut)}
                  />
                </>
              )}
              {issues.length > 0 && <IssueList issues={issues} title="Not brought in. Nothing was changed." />}
            </section>
          )}
          {done && (
            <p role="status" className="mt-3 font-bold">
              {`Brought in: ${done.rows} ${done.rows === 1 ? 'row' : 'rows'}. It stands first in the list below and can be undone there.`}
            </p>
          )}
        </>
      )}
      {list.length > 0 && <BroughtInList list={list} onUndone={undone} />}
      <p className="mt-8">
        <a href="/data" className={BUTTON.plain}>
          Back to your data
        </a>
      </p>
    </div>
  );
}

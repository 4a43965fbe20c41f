'use client';

import { useRouter } from 'next/navigation';
import { useId, useState } from 'react';
import { send } from '../../device/send';
import type { IssueInWords } from '../../words/issues';
import { Button } from '../controls/Button';
import { FIELD } from '../controls/styles';
import { IssueList } from '../entry/IssueList';

const UNITS = {
  temperature: { name: 'The temperature is in', units: { c: '°C', f: '°F' } },
  rain: { name: 'The rain is in', units: { mm: 'mm', in: 'inches' } },
  wind: { name: 'The wind is in', units: { ms: 'm/s', kmh: 'km/h', mph: 'mph', kn: 'knots' } },
  weight: { name: 'The weight is in', units: { kg: 'kg', lb: 'lb' } },
} as const;
type Asked = keyof typeof UNITS;

interface Taken {
  readonly taken: number;
  readonly refused: number;
  readonly issues: readonly IssueInWords[];
}

interface Props {
  readonly path: '/api/weather-files' | '/api/scale-files';
  /** The apiary or the colony that it is of. */
  readonly ofId: string;
  readonly name: string;
  readonly hint: string;
}

const isAsked = (part: unknown): part is Asked => typeof part === 'string' && part in UNITS;

/** Brings in a file of hours or of readings. Units that its headings do not name are asked; rows that are wrong are named. */
export function BringFile({ path, ofId, name, hint }: Props) {
  const router = useRouter();
  const hintId = useId();
  const [file, setFile] = useState<File | null>(null);
  const [units, setUnits] = useState<{ readonly [A in Asked]?: string }>({});
  const [asked, setAsked] = useState<readonly Asked[]>([]);
  const [issues, setIssues] = useState<readonly IssueInWords[]>([]);
  const [taken, setTaken] = useState<Taken | null>(null);
  const [isSending, setSending] = useState(false);
  const bring = async (chosen: File, said: typeof units) => {
    setSending(true);
    setTaken(null);
    const sent = await send<Taken>(`${path}?${new URLSearchParams({ of: ofId, ...said })}`, chosen);
    setSending(false);
    if (sent.ok) {
      setIssues([]);
      setTaken(sent.value);
      setAsked([]);
      router.refresh();
      return;
    }
    const unitsAsked = sent.issues.flatMap(({ path: [part], code }) =>
      code === 'missing' && isAsked(part) ? [part] : [],
    );
    setAsked((before) => [...new Set([...before, ...unitsAsked])]);
    setIssues(sent.issues);
  };
  return (
    <div className="max-w-xl">
      <label className="block">
        <span className="font-bold">{name}</span>
        <input
          type="file"
          accept=".csv,.json,.txt,text/csv,application/json"
          aria-describedby={hintId}
          className={FIELD}
          onChange={(event) => {
            const chosen = event.target.files?.[0] ?? null;
            setFile(chosen);
            setUnits({});
            setAsked([]);
            if (chosen) void bring(chosen, {});
          }}
        />
      </label>
      <p id={hintId} className="text-muted text-sm">
        {hint}
      </p>
      <div aria-live="polite">
        {isSending && <p>Reading the file …</p>}
        <IssueList issues={issues} />
        {taken && <TakenWords taken={taken} />}
      </div>
      {file && asked.length > 0 && (
        <form
          className="mt-2 flex flex-wrap items-end gap-3"
          onSubmit={(event) => {
            event.preventDefault();
            void bring(file, units);
          }}
        >
          {asked.map((one) => (
            <label key={one} className="text-sm font-bold">
              {UNITS[one].name}
              <select
                required
                className={FIELD}
                value={units[one] ?? ''}
                onChange={(event) => setUnits({ ...units, [one]: event.target.value })}
              >
                <option value="">choose</option>
                {Object.entries(UNITS[one].units).map(([unit, words]) => (
                  <option key={unit} value={unit}>
                    {words}
                  </option>
                ))}
              </select>
            </label>
          ))}
          <Button type="submit" kind="plain" disabled={isSending}>
            Bring it in
          </Button>
        </form>
      )}
    </div>
  );
}

/** How many rows were taken, and which were not, by their line. */
function TakenWords({ taken: { taken, refused, issues } }: { readonly taken: Taken }) {
  return (
    <>
      <p className="mt-2 font-bold">
        {`${taken} ${taken === 1 ? 'row' : 'rows'} brought in`}
        {refused > 0 && `, ${refused} left out`}
      </p>
      {issues.length > 0 && (
        <ul className="max-h-48 overflow-y-auto border-l-4 border-propolis pl-3 text-sm">
          {issues.map(({ path: [row, field], message }) => (
            <li key={`${row} ${field} ${message}`}>
              {typeof row === 'number'
                ? `Row ${row}${field === undefined || field === 'at' ? '' : `, ${field}`}: `
                : ''}
              {message}
            </li>
          ))}
          {refused > issues.length && <li>{`and ${refused - issues.length} more.`}</li>}
        </ul>
      )}
    </>
  );
}

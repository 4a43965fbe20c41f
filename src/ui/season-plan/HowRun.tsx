'use client';

import { useState } from 'react';
import { formatDay } from '../../core/calendar/day';
import type { SeasonPlanFact } from '../../core/facts/season-plan';
import type { MethodName } from '../../core/methods/method';
import { NEW_COLONIES_AT_MOST, WAY_NAMES, type WayName } from '../../core/season-plan/way';
import { methodsToChoose, wayNamed } from '../../core/season-plan/ways/ways';
import type { PlanRow, SeasonPlanView } from '../../views/season-plan-view';
import { methodTitle } from '../../words/methods/methods';
import { WAY_WORDS } from '../../words/season-plan';
import { Button } from '../controls/Button';
import { DayField } from '../controls/DayField';
import { FIELD } from '../controls/styles';
import type { useSend } from '../controls/useSend';
import { useBook } from '../frame/BookContext';
import { withWay } from './plan-changes';
import { withCount } from './plan-count';

interface Props {
  readonly view: SeasonPlanView;
  readonly send: ReturnType<typeof useSend>;
  readonly isReader: boolean;
}

/** `YYYY-MM-DD` */
const useToday = (): string => {
  const book = useBook();
  return book ? formatDay(book.today) : '';
};

const isWay = (text: string): text is WayName => WAY_NAMES.some((name) => name === text);

/** How each colony is to be run: one by one, or many at once. */
export function HowRun({ view: { year, groups }, send, isReader }: Props) {
  const today = useToday();
  const [chosen, setChosen] = useState<ReadonlySet<string>>(new Set());
  const [way, setWay] = useState<WayName>('room-first');
  const rows = groups.flatMap((group) => group.rows);
  if (rows.length === 0) return null;
  const store = (plans: readonly SeasonPlanFact[], gone: readonly string[] = []) =>
    send.sendTo('/api/season-plans', { plans, gone });
  const toggle = (id: string) => {
    const next = new Set(chosen);
    if (!next.delete(id)) next.add(id);
    setChosen(next);
  };
  const runChosen = async () => {
    const plans = rows
      .filter(({ colonyId, plan }) => chosen.has(colonyId) && plan?.way !== way)
      .map(({ colonyId, plan }) => withWay(plan, { colonyId, year, way, plannedOn: today }));
    if (await store(plans)) setChosen(new Set());
  };
  const hasPlan = rows.some(({ plan }) => plan !== null);
  return (
    <details className="mt-4" open={!hasPlan}>
      <summary className="min-h-11 cursor-pointer py-2 font-display text-lg font-bold">
        How each colony is to be run
      </summary>
      {!isReader && (
        <div className="flex flex-wrap items-end gap-2 border-b-2 border-ink pb-2">
          <Button
            kind="plain"
            onClick={() =>
              setChosen(chosen.size === rows.length ? new Set() : new Set(rows.map((row) => row.colonyId)))
            }
          >
            {chosen.size === rows.length ? 'Choose none' : 'Choose all'}
          </Button>
          <label className="block min-w-56">
            <span className="text-sm">Run those chosen</span>
            <select className={FIELD} value={way} onChange={({ target }) => setWay(target.value as WayName)}>
              {WAY_NAMES.map((name) => (
                <option key={name} value={name}>
                  {WAY_WORDS[name].name}
                </option>
              ))}
            </select>
          </label>
          <Button kind="act" disabled={chosen.size === 0 || send.isSending} onClick={() => void runChosen()}>
            {chosen.size === 0 ? 'Choose colonies' : `Set for ${chosen.size}`}
          </Button>
          <p className="text-muted w-full text-sm">{WAY_WORDS[way].about}</p>
        </div>
      )}
      {groups.map(({ apiary, rows: own }) => (
        <section key={apiary} aria-label={`${apiary}, how each is run`} className="mt-2">
          <h3 className="text-sm font-bold">{apiary}</h3>
          <ul>
            {own.map((row) => (
              <OneRun
                key={row.colonyId}
                row={row}
                year={year}
                isChosen={chosen.has(row.colonyId)}
                onChoose={() => toggle(row.colonyId)}
                store={store}
                isReader={isReader}
              />
            ))}
          </ul>
        </section>
      ))}
    </details>
  );
}

interface OneProps {
  readonly row: PlanRow;
  readonly year: number;
  readonly isChosen: boolean;
  readonly onChoose: () => void;
  readonly store: (plans: readonly SeasonPlanFact[], gone?: readonly string[]) => Promise<boolean>;
  readonly isReader: boolean;
}

function OneRun({ row: { colonyId, name, plan, intentions }, year, isChosen, onChoose, store, isReader }: OneProps) {
  const today = useToday();
  const definition = plan && wayNamed(plan.way);
  const gaveWay = intentions.filter(({ status }) => status === 'dropped' || status === 'lapsed');
  const methods = definition ? methodsToChoose(definition) : [];
  const choose = (text: string) => {
    if (isWay(text)) void store([withWay(plan, { colonyId, year, way: text, plannedOn: today })]);
    else if (plan) void store([], [plan.id]);
  };
  return (
    <li className="border-b border-line py-1.5">
      <div className="flex flex-wrap items-center gap-x-3 gap-y-1.5">
        {isReader ? (
          <b className="w-44">{name}</b>
        ) : (
          <label className="flex min-h-11 w-44 items-center gap-2 font-semibold">
            <input type="checkbox" className="size-6 shrink-0 accent-ink" checked={isChosen} onChange={onChoose} />
            {name}
          </label>
        )}
        <select
          aria-label={`How ${name} is run`}
          className={`${FIELD} w-56!`}
          value={plan?.way ?? ''}
          disabled={isReader}
          onChange={({ target }) => choose(target.value)}
        >
          <option value="">not planned</option>
          {WAY_NAMES.map((one) => (
            <option key={one} value={one}>
              {WAY_WORDS[one].name}
            </option>
          ))}
        </select>
        {plan && methods.length > 1 && (
          <select
            aria-label={`${name}: which method`}
            className={`${FIELD} w-72! max-w-full`}
            value={plan.method ?? methods[0]}
            disabled={isReader}
            onChange={({ target }) => void store([{ ...plan, method: target.value as MethodName }])}
          >
            {methods.map((method) => (
              <option key={method} value={method}>
                {methodTitle(method)}
              </option>
            ))}
          </select>
        )}
        {plan && definition?.choices.includes('count') && (
          <select
            aria-label={`${name}: how many new colonies`}
            className={`${FIELD} w-44!`}
            value={plan.count}
            disabled={isReader}
            onChange={({ target }) => void store([withCount(plan, Number(target.value))])}
          >
            {Array.from({ length: NEW_COLONIES_AT_MOST }, (_, i) => i + 1).map((count) => (
              <option key={count} value={count}>
                {count === 1 ? '1 new colony' : `${count} new colonies`}
              </option>
            ))}
          </select>
        )}
        {plan && definition?.choices.includes('by') && (
          <span className="inline-flex items-center gap-1.5">
            <span className="text-sm">by</span>
            <DayField
              aria-label={`${name}: by which day`}
              value={plan.by ?? ''}
              onChange={(text) => {
                if ((text || null) !== plan.by) void store([{ ...plan, by: text || null }]);
              }}
            />
          </span>
        )}
      </div>
      {gaveWay.length > 0 && (
        <ul className="text-muted text-sm">
          {gaveWay.map(({ key, words }) => (
            <li key={key}>{words}</li>
          ))}
        </ul>
      )}
    </li>
  );
}

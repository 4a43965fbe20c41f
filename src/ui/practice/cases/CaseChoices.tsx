'use client';

import { ChevronLeft } from 'lucide-react';
import { useMemo, useState } from 'react';
import type { CaseMove } from '../../../core/cases/case';
import type { MethodName } from '../../../core/methods/method';
import { type CaseChoicesView, type CaseKept, type CaseMethodView, startOf } from '../../../device/case-at-hand';
import type { CellChoice } from '../../../views/start-view';
import { Button } from '../../controls/Button';
import { Check } from '../../controls/Check';
import { MethodLane } from '../../decide/MethodLane';
import { useReckoned } from '../../reckon/useReckoned';
import { axisAhead } from '../../time/axis';
import { RulerHead } from '../../time/RulerHead';
import { caseReckoner } from './case-reckoner';

interface Props {
  readonly kept: CaseKept;
  readonly colonyId: string;
  readonly colonyName: string;
  readonly onBack: () => void;
  readonly onDone: (move: CaseMove, words: string) => void;
}

/** What can be done with a hive: each method with whether it fits, its dates, and the cells that it keeps. */
export function CaseChoices({ kept, colonyId, colonyName, onBack, onDone }: Props) {
  const ask = useMemo(() => () => caseReckoner().choices(kept, colonyId), [kept, colonyId]);
  const view = useReckoned<CaseChoicesView | null>(ask, null);
  const axis = axisAhead(kept.today);
  const begin = (method: MethodName, title: string, keptCellIds: readonly string[], buysQueen: boolean) =>
    onDone(startOf(kept, colonyId, { method, keptCellIds, buysQueen }), `${title}: done at ${colonyName}.`);
  return (
    <>
      <RulerHead
        axis={axis}
        isSticky={false}
        isInvented
        title={`What can be done with ${colonyName}`}
        below="Nothing is done until you begin it."
      />
      <p className="mt-2">
        <Button kind="quiet" className="min-h-11" onClick={onBack}>
          <ChevronLeft aria-hidden="true" className="inline size-5" strokeWidth={3} />
          Back to the hives
        </Button>
      </p>
      {view === null && <p className="mt-4">…</p>}
      {view?.withoutQueen && <p className="text-indigo mt-3 font-semibold">{view.withoutQueen}</p>}
      <h2 className="sr-only">Methods</h2>
      <ul className="mt-2">
        {view?.methods.map((one) => (
          <MethodLane key={one.view.name} method={one.view} axis={axis}>
            <Begin one={one} cells={view.cells} onBegin={begin} />
          </MethodLane>
        ))}
      </ul>
    </>
  );
}

interface BeginProps {
  readonly one: CaseMethodView;
  readonly cells: readonly CellChoice[];
  readonly onBegin: (method: MethodName, title: string, keptCellIds: readonly string[], buysQueen: boolean) => void;
}

/** Beginning a method, with the cells that are kept. */
function Begin({ one, cells, onBegin }: BeginProps) {
  const { view, mayBegin, asksCells, needsCell, mayBuy, suggested } = one;
  const [keeps, setKeeps] = useState<ReadonlySet<string>>(new Set(suggested));
  const [buys, setBuys] = useState(false);
  const { name, title, fit } = view;
  if (fit.kind === 'does-not-fit') return <p className="text-muted text-sm">{fit.because}</p>;
  if (!mayBegin) return null;
  const isShort = needsCell && !buys && keeps.size === 0;
  return (
    <div className="grid gap-1">
      {asksCells && cells.length > 0 && !buys && (
        <details className="text-sm">
          <summary className="cursor-pointer py-2 font-semibold">{`Cells that stay: ${keeps.size} of ${cells.length}`}</summary>
          <ul>
            {cells.map(({ id, label, words, out }) => (
              <li key={id}>
                <Check
                  name={label}
                  hint={`${words}${out ? `, out ${out}` : ''}`}
                  value={keeps.has(id)}
                  onChange={(isOn) => {
                    const next = new Set(keeps);
                    if (isOn) next.add(id);
                    else next.delete(id);
                    setKeeps(next);
                  }}
                />
              </li>
            ))}
          </ul>
        </details>
      )}
      {mayBuy && <Check name="A bought queen instead of raising one" value={buys} onChange={setBuys} />}
      <Button
        kind={fit.kind === 'fits' ? 'strong' : 'plain'}
        disabled={isShort}
        aria-label={`Do it today: ${title}`}
        onClick={() => onBegin(name, title, buys ? [] : [...keeps], buys)}
      >
        {fit.kind === 'fits' ? 'Do it today' : 'Do it today all the same'}
      </Button>
    </div>
  );
}

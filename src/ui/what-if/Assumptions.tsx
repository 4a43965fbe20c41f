'use client';

import dynamic from 'next/dynamic';
import { useState } from 'react';
import { formatDay, parseDay } from '../../core/calendar/day';
import type { ColonyNow, FlowAsked, WhatIfAsked } from '../../core/population/asked';
import type { ColonyBegun } from '../../core/population/colony-now';
import { MAIN_FLOW } from '../../core/population/figures';
import { fromUnit, METRIC, toUnit } from '../../core/units/units';
import { unitName } from '../../words/measures';
import { QUEEN_AGES, seenWords } from '../../words/what-if';
import { DayField } from '../controls/DayField';
import { Field } from '../controls/Field';
import { NumberField } from '../controls/NumberField';
import { useBook } from '../frame/BookContext';

interface Props {
  readonly asked: WhatIfAsked;
  readonly begun: ColonyBegun;
  readonly isFlowKnown: boolean;
  readonly onChange: (asked: WhatIfAsked) => void;
}

// Opened by few.
const ModelFigures = dynamic(() => import('./ModelFigures').then((module) => module.ModelFigures), { ssr: false });

const ofHundred = (share: number): number => Math.round(share * 100);

const BEES_AT_MOST = 100_000;
const CELLS_AT_MOST = 200_000;
const KG_AT_MOST = 150;
const KG_A_DAY_AT_MOST = 10;
const LAID_AT_MOST = 3000;

/** Everything that is taken for granted, each to be changed; what was not noted is said to be supposed. */
export function Assumptions({ asked, begun: { seen }, isFlowKnown, onChange }: Props) {
  const [isModel, setModel] = useState(false);
  const { colony, flow, season, matingSuccess } = asked;
  const mass = (useBook()?.units ?? METRIC).mass;
  const inUnit = (kg: number) => Math.round(toUnit(kg, mass) * 100) / 100;
  const change = (over: Partial<ColonyNow>) => onChange({ ...asked, colony: { ...colony, ...over } });
  const count = (
    name: string,
    of: 'bees' | 'eggs' | 'larvae' | 'sealed' | 'freeCells' | 'storeCells',
    most: number,
  ) => (
    <NumberField
      name={name}
      value={colony[of]}
      step={500}
      min={0}
      max={most}
      onChange={(n) => change({ [of]: Math.round(n) })}
    />
  );
  const changeFlow = (at: number, over: Partial<FlowAsked>) =>
    onChange({ ...asked, flow: flow.map((one, i) => (i === at ? { ...one, ...over } : one)) });
  const day = (name: string, value: number, onDay: (on: NonNullable<ReturnType<typeof parseDay>>) => void) => (
    <Field name={name} problem={null}>
      {(props) => (
        <DayField
          {...props}
          value={formatDay(value as Parameters<typeof formatDay>[0])}
          onChange={(text) => {
            const on = parseDay(text);
            if (on !== null) onDay(on);
          }}
        />
      )}
    </Field>
  );
  return (
    <details className="mt-4 border-t-2 border-ink pt-1">
      <summary className="min-h-11 cursor-pointer py-2 font-bold">What is taken for granted, to be changed</summary>
      <Group title="The colony today">
        <Noted
          words={`Bees: ${seenWords(seen.bees)}. Brood: ${seenWords(seen.brood)}. Comb and honey: ${seenWords(seen.comb)}.`}
        />
        <div className="grid grid-cols-2 gap-x-3">
          {count('Bees', 'bees', BEES_AT_MOST)}
          <NumberField
            name={`Honey, ${unitName('mass')}`}
            value={inUnit(colony.honeyKg)}
            step={1}
            min={0}
            max={inUnit(KG_AT_MOST)}
            onChange={(n) => change({ honeyKg: Math.round(fromUnit(n, mass) * 100) / 100 })}
          />
          {count('Eggs', 'eggs', CELLS_AT_MOST)}
          {count('Open larvae', 'larvae', CELLS_AT_MOST)}
          {count('Sealed brood', 'sealed', CELLS_AT_MOST)}
          {count('Free cells, brood boxes', 'freeCells', CELLS_AT_MOST)}
          {count('Honey and pollen cells there', 'storeCells', CELLS_AT_MOST)}
        </div>
      </Group>
      {colony.queen && (
        <Group title="Its queen">
          <Noted
            words={`What she lays: ${seenWords(seen.rate)}. Her age: ${seen.isAgeKnown ? 'as noted' : 'not noted: supposed'}.`}
          />
          <div className="grid grid-cols-2 gap-x-3">
            <NumberField
              name="Eggs a day"
              value={colony.queen.layingPerDay}
              step={50}
              min={0}
              max={LAID_AT_MOST}
              onChange={(n) => colony.queen && change({ queen: { ...colony.queen, layingPerDay: Math.round(n) } })}
            />
            <Field name="Her age" problem={null}>
              {(props) => (
                <select
                  {...props}
                  value={colony.queen?.year}
                  onChange={({ target }) =>
                    colony.queen && change({ queen: { ...colony.queen, year: Number(target.value) as 1 | 2 | 3 } })
                  }
                >
                  {([1, 2, 3] as const).map((year) => (
                    <option key={year} value={year}>
                      {QUEEN_AGES[year]}
                    </option>
                  ))}
                </select>
              )}
            </Field>
          </div>
        </Group>
      )}
      <Group title="Swarming">
        <Noted
          words={
            colony.oldestCellLaid
              ? `It prepares: its oldest cell, ${seenWords(seen.cells)}.`
              : 'It has no queen cells with eggs or larvae, as far as is known.'
          }
        />
        {colony.oldestCellLaid && (
          <div className="grid grid-cols-2 gap-x-3">
            {day(
              'Its egg laid from',
              colony.oldestCellLaid.from,
              (from) =>
                colony.oldestCellLaid &&
                from <= colony.oldestCellLaid.to &&
                change({ oldestCellLaid: { ...colony.oldestCellLaid, from } }),
            )}
            {day(
              'to',
              colony.oldestCellLaid.to,
              (to) =>
                colony.oldestCellLaid &&
                to >= colony.oldestCellLaid.from &&
                to <= asked.from &&
                change({ oldestCellLaid: { ...colony.oldestCellLaid, to } }),
            )}
          </div>
        )}
        <div className="grid grid-cols-2 gap-x-3">
          {day(
            'Swarm season from',
            season.from,
            (from) => from <= season.to && onChange({ ...asked, season: { ...season, from } }),
          )}
          {day('to', season.to, (to) => to >= season.from && onChange({ ...asked, season: { ...season, to } }))}
        </div>
      </Group>
      <Group title="Luck">
        <div className="grid grid-cols-2 gap-x-3">
          <NumberField
            name="Virgins that come to lay, of 100"
            value={ofHundred(matingSuccess)}
            step={5}
            min={0}
            max={100}
            onChange={(n) => onChange({ ...asked, matingSuccess: n / 100 })}
          />
        </div>
      </Group>
      <Group title="What comes in">
        <Noted
          words={`By a scale under a colony of 30,000. ${isFlowKnown ? 'The days of the main flow are as noted; how much it brings is supposed.' : 'No main flow is noted.'}`}
        />
        {flow.map((one, i) => (
          <div key={i === 0 ? 'ordinary' : 'main'} className="mt-2 border-l-4 border-line pl-3">
            <p className="text-sm font-semibold">{i === 0 ? 'On ordinary days' : 'Main flow, besides'}</p>
            <NumberField
              name={`${unitName('mass')} a day`}
              value={inUnit(one.kgPerDay)}
              step={0.1}
              min={0}
              max={inUnit(KG_A_DAY_AT_MOST)}
              onChange={(n) => changeFlow(i, { kgPerDay: Math.round(fromUnit(n, mass) * 100) / 100 })}
            />
            {i > 0 && (
              <div className="grid grid-cols-2 gap-x-3">
                {day('From', one.from, (from) => from <= one.to && changeFlow(i, { from }))}
                {day('To', one.to, (to) => to >= one.from && changeFlow(i, { to }))}
              </div>
            )}
          </div>
        ))}
        {flow.length === 1 && (
          <button
            type="button"
            className="text-muted mt-2 min-h-11 underline hover:text-ink"
            onClick={() => {
              const [ordinary] = flow;
              if (ordinary) onChange({ ...asked, flow: [ordinary, { ...ordinary, kgPerDay: MAIN_FLOW.value }] });
            }}
          >
            Add a main flow
          </button>
        )}
      </Group>
      <details className="mt-3" onToggle={({ currentTarget }) => setModel(currentTarget.open)}>
        <summary className="min-h-11 cursor-pointer py-2 font-bold">The figures of the model itself</summary>
        {isModel && <ModelFigures asked={asked} onChange={onChange} />}
      </details>
    </details>
  );
}

function Group({ title, children }: { readonly title: string; readonly children: React.ReactNode }) {
  return (
    <fieldset className="mt-3">
      <legend className="font-bold">{title}</legend>
      {children}
    </fieldset>
  );
}

const Noted = ({ words }: { readonly words: string }) => <p className="text-muted text-sm">{words}</p>;

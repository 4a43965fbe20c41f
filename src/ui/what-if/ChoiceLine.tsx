'use client';

import { X } from 'lucide-react';
import { addDays, formatDay, parseDay } from '../../core/calendar/day';
import { mayBuyQueen } from '../../core/methods/methods';
import { CHOICES, type Choice, type ChoiceName, type WhatIfAsked } from '../../core/population/asked';
import { methodOf } from '../../core/population/planned-visits';
import { choiceTitle } from '../../words/what-if';
import { ButtonLink } from '../controls/Button';
import { DayField } from '../controls/DayField';
import { FIELD } from '../controls/styles';
import { LineSample } from './LineSample';
import { LETTERS } from './lines';

interface Props {
  readonly index: number;
  readonly choice: Choice;
  readonly asked: WhatIfAsked;
  readonly colonyId: string;
  readonly canGo: boolean;
  readonly onChange: (choice: Choice) => void;
  readonly onDrop: () => void;
}

/** One of the choices that are compared: what, on which day, with or without room, raising a queen or buying one. */
export function ChoiceLine({ index, choice, asked, colonyId, canGo, onChange, onDrop }: Props) {
  const letter = LETTERS[index] ?? '';
  const method = methodOf(choice);
  const canBuy = method !== null && mayBuyQueen(method);
  const isNothing = choice.choice === 'nothing';
  return (
    <li className="border-b border-line py-2" data-choice={letter}>
      <div className="flex items-center gap-x-2">
        <b className="font-display text-xl">{letter}</b>
        <LineSample index={index} />
        <select
          aria-label={`Choice ${letter}`}
          className={`${FIELD} min-w-0 flex-1`}
          value={choice.choice}
          onChange={({ target }) => {
            const name = target.value as ChoiceName;
            onChange({ ...choice, choice: name, giveRoom: name !== 'nothing', buysQueen: false });
          }}
        >
          {CHOICES.map((name) => (
            <option key={name} value={name}>
              {choiceTitle(name)}
            </option>
          ))}
        </select>
        {canGo && (
          <button
            type="button"
            className="min-h-11 min-w-11 shrink-0"
            aria-label={`Take choice ${letter} away`}
            onClick={onDrop}
          >
            <X aria-hidden="true" className="inline size-5" strokeWidth={3} />
          </button>
        )}
      </div>
      <div className="mt-1 flex flex-wrap items-center gap-x-4 gap-y-1 pl-7 text-sm">
        {!isNothing && (
          <div className="flex items-center gap-x-2">
            on
            <DayField
              aria-label={`Day of choice ${letter}`}
              value={formatDay(choice.on)}
              min={formatDay(asked.from)}
              max={formatDay(addDays(asked.from, asked.days - 1))}
              onChange={(text) => {
                const on = parseDay(text);
                if (on !== null && on >= asked.from && on < asked.from + asked.days) onChange({ ...choice, on });
              }}
            />
          </div>
        )}
        <label className="flex min-h-11 items-center gap-x-2">
          <input
            type="checkbox"
            className="size-5 accent-ink"
            checked={choice.giveRoom}
            onChange={({ target }) => onChange({ ...choice, giveRoom: target.checked })}
          />
          boxes given when full
        </label>
        {canBuy && (
          <label className="flex min-h-11 items-center gap-x-2">
            <input
              type="checkbox"
              className="size-5 accent-ink"
              checked={choice.buysQueen}
              onChange={({ target }) => onChange({ ...choice, buysQueen: target.checked })}
            />
            a bought queen
          </label>
        )}
        {method && (
          <ButtonLink
            href={`/colonies/${colonyId}/start/${method.name}`}
            kind="quiet"
            className="inline-flex min-h-11 items-center"
            aria-label={`Plan this one: ${choiceTitle(choice.choice)}`}
          >
            plan this one
          </ButtonLink>
        )}
      </div>
    </li>
  );
}

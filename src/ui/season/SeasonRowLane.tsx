'use client';

import Link from 'next/link';
import { type CSSProperties, memo, type ReactNode } from 'react';
import type { Day } from '../../core/calendar/day';
import type { Window } from '../../core/calendar/window';
import { markWords } from '../../views/marks';
import type { SeasonRow } from '../../views/season-view';
import { rangeWords, weekdayWords } from '../../words/days';
import { RIBBON_WORDS } from '../../words/marks';
import { IntentionTag } from '../season-plan/IntentionTag';
import { lanesOf as meantLanesOf } from '../season-plan/lanes-of';
import { spanStyle } from './place';
import { SeasonCheckTag } from './SeasonCheckTag';
import { DAY_PX } from './scale';

const LINE_PX = 17;
/** A line of what can be pressed: 24 px at least. */
const PRESSED_PX = 24;
const LAST_LINE_PX = 32;
const MEANT_LINE_PX = 33;
const LETTER_PX = 6;
const LABEL_EDGE_PX = 12;

interface Props {
  readonly row: SeasonRow;
  readonly origin: Day;
  readonly minute: string;
  readonly daysOf: (px: number) => number;
}

/** One colony's season: programmes, ribbons, days to leave shut, and on the last line what was done and what is planned. */
export const SeasonRowLane = memo(function SeasonRowLane({ row, origin, minute, daysOf }: Props) {
  const { colonyId, name, ribbons, shut, programmes, looks, checks, meant } = row;
  const lines = [
    programmes.length > 0 ? 'programmes' : null,
    ribbons.some(({ kind }) => kind === 'sealing') ? 'sealing' : null,
    ribbons.some(({ kind }) => kind === 'emergence') ? 'emergence' : null,
    shut.length > 0 || ribbons.some(({ kind }) => kind === 'eggs') ? 'shut' : null,
  ].filter((line) => line !== null);
  // Programmes stand on the first line, and are pressed.
  const extra = programmes.length > 0 ? PRESSED_PX - LINE_PX : 0;
  const top = (line: string) => {
    const at = Math.max(0, lines.indexOf(line));
    return 3 + at * LINE_PX + (at > 0 ? extra : 0);
  };
  const last = 5 + lines.length * LINE_PX + extra;
  const lanes = lanesOf(checks);
  const checksEnd = last + LAST_LINE_PX * Math.max(1, ...lanes.map((lane) => lane + 1));
  const intentions = meant?.intentions ?? [];
  const meantLanes = meantLanesOf(intentions);
  const height = checksEnd + MEANT_LINE_PX * Math.max(0, ...meantLanes.map((lane) => lane + 1));
  // Nothing comes after it on its line, so that its name may be longer than it runs.
  const lastBegun = programmes.reduce<(typeof programmes)[number] | null>(
    (last, one) => (last && last.from > one.from ? last : one),
    null,
  )?.id;
  const href = `/colonies/${colonyId}`;
  return (
    <div className="season-row" style={{ height }} data-colony={name}>
      <Link prefetch={false} href={href} className="season-name font-display font-bold no-underline hover:underline">
        {name}
      </Link>
      <div className="season-strip">
        <div className="season-time">
          {programmes.map(({ id, label, from, to }) => (
            <Link
              key={id}
              prefetch={false}
              href={`/programmes/${id}`}
              className={`season-mark season-programme ${id === lastBegun ? 'season-last' : ''}`}
              aria-label={`${name}, ${label}: ${rangeWords({ from, to })}`}
              style={{ ...spanStyle(origin, from, to), top: top('programmes') }}
            >
              {label}
            </Link>
          ))}
          {shut.map(({ from, to }) => (
            <Said
              key={from}
              words={`${name}, ${markWords({ type: 'shut', from, to, row: 0 })}`}
              className="season-mark season-shut"
              style={{ ...spanStyle(origin, from, to), top: top('shut') }}
            >
              <i>leave shut</i>
            </Said>
          ))}
          {ribbons.map(({ kind, window }) => (
            <Said
              key={kind}
              words={`${name}, ${markWords({ type: 'ribbon', kind, window, label: RIBBON_WORDS[kind], row: 0 })}`}
              className={`season-mark season-ribbon season-${kind}`}
              style={{
                ...spanStyle(origin, window.earliest, window.latest),
                top: top(kind === 'eggs' ? 'shut' : kind),
                ...feathers(window),
              }}
            >
              {RIBBON_WORDS[kind]}
            </Said>
          ))}
          {looks.map((on, i) => (
            <Said
              // biome-ignore lint/suspicious/noArrayIndexKey: a hive may be looked at twice in a day, and the list is never re-ordered
              key={`look${i}`}
              words={`${name}, ${markWords({ type: 'look', on, row: 0 })}`}
              className="season-dot season-look"
              style={{ ...spanStyle(origin, on, on), top: last }}
            />
          ))}
          {programmes.map(({ id, label, from }) => (
            <Said
              key={`act${id}`}
              words={`${name}, ${label}: ${weekdayWords(from)}`}
              className="season-dot season-act"
              style={{ ...spanStyle(origin, from, from), top: last }}
            />
          ))}
          {checks.map((check, i) => (
            <SeasonCheckTag
              key={check.key}
              check={check}
              colonyId={colonyId}
              colonyName={name}
              shut={shut}
              origin={origin}
              top={last + (lanes[i] ?? 0) * LAST_LINE_PX}
              minute={minute}
              daysOf={daysOf}
            />
          ))}
          {meant &&
            intentions.map((intention, i) => (
              <IntentionTag
                key={intention.key}
                intention={intention}
                plan={meant.plan}
                colonyName={name}
                origin={origin}
                top={checksEnd + (meantLanes[i] ?? 0) * MEANT_LINE_PX}
                daysOf={daysOf}
              />
            ))}
        </div>
      </div>
    </div>
  );
});

/** A mark that is looked at, not pressed: whose it is and of which days is said, as text that a screen reader finds and a mouse shows. */
function Said({ words, ...props }: { words: string; className: string; style: CSSProperties; children?: ReactNode }) {
  return <span role="img" aria-label={words} title={words} {...props} />;
}

/** On which line below one another the labels of checks stand, so that none lies on another at the usual width of a day. */
function lanesOf(checks: SeasonRow['checks']): readonly number[] {
  const taken: number[] = [];
  return checks.map(({ label, window, plannedFor }) => {
    const half = (label.length * LETTER_PX + LABEL_EDGE_PX) / DAY_PX.usual / 2;
    const at = plannedFor ?? window.ideal;
    let lane = taken.findIndex((until) => until <= at - half);
    if (lane < 0) lane = taken.length;
    taken[lane] = at + half;
    return lane;
  });
}

/** Solid over the likely days, fading towards the ends that are merely possible. */
function feathers({ earliest, likelyFrom, likelyTo, latest }: Window): CSSProperties {
  const days = latest - earliest + 1;
  const percent = (at: number) => `${(at / days) * 100}%`;
  const [from, to] = [percent(likelyFrom - earliest), percent(likelyTo - earliest + 1)];
  const faint = (isSure: boolean) => (isSure ? 'var(--ribbon)' : 'color-mix(in srgb, var(--ribbon) 14%, transparent)');
  return {
    backgroundImage: `linear-gradient(to right, ${faint(earliest === likelyFrom)}, var(--ribbon) ${from}, var(--ribbon) ${to}, ${faint(latest === likelyTo)})`,
  };
}

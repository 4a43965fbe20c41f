import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { inWords } from '../../../words/in-words';
import { addDays, type Day, formatDay } from '../../calendar/day';
import type { TrackedCell } from '../../colony/track-cells';
import { queenInShort } from '../../queens/testing';
import type { ColonyState } from '../../state/fold';
import { COLONIES, START, season, statesOf } from './testing';

const SEASONS = 64;
/** Days of the season on which each is told. */
const TOLD_ON = [12, 24, 38, 60] as const;

const short = (on: Day | null | undefined): string => (on === null || on === undefined ? '-' : formatDay(on).slice(5));

/** A cell: when its egg was laid, when it is closed and its emerged, and what became of it. */
function cellWords({ cell, planBy, lastStage, lastSeen, goneMissing, overdueOn, givenTo }: TrackedCell): string {
  const { laid, sealing, emergence, status } = planBy;
  const became = [
    goneMissing ? 'missing' : '',
    overdueOn === null ? '' : `over ${short(overdueOn)}`,
    givenTo ? `to ${givenTo}` : '',
  ];
  const days = [laid?.from, laid?.to, sealing?.earliest, sealing?.latest, emergence?.earliest, emergence?.latest];
  return `${cell.id} ${lastStage} ${short(lastSeen)} ${status} ${days.map(short).join(' ')} ${became.join(' ')}`.trim();
}

/** Evidence by its code, and in words where a look added some of its own. */
const because = ({ reading }: NonNullable<ColonyState['lastInspection']>): string =>
  reading.because
    .map(({ code, text }) => (OWN_EVIDENCE.has(code) ? `${code} “${inWords(text).split(':')[0]}”` : code))
    .join(' ');
const OWN_EVIDENCE = new Set(['cells-not-looked-at', 'cells-above', 'cells-overdue', 'cells-not-found']);

/** All that is reckoned of a colony, in one paragraph. */
function told({
  queen,
  schedule,
  followUps,
  cells,
  schedules,
  lastInspection,
  lastLaid,
  ended,
  liveCells,
  frames,
  parts,
}: ColonyState): string {
  const of = queenInShort(queen);
  const { removedOn, removedTo, swarmedOn, lastOwnEggs, virginEmerged, cagedOn, noEggsOn, withoutSince } = of;
  const days = [removedOn, removedTo, swarmedOn?.from, swarmedOn?.to, lastOwnEggs, cagedOn, noEggsOn, withoutSince];
  const nextByLook = schedules().findLast(({ step }) => step.kind === 'look')?.schedule.checks[0]?.window.ideal;
  return [
    `  queen ${of.expected}${of.isGone ? ' gone' : ''}${queen.doubt ? ` ?${queen.doubt.code}` : ''} ${days.map(short).join(' ')}`,
    `    virgin ${short(virginEmerged?.earliest)}..${short(virginEmerged?.latest)} half ${short(of.eitherHalfSince)} lays ${short(of.laysSince)} proof ${short(queen.lastProof?.on)} eggs ${short(queen.lastEggsSeen)} ${of.queenId ?? '-'}${of.isClipped ? ' clipped' : ''}${of.isReleased ? ' out' : ''}${ended ? ' ended' : ''}`,
    `    programme ${of.programme ? `${of.programme.id} ${of.programme.unit}` : '-'} requeeningId ${of.requeeningId ?? '-'} late ${short(of.lateButThereOn)} came ${short(of.arrivedOn)} frames ${frames ? `${short(frames.survey.on)} ${frames.room.bound?.by ?? ''}` : '-'} parts ${parts.map(({ programme, half }) => `${programme.id}${half ? ` ${half.is} by ${half.by}` : ''}`).join(' ')}`,
    `    read ${lastInspection?.reading.reading ?? '-'} by ${short(lastInspection?.reading.actBy)} next ${short(nextByLook)} laid ${short(lastLaid?.seenOn)} live ${liveCells.map(({ cell }) => cell.id).join('')}`,
    `    why ${lastInspection?.reading.cause ?? '-'} ${lastInspection ? because(lastInspection) : ''} taken ${lastInspection?.takenDown ?? '-'} above ${lastInspection?.takenDownAbove ?? '-'} ${lastInspection?.openedAbove ?? '-'}`,
    `    due ${schedule.checks.map(({ code, window, plannedFor, forced }) => `${code} ${short(window.earliest)}/${short(window.ideal)}/${short(window.latest)}${plannedFor === null ? '' : `@${short(plannedFor)}`}${forced === null ? '' : '!'}`).join(', ')}`,
    `    shut ${schedule.leaveShut.map(({ from, to }) => `${short(from)}..${short(to)}`).join(', ')} out ${short(schedule.emergence?.earliest)}..${short(schedule.emergence?.latest)} missed ${schedule.missed.map(({ code }) => code).join(' ')} left ${schedule.skipped.map(({ check }) => check.code).join(' ')}`,
    `    asked ${followUps.map(({ code, status, on }) => `${code} ${status} ${short(on)}`).join(', ')}`,
    `    cells ${cells.map(cellWords).join(', ')}`,
  ].join('\n');
}

describe('what random seasons come to', () => {
  it('is what it was, to the day: a change that moves a date shows here which, and is looked at', async () => {
    const lines = fc.sample(season, { numRuns: SEASONS, seed: 20270620 }).flatMap((made, i) =>
      TOLD_ON.flatMap((days) => {
        const on = addDays(START, days);
        return statesOf(made, on).map(
          (state, colony) => `season ${i + 1}, ${COLONIES[colony]}, ${formatDay(on).slice(5)}\n${told(state)}`,
        );
      }),
    );
    await expect(`${lines.join('\n')}\n`).toMatchFileSnapshot('./come-to.txt');
  });
});

import { type Day, day, earliestOf, latestOf } from '../core/calendar/day';
import type { CheckWindow, Window } from '../core/calendar/window';
import { spanOf } from '../core/calendar/window';
import { isOpenCell } from '../core/cells/stage';
import type { ColonyState } from '../core/colony/fold';
import { emergencesOf } from '../core/colony/track-cells';
import { type SwarmMonths, seasonPart, workingYear } from '../core/schedule/beekeeping-year';
import type { CheckCode, LeaveShut } from '../core/schedule/check';
import { standingOf } from '../core/schedule/standing';
import { swarmMonthsAt } from '../core/settings/settings';
import { rangeWords, weekdayWords } from '../words/days';
import { CHECK_NAMES } from '../words/due';
import { RIBBON_WORDS, type RibbonKind } from '../words/marks';
import { methodTitle } from '../words/methods/methods';
import { seasonPhrases } from '../words/pages/season';
import type { AllApiaries, ApiaryEntry, StandingColony } from './all-apiaries';
import { type Tone, toneOf } from './marks';

/** A planned check, which can be taken to another day. */
export interface SeasonCheck {
  readonly key: string;
  readonly code: CheckCode;
  readonly label: string;
  readonly window: CheckWindow;
  readonly plannedFor: Day | null;
  readonly tone: Tone;
}

export interface SeasonSpan {
  readonly id: string;
  readonly label: string;
  readonly from: Day;
  readonly to: Day;
}

/** One colony's season, as it was and as it is planned. */
export interface SeasonRow {
  readonly colonyId: string;
  readonly name: string;
  readonly ribbons: readonly { readonly kind: Exclude<RibbonKind, 'laid'>; readonly window: Window }[];
  readonly shut: readonly LeaveShut[];
  readonly programmes: readonly SeasonSpan[];
  readonly looks: readonly Day[];
  readonly checks: readonly SeasonCheck[];
}

/** A flow at an apiary: as the keeper expects it, or as a scale there shows it. */
export interface SeasonFlow extends SeasonSpan {
  readonly by: 'keeper' | 'scale';
}

export interface SeasonView {
  readonly first: Day;
  readonly last: Day;
  readonly swarmSeason: LeaveShut | null;
  readonly groups: readonly {
    readonly apiary: string;
    readonly flows: readonly SeasonFlow[];
    readonly rows: readonly SeasonRow[];
  }[];
}

/** The whole season of every colony. */
export function seasonView(yard: AllApiaries, today: Day): SeasonView {
  const swarmMonths = swarmMonthsOf(yard);
  const { from: first, to: last } = workingYear(today, swarmMonths);
  const rows = yard.colonies.map((standing) => ({ apiary: standing.apiary.name, row: seasonRow(standing) }));
  return {
    first: earliestOf(first, today),
    last: latestOf(last, today),
    swarmSeason: swarmSeasonIn(first, last, swarmMonths),
    groups: yard.apiaries
      .map((apiary) => ({ ...apiary, flows: flowsAt(apiary, yard, today) }))
      .map(({ name, flows }) => ({
        apiary: name,
        flows,
        rows: rows.filter(({ apiary }) => apiary === name).map(({ row }) => row),
      }))
      .filter(({ rows: own }) => own.length > 0),
  };
}

/** The flows of an apiary, as entered and by each scale. */
function flowsAt({ id, mainFlowFrom, mainFlowTo }: ApiaryEntry, yard: AllApiaries, today: Day): readonly SeasonFlow[] {
  const entered: readonly SeasonFlow[] =
    mainFlowFrom !== null && mainFlowTo !== null
      ? [{ id, label: seasonPhrases.flowExpected, from: day(mainFlowFrom), to: day(mainFlowTo), by: 'keeper' }]
      : [];
  const shown = yard.colonies
    .filter(({ apiary }) => apiary.id === id)
    .flatMap(({ colony }) =>
      (yard.measured?.scales.get(colony.id)?.flows ?? []).map(({ from, to, strong }): SeasonFlow => {
        const label = seasonPhrases.flowByScale(colony.name, strong);
        return { id: `${colony.id} ${from}`, label, from, to: to ?? today, by: 'scale' };
      }),
    );
  return [...entered, ...shown];
}

/** The months in which swarms come in any of the apiaries. */
function swarmMonthsOf({ apiaries, settings }: AllApiaries): SwarmMonths {
  const months = apiaries.map((apiary) => swarmMonthsAt(apiary, settings));
  return months.length === 0 ? settings.swarmMonths : [...new Set(months.flat())];
}

function swarmSeasonIn(first: Day, last: Day, swarmMonths: SwarmMonths): LeaveShut | null {
  const days = Array.from({ length: last - first + 1 }, (_, i) => (first + i) as Day).filter(
    (one) => seasonPart(one, swarmMonths) === 'swarm-season',
  );
  const [from, to] = [days[0], days.at(-1)];
  return from === undefined || to === undefined ? null : { from, to };
}

function seasonRow({ colony, state }: StandingColony): SeasonRow {
  const { schedule, liveCells, inspections, parts, today } = state;
  const open = liveCells.filter(({ lastStage }) => isOpenCell(lastStage));
  const sealing = spanOf(open.flatMap(({ planBy }) => planBy.sealing ?? []));
  const emergence = spanOf(emergencesOf(liveCells)) ?? schedule.emergence;
  const { eggsBy } = schedule;
  const eggs = eggsBy && {
    earliest: eggsBy.earliest,
    likelyFrom: eggsBy.ideal,
    likelyTo: eggsBy.latest,
    latest: eggsBy.latest,
  };
  const ribbon = (kind: Exclude<RibbonKind, 'laid'>, window: Window | null) => (window ? [{ kind, window }] : []);
  return {
    colonyId: colony.id,
    name: colony.name,
    ribbons: [...ribbon('sealing', sealing), ...ribbon('emergence', emergence), ...ribbon('eggs', eggs)],
    shut: schedule.leaveShut.filter(({ from, to }) => from <= to),
    programmes: parts.map(({ programme }) => programmeSpan(programme, state)),
    looks: inspections.map(({ inspection }) => inspection.on),
    checks: schedule.checks.map((check) => ({
      key: check.key,
      code: check.code,
      label: CHECK_NAMES[check.code],
      window: check.window,
      plannedFor: check.plannedFor,
      tone: toneOf(standingOf(check, schedule.leaveShut, today)),
    })),
  };
}

/** A programme reaches from its day to the last thing it still asks for, or that came of it. */
function programmeSpan(
  { id, method, on, endedOn }: ColonyState['parts'][number]['programme'],
  state: ColonyState,
): SeasonSpan {
  const asked = state.schedule.checks
    .filter(({ programme }) => programme?.id === id)
    .map(({ window }) => window.latest);
  const done = state.followUps.filter((one) => one.programmeId === id && one.on !== null).map((one) => one.on as Day);
  const answered = state.answers.filter(({ programmeId }) => programmeId === id).map((answer) => answer.on);
  return {
    id,
    label: methodTitle(method),
    from: on,
    to: endedOn ?? latestOf(on, ...asked, ...done, ...answered),
  };
}

export interface SeasonLine {
  readonly key: string;
  readonly colonyId: string;
  readonly colony: string;
  readonly what: string;
  readonly when: string;
  readonly from: Day;
}

/** The same as a table: everything of every colony in order of time. */
export function seasonLines({ groups }: SeasonView): readonly SeasonLine[] {
  return groups.flatMap(({ rows }) => rows.flatMap(rowLines));
}

function rowLines(row: SeasonRow): readonly SeasonLine[] {
  const { colonyId, name: colony, ribbons, shut, programmes, looks, checks } = row;
  const line = (key: string, what: string, from: Day, when: string): SeasonLine => ({
    key: `${colonyId}${key}`,
    colonyId,
    colony,
    what,
    when,
    from,
  });
  const span = ({ from, to }: LeaveShut) => rangeWords({ from, to });
  return [
    ...looks.map((on) => line(`look${on}`, 'inspected', on, weekdayWords(on))),
    ...programmes.map(({ id, label, from, to }) => line(id, label, from, span({ from, to }))),
    ...ribbons.map(({ kind, window: { earliest, latest } }) =>
      line(kind, RIBBON_WORDS[kind], earliest, span({ from: earliest, to: latest })),
    ),
    ...shut.map((one) => line(`shut${one.from}`, seasonPhrases.leaveShut, one.from, span(one))),
    ...checks.map(({ key, label, window: { earliest, ideal, latest }, plannedFor }) =>
      line(
        key,
        label,
        plannedFor ?? ideal,
        seasonPhrases.anyDay(plannedFor ?? ideal, span({ from: earliest, to: latest })),
      ),
    ),
  ].sort((a, b) => a.from - b.from);
}

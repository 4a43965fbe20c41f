import { type Day, earliestOf, latestOf } from '../core/calendar/day';
import type { CheckWindow, DayRange, Window } from '../core/calendar/window';
import { isOpenCell } from '../core/cells/stage';
import { emergenceOf, sealingOf } from '../core/colony/track-cells';
import type { SeasonPlanFact } from '../core/facts/season-plan';
import type { CheckCode, LeaveShut } from '../core/schedule/check';
import { standingOf } from '../core/schedule/standing';
import type { IntentionStatus } from '../core/season-plan/intentions';
import { yearAt } from '../core/settings/settings';
import type { ColonyState } from '../core/state/fold';
import { seasonPart, workingYear } from '../core/year/beekeeping-year';
import { flowSaid, flowsOfSeason } from '../core/year/flow-expected';
import type { PlaceYear } from '../core/year/place-year';
import { CHECK_NAMES } from '../words/check-names';
import type { RibbonKind } from '../words/marks';
import { methodTitle } from '../words/methods/methods';
import { seasonPhrases } from '../words/pages/season';
import type { AllApiaries, ApiaryEntry, StandingColony } from './all-apiaries';
import { type Tone, toneOf } from './marks';
import { type ColonyMeant, type IntentionView, intentionView, planFact } from './season-plan-view';
import { type YearBand, yearBands, yearOfAll } from './year-bands';

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
  /** What is meant and was not begun; null: the colony has no plan. */
  readonly meant: { readonly plan: SeasonPlanFact; readonly intentions: readonly IntentionView[] } | null;
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
    /** The parts of its year, one after another. */
    readonly year: readonly YearBand[];
    readonly flows: readonly SeasonFlow[];
    readonly rows: readonly SeasonRow[];
  }[];
}

/** The whole season of every colony. */
export function seasonView(yard: AllApiaries, today: Day, meant: readonly ColonyMeant[] = []): SeasonView {
  const year = yearOfAll(yard);
  const { from: first, to: last } = workingYear(today, year);
  const rows = yard.colonies.map((standing) => ({
    apiary: standing.apiary.name,
    row: seasonRow(standing, meant.find(({ colony }) => colony.id === standing.colony.id) ?? null),
  }));
  return {
    first: earliestOf(first, today),
    last: latestOf(last, today),
    swarmSeason: swarmSeasonIn(first, last, year),
    groups: yard.apiaries
      .map((apiary) => ({
        apiary: apiary.name,
        year: yearBands(yearAt(apiary, yard.settings), { from: first, to: last }),
        flows: flowsAt(apiary, yard, { from: first, to: last }, today),
        rows: rows.filter((row) => row.apiary === apiary.name).map(({ row }) => row),
      }))
      .filter(({ rows: own }) => own.length > 0),
  };
}

/** The flows of an apiary, as entered and by each scale. */
function flowsAt(place: ApiaryEntry, yard: AllApiaries, season: DayRange, today: Day): readonly SeasonFlow[] {
  const { id } = place;
  const said = flowSaid(place);
  const usual = flowsOfSeason(place, season);
  const expected = said && !usual.some(({ from }) => from === said.from) ? [...usual, said] : usual;
  const entered = expected.map(
    (flow): SeasonFlow => ({ id: `${id} ${flow.from}`, label: seasonPhrases.flowExpected, ...flow, by: 'keeper' }),
  );
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

function swarmSeasonIn(first: Day, last: Day, year: PlaceYear): LeaveShut | null {
  const days = Array.from({ length: last - first + 1 }, (_, i) => (first + i) as Day).filter(
    (one) => seasonPart(one, year) === 'swarm-season',
  );
  const [from, to] = [days[0], days.at(-1)];
  return from === undefined || to === undefined ? null : { from, to };
}

function seasonRow({ colony, state }: StandingColony, meant: ColonyMeant | null): SeasonRow {
  const { schedule, liveCells, inspections, parts, today } = state;
  const open = liveCells.filter(({ lastStage }) => isOpenCell(lastStage));
  const sealing = sealingOf(open);
  const emergence = emergenceOf(liveCells) ?? schedule.emergence;
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
    meant: meant?.plan
      ? {
          plan: planFact(meant.plan),
          intentions: meant.intentions.filter(isOpen).map((one) => intentionView(colony.id, one, today)),
        }
      : null,
  };
}

/** Its time is to come, or is there. */
const isOpen = ({ status }: { readonly status: IntentionStatus }): boolean =>
  status === 'to-come' || status === 'now' || status === 'held';

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

import type { DayRange } from '../core/calendar/window';
import type { ChoicesAsked } from '../core/choices/asked';
import type { Choice } from '../core/choices/choice';
import type { ColonyFacts } from '../core/colony/facts';
import { mayStillHoldQueen, type TrackedCell } from '../core/colony/track-cells';
import type { KitPlace } from '../core/kit/kit-entry';
import { type FitFacts, fitOf } from '../core/methods/fit';
import { ALL_METHOD_NAMES, type MethodName } from '../core/methods/method';
import { methodNamed } from '../core/methods/methods';
import type { Thing } from '../core/methods/thing';
import { keepTogether } from '../core/programmes/best-to-keep';
import { firstEggsWindow } from '../core/queens/virgin-care';
import type { School } from '../core/settings/schools';
import type { Settings } from '../core/settings/settings';
import { movesFrames } from '../core/space/proposals/propose';
import type { ColonyState } from '../core/state/fold';
import { fitInWords } from '../words/fit';
import { oneThing, placeWords } from '../words/kit';
import { methodSaid } from '../words/methods/methods';
import { choicesPhrases } from '../words/pages/choices';
import { whereWords } from '../words/where';
import { planOn } from './decide-view';
import { dueViews } from './due-view';

/** What is said of a method where it is offered. */
export interface MethodOffered {
  /** What follows, in days. */
  readonly days: string;
  readonly kit: readonly string[];
  readonly lifting: string | null;
  readonly ifItFails: string;
  readonly schools: readonly string[];
  readonly needsQueen: boolean;
  /** What is still to be seen to, or what stands against it. */
  readonly missing: readonly string[];
  readonly doesMoveFrames: boolean;
  readonly raisesQueen: boolean;
}

export interface ChoicesView {
  readonly asked: ChoicesAsked;
  /** What keepers differ on, and the keeper was asked about. */
  readonly schoolsAsked: readonly School[];
  readonly methods: { readonly [M in MethodName]: MethodOffered };
  /** The first and last day of what is to be done; null: nothing has a day. */
  readonly by: string | null;
  /** What is due now of what is under way; null: nothing is. */
  readonly now: { readonly order: string; readonly why: string } | null;
  /** What comes next where nothing is done now. */
  readonly next: string | null;
  /** Which cell to keep; null: it has none. */
  readonly keep: string | null;
  /** Where a thing lies that is not at hand. */
  readonly elsewhere: { readonly [thing: string]: string };
  readonly things: { readonly [thing: string]: string };
}

interface From {
  readonly asked: ChoicesAsked;
  readonly state: ColonyState;
  readonly colony: ColonyFacts;
  readonly facts: FitFacts;
  readonly settings: Settings;
  readonly elsewhere: { readonly [T in Thing]?: KitPlace };
  readonly apiaryName: (id: string) => string;
}

/** A colony's choices as its page shows them: what is asked of the rule, and what is said of whatever it may name. */
export function choicesView({ asked, state, colony, facts, settings, elsewhere, apiaryName }: From): ChoicesView {
  const things = Object.keys(elsewhere) as Thing[];
  const methods = ALL_METHOD_NAMES.map((name) => [name, methodOffered(name, state, colony, facts, settings)] as const);
  const { today, schedule } = state;
  const act = schedule.checks.find(({ code }) => code === 'act' || code === 'thin-cells');
  const [lead] = dueViews(state);
  return {
    asked,
    schoolsAsked: settings.schoolsAsked,
    methods: Object.fromEntries(methods) as ChoicesView['methods'],
    by: act ? choicesPhrases.canBeDone({ ...act.window, today }) : null,
    now: lead?.isNear ? { order: lead.order, why: lead.why } : null,
    next: lead ? choicesPhrases.next(lead.words) : null,
    keep: keepWords(state, settings.cellsKept),
    elsewhere: Object.fromEntries(
      things.map((thing) => [thing, placeWords(elsewhere[thing] as KitPlace, apiaryName)] as const),
    ),
    things: Object.fromEntries(neededThings().map((thing) => [thing, oneThing(thing)] as const)),
  };
}

const neededThings = (): readonly Thing[] => [
  ...new Set(
    ALL_METHOD_NAMES.flatMap((name) => methodNamed(name).kit.flatMap(({ brings }) => brings.flatMap(({ of }) => of))),
  ),
];

function methodOffered(
  name: MethodName,
  state: ColonyState,
  colony: ColonyFacts,
  facts: FitFacts,
  settings: Settings,
): MethodOffered {
  const method = methodNamed(name);
  const plan = planOn(method, state, colony, settings);
  const { kit, lifting, ifItFails, schools } = methodSaid(name);
  const visits = new Set(plan.checks.map(({ window }) => window.ideal)).size;
  const shut = plan.leaveShut.find(({ from, to }) => to >= from);
  const fit = fitInWords(fitOf(method, facts, settings));
  return {
    days: [
      [choicesPhrases.visits(visits), ...(shut ? [choicesPhrases.thenShut(shut)] : [])].filter(Boolean).join(', then '),
      ...(plan.emergence ? [eggsWords(plan.emergence)] : []),
    ]
      .filter(Boolean)
      .map((words) => (words.endsWith('.') ? words : `${words}.`))
      .join(' '),
    kit,
    lifting,
    ifItFails,
    schools,
    needsQueen: method.needs.queenFound,
    missing:
      fit.kind === 'would-fit'
        ? fit.missing.map(({ text }) => text)
        : fit.kind === 'fits'
          ? fit.warnings
          : [fit.because],
    doesMoveFrames: movesFrames(name),
    raisesQueen: plan.emergence !== null,
  };
}

const eggsWords = (emergence: Parameters<typeof firstEggsWindow>[0]): string => {
  const { earliest, latest } = firstEggsWindow(emergence);
  return choicesPhrases.eggsFrom({ from: earliest, to: latest } satisfies DayRange);
};

/** The cell that is best kept, where it hangs and why that one, or the two where two are kept. */
function keepWords({ liveCells, today }: ColonyState, howMany: number): string | null {
  const live = liveCells.filter((cell) => mayStillHoldQueen(cell, today));
  const [best, second] = keepTogether(live, howMany);
  if (!best) return null;
  const { keepWhy, keep, keepBoth } = choicesPhrases;
  if (second) return keepBoth(best.cell.label, second.cell.label, keepWhy.ofOneAge);
  return keep(
    best.cell.label,
    whereWords({ ...best.cell, place: 'not-said' }),
    live.length === 1 ? keepWhy.only : why(best),
  );
}

function why({ lastStage }: TrackedCell): string {
  const { keepWhy } = choicesPhrases;
  if (lastStage === 'larva-large') return keepWhy.open;
  if (lastStage === 'sealed-ripe') return keepWhy.ripe;
  return lastStage.startsWith('sealed') ? keepWhy.sealed : keepWhy.small;
}

const KEEPS_A_CELL: ReadonlySet<Choice> = new Set<Choice>(['nuc-swarm', 'after-swarm', 'thin-cells', 'old-site-swarm']);

/** Whether a choice keeps a cell: with a virgin loose in there none is. */
export const keepsACell = (choice: Choice, { colony }: ChoicesAsked): boolean =>
  KEEPS_A_CELL.has(choice) && colony.virgin === 'no';

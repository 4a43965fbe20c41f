import { day, daysBetween } from '../core/calendar/day';
import { METHOD_KINDS_IN_ORDER } from '../core/methods/kinds';
import type { Method, MethodKind, MethodNeeds } from '../core/methods/method';
import { METHODS } from '../core/methods/methods';
import { planMethod, USUAL_CHOICES } from '../core/methods/plan';
import type { Said } from '../core/says/said';
import { saidOneByOne, sentences } from '../core/says/together';
import type { Settings } from '../core/settings/settings';
import { cautionWords } from '../words/cautions';
import { orderOf } from '../words/due';
import { inWords } from '../words/in-words';
import { type MethodSaid, methodSaid } from '../words/methods/methods';
import { handbookPhrases } from '../words/pages/handbook';
import { UNIT_WORDS } from '../words/units';

export const KIND_WORDS: { readonly [K in MethodKind]: string } = {
  swarm: handbookPhrases.againstSwarming,
  room: handbookPhrases.forRoom,
  queen: handbookPhrases.forAColonyWithout,
  increase: handbookPhrases.forAnotherColony,
};

export interface HandbookList {
  readonly kind: string;
  readonly methods: readonly { readonly name: string; readonly title: string; readonly fitsWhen: string }[];
}

/** What follows of a method, counted from the day on which it is done. */
export interface HandbookCheck {
  readonly key: string;
  /** `nuc: Thin the cells`. */
  readonly words: string;
  readonly from: number;
  readonly best: number;
  readonly to: number;
  readonly why: string;
}

export interface HandbookPage {
  readonly name: string;
  readonly title: string;
  readonly fitsWhen: string;
  readonly suits: string;
  readonly needs: readonly string[];
  readonly kit: readonly string[];
  readonly lifting: string | null;
  readonly cautions: readonly string[];
  readonly steps: readonly string[];
  readonly parts: readonly { readonly name: string; readonly gets: string; readonly stands: string }[];
  readonly checks: readonly HandbookCheck[];
  readonly leaveShut: readonly { readonly part: string; readonly from: number; readonly to: number }[];
  readonly failures: MethodSaid['failures'];
  readonly ifItFails: string;
  readonly schools: readonly string[];
}

/** All methods by what they are for. */
export const handbookLists = (): readonly HandbookList[] =>
  METHOD_KINDS_IN_ORDER.map((kind) => ({
    kind: KIND_WORDS[kind],
    methods: METHODS.filter((method) => method.kind === kind).map(({ name }) => {
      const { title, fitsWhen } = methodSaid(name);
      return { name, title, fitsWhen };
    }),
  })).filter(({ methods }) => methods.length > 0);

/** Any day will do: only the days since then are shown. */
const DAY_0 = day('2001-05-01');

/** A method as it is read in winter: when it fits, how it is done, and its dates from day 0 with the usual choices. */
export function handbookPage(method: Method, settings: Settings): HandbookPage {
  const { name, needs, cautions } = method;
  const { title, fitsWhen, suits, kit, lifting, steps, units, failures, ifItFails, schools } = methodSaid(name);
  const plan = planMethod(method, { ...USUAL_CHOICES, on: DAY_0 }, settings);
  const since = (on: number) => daysBetween(DAY_0, on as typeof DAY_0);
  const partOf = (unit: string) => UNIT_WORDS[unit] ?? unit;
  const isOne = units.length === 1;
  return {
    name,
    title,
    fitsWhen,
    suits,
    needs: needWords(needs, settings),
    kit,
    lifting,
    cautions: cautions.map(cautionWords),
    steps,
    parts: units.map((unit) => ({ name: partOf(unit.name), gets: unit.gets, stands: unit.stands })),
    checks: plan.checks.map(({ unit, code, window, why, order }, i) => ({
      key: `${code}${i}`,
      words: `${isOne ? '' : `${partOf(unit)}: `}${orderOf({ code, ...(order === undefined ? {} : { order }) })}`,
      from: since(window.earliest),
      best: since(window.ideal),
      to: since(window.latest),
      why: inWords(withoutDays(why)),
    })),
    leaveShut: plan.leaveShut.map(({ unit, from, to }) => ({ part: partOf(unit), from: since(from), to: since(to) })),
    failures,
    ifItFails,
    schools,
  };
}

/** Day 0 is no day of the year: what names one is left out. */
const withoutDays = (why: Said): Said =>
  sentences(...saidOneByOne(why).filter(({ with: params }) => params === undefined));

/** What has to be there, as one reads it beforehand. */
function needWords(needs: MethodNeeds, settings: Settings): readonly string[] {
  return [
    ...(needs.queenFound ? [handbookPhrases.theQueenToBeFound] : []),
    ...(needs.broodFrames ? [handbookPhrases.broodFrames(settings[needs.broodFrames])] : []),
    ...(needs.coveredSeams ? [handbookPhrases.seams(settings[needs.coveredSeams])] : []),
    ...(needs.youngBrood ? [handbookPhrases.eggsOrVeryYoungLarvae] : []),
    ...(needs.cells === 'kept' ? [handbookPhrases.aLiveCellToKeep] : []),
    ...(needs.cells === 'none' ? [handbookPhrases.noLiveCell] : []),
    ...(needs.cells === 'none-sealed' ? [handbookPhrases.noCellSealedYet] : []),
    ...(needs.drones ? [handbookPhrases.dronesFlying] : []),
    ...(needs.mainFlow ? [handbookPhrases.theMainFlow] : []),
    ...(needs.warmNights ? [handbookPhrases.warmNights(settings.interleaveNightC)] : []),
    ...(needs.secondStand ? [handbookPhrases.aSecondStand] : []),
  ];
}

/** `day 6 to 8, best day 7`; one day only as that. */
export const daysFrom0 = ({ from, best, to }: Pick<HandbookCheck, 'from' | 'best' | 'to'>): string =>
  from === to ? handbookPhrases.day(from) : handbookPhrases.dayTo(from, to, best);

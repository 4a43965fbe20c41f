import type { Day } from '../core/calendar/day';
import type { Method } from '../core/methods/method';
import type { Plan } from '../core/methods/plan';
import type { Outcome } from '../core/programmes/outcomes';
import type { Settings } from '../core/settings/settings';
import { type CourseChoices, plannedCourse } from '../core/starts/planned-course';
import { broodlessWords } from '../words/broodless';
import { withinSentence } from '../words/capital';
import { CHECK_NAMES } from '../words/check-names';
import { rangeWords, weekdayWords } from '../words/days';
import { inWords } from '../words/in-words';
import { methodTitle } from '../words/methods/methods';
import { previewPhrases } from '../words/pages/plan-preview';
import { UNIT_WORDS } from '../words/units';
import type { Mark } from './marks';
import { planMarks } from './plan-marks';

export interface PreviewLine {
  readonly key: string;
  readonly day: Day;
  /** That day in words. */
  readonly best: string;
  readonly what: string;
  readonly why: string;
}

/** Every date of a method before it is started: a strip for each unit, and the same in words. */
export interface PlanPreview {
  readonly strips: readonly { readonly unit: string; readonly marks: readonly Mark[] }[];
  /** In order of time. */
  readonly lines: readonly PreviewLine[];
  /** When the unit without a queen has no sealed brood; null: it always has. */
  readonly broodless: string | null;
  /** How it can turn out, and what then. */
  readonly outcomes: readonly OutcomeView[];
}

export interface OutcomeView {
  readonly sign: string;
  readonly when: string | null;
  readonly next: readonly string[];
}

function outcomeView({ sign, when, remedy, ways }: Outcome): OutcomeView {
  const on = ways.map(({ method, until, brings }) => {
    const what = { known: 'tells', laying: previewPhrases.aQueenLays, united: previewPhrases.oneColony }[brings];
    return `${methodTitle(method)}: ${what} ${rangeWords(until)}`;
  });
  return {
    sign: inWords(sign),
    when: when && rangeWords(when),
    next: [...(remedy === null ? [] : [inWords(remedy)]), ...on],
  };
}

/** @param plan the dates of the method, see {@link previewStart} */
export function planPreview(method: Method, plan: Plan, choices: CourseChoices, settings: Settings): PlanPreview {
  const { checks, broodless, outcomes } = plannedCourse(method, plan, choices, settings);
  const units = [...new Set([...checks, ...plan.leaveShut].map(({ unit }) => unit))];
  return {
    broodless: broodless && broodlessWords(broodless),
    outcomes: outcomes.map(outcomeView),
    strips: units.map((unit) => {
      const raises = plan.leaveShut.some((span) => span.unit === unit) && plan.emergence !== null;
      const marks = planMarks(
        {
          checks: checks.filter((check) => check.unit === unit),
          leaveShut: plan.leaveShut.filter((span) => span.unit === unit),
          emergence: raises ? plan.emergence : null,
          eggsBy: raises ? plan.eggsBy : null,
        },
        choices.on,
      );
      return { unit: UNIT_WORDS[unit] ?? unit, marks };
    }),
    lines: [
      ...checks.map(({ unit, code, order, window: { earliest, ideal, latest }, why }, i) => ({
        key: `${code}${i}`,
        day: ideal,
        best: weekdayWords(ideal),
        what: `${UNIT_WORDS[unit] ?? unit}: ${order ? withinSentence(inWords(order)) : CHECK_NAMES[code]}${earliest === latest ? '' : previewPhrases.anyDay({ from: earliest, to: latest })}`,
        why: inWords(why),
      })),
      ...plan.leaveShut
        .filter(({ from, to }) => from <= to)
        .map(({ unit, from, to }) => ({
          key: `shut${unit}`,
          day: from,
          best: weekdayWords(from),
          what: previewPhrases.leaveShut(UNIT_WORDS[unit] ?? unit, to),
          why: previewPhrases.aVirginIsOut,
        })),
    ].sort((one, other) => one.day - other.day),
  };
}

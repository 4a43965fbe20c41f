import { readFileSync, writeFileSync } from 'node:fs';
import { resolve } from 'node:path';
import { fileURLToPath } from 'node:url';
import { ALL_FIGURES } from '../src/core/biology/figure';
import { CELL_STAGES, STAGES } from '../src/core/cells/stage';
import { RULE_WORDS } from '../src/words/frames';
import { READING_WORDS } from '../src/words/readings';
// Everything that declares figures hangs on the fold and the methods.
import '../src/core/state/fold';
import '../src/core/methods/fit';
import '../src/core/colony/fit-facts';
import '../src/core/choices/strength';
import '../src/core/starts/planned-course';
import '../src/core/schedule/taking-down';
import '../src/core/rounds/learned-minutes';
import '../src/core/rounds/planned-days';
import '../src/core/rounds/plan-fortnight';
import '../src/core/rounds/early';
import '../src/core/rounds/loss';
import '../src/core/population/what-if';
import '../src/core/food/food-asked';
import '../src/core/practice/make-exercise';
import '../src/core/cases/sight';
import '../src/core/queens/stays';
import '../src/core/season-plan/intentions';
import '../src/core/season-plan/load';
import '../src/core/yard/flyers';
import '../src/core/yard/way-mark';
import { RULE_NAMES } from '../src/core/space/arrangement-rules';
import '../src/core/space/proposals/propose';
import '../src/core/scale/scale-figures';
import '../src/core/space/triggers';
import '../src/core/weather/weather-figures';
import '../src/core/space/work-list/work-list';
import { READINGS } from '../src/core/inspections/reading';
import { METHODS } from '../src/core/methods/methods';
import { DEFAULT_SETTINGS } from '../src/core/settings/settings';
import { STAGE_WORDS } from '../src/words/cells';
import { SOURCE_WORDS, UNIT_WORDS } from '../src/words/figure-sources';
import { FIGURE_WORDS } from '../src/words/figures';
import { methodSaid } from '../src/words/methods/methods';
import { ageingRows, NOTED_HEADS, notedRows } from './lib/ageing';

export const DOMAIN_DOC = resolve(import.meta.dirname, '../docs/DOMAIN.md');

const table = (head: readonly string[], rows: readonly (readonly string[])[]) =>
  [head, head.map(() => '---'), ...rows].map((row) => `| ${row.join(' | ')} |`).join('\n');

const STAGE_FIGURE = /^cell-/;

function figures(): string {
  const order = Object.keys(FIGURE_WORDS);
  const listed = ALL_FIGURES.filter(({ name }) => !STAGE_FIGURE.test(name)).sort(
    (a, b) => order.indexOf(a.name) - order.indexOf(b.name),
  );
  const rows = listed.map(({ name, value, unit, source }) => {
    const number = typeof value === 'number' ? String(value) : `${value.early} / ${value.typical} / ${value.late}`;
    return [FIGURE_WORDS[name] ?? name, number, UNIT_WORDS[unit], SOURCE_WORDS[source]];
  });
  return table(['figure', 'value (or early / typical / late)', 'unit', 'source'], rows);
}

function stages(): string {
  const rows = CELL_STAGES.map((stage) => {
    const { ages } = STAGES[stage];
    const { name, look } = STAGE_WORDS[stage];
    const range =
      ages === null ? 'says nothing' : ages.to === null ? `${ages.from} or more` : `${ages.from} to ${ages.to}`;
    return [`\`${stage}\``, name, look, range];
  });
  return table(['stage', 'on the screen', 'what is seen', 'age in days since laying'], rows);
}

function readings(): string {
  const rows = READINGS.map((reading, i) => [
    String(i + 1),
    `\`${reading}\``,
    READING_WORDS[reading].title,
    READING_WORDS[reading].advice,
  ]);
  return table(['order', 'reading', 'headline', 'what to do'], rows);
}

function methods(): string {
  const rows = METHODS.map(({ name, needs, followUps, raisesQueen }) => {
    const { title, fitsWhen } = methodSaid(name);
    const must = [
      needs.queenFound ? 'the queen found' : null,
      needs.broodFrames && `${DEFAULT_SETTINGS[needs.broodFrames]} frames of brood`,
      needs.coveredSeams && `${DEFAULT_SETTINGS[needs.coveredSeams]} covered seams`,
      needs.drones ? 'drones' : null,
      needs.cells && { kept: 'a live cell', 'none-sealed': 'no sealed cell', none: 'no live cell' }[needs.cells],
      needs.missesQueen ? 'without a queen for a day' : null,
      needs.doubtfulQueen ? 'in doubt whether she lays' : null,
      needs.mainFlow ? 'the main flow on or near' : null,
    ].filter(Boolean);
    const after = followUps.map(({ unit, code, from, to }) => `${unit}: ${code} ${from} to ${to}`);
    const raised = raisesQueen
      ? [
          `${raisesQueen.unit} raises a queen${raisesQueen.thinned ? ', thinned once more' : ''}${raisesQueen.isMoved ? ' and moved' : ''}`,
        ]
      : [];
    return [`\`${name}\``, title, fitsWhen, must.join(', ') || '-', [...after, ...raised].join('; ') || '-'];
  });
  return table(['method', 'on the screen', 'fits when', 'must be there', 'follow-ups, in days after it'], rows);
}

function rules(): string {
  return table(
    ['rule', 'what it asks for'],
    RULE_NAMES.map((rule) => [`\`${rule}\``, RULE_WORDS[rule]]),
  );
}

const ageing = () => table(['read on day 0', 'from day', 'then it says', 'and asks'], ageingRows());
const noted = () => table(NOTED_HEADS, notedRows());

const PARTS: Readonly<Record<string, () => string>> = { figures, stages, readings, ageing, noted, methods, rules };

/** The document with its generated parts made anew; what stands around them is left as it is. */
export function withGeneratedParts(document: string): string {
  return Object.entries(PARTS).reduce((text, [name, make]) => {
    const [start, end] = [`<!-- ${name}: made by npm run docs:domain -->`, `<!-- end of ${name} -->`];
    const [from, to] = [text.indexOf(start), text.indexOf(end)];
    if (from < 0 || to < from) throw new Error(`docs/DOMAIN.md has no place for ${name}`);
    return `${text.slice(0, from + start.length)}\n\n${make()}\n\n${text.slice(to)}`;
  }, document);
}

if (process.argv[1] === fileURLToPath(import.meta.url)) {
  writeFileSync(DOMAIN_DOC, withGeneratedParts(readFileSync(DOMAIN_DOC, 'utf8')));
}

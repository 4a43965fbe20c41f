import { parseArgs } from 'node:util';
import { type Day, formatDay, parseDay } from '../core/calendar/day';
import { parseInput } from '../core/formats/parse-input';
import { type Answer, answerOf, type IssueInWords, refusal } from '../words/issues';
import type { Command } from './command';
import { broodCommand } from './commands/brood';
import { choicesCommand } from './commands/choices';
import { dateCellsCommand } from './commands/date-cells';
import { nextInspectionCommand } from './commands/next-inspection';
import { planCommand } from './commands/plan';
import { readCommand } from './commands/read';
import { scaleCommand } from './commands/scale';
import { visitsCommand } from './commands/visits';
import { weatherCommand } from './commands/weather';
import { whatIfCommand } from './commands/what-if';

const COMMANDS: Readonly<Record<string, Command>> = {
  'date-cells': dateCellsCommand as Command,
  brood: broodCommand as Command,
  'next-inspection': nextInspectionCommand as Command,
  read: readCommand as Command,
  plan: planCommand as Command,
  weather: weatherCommand as Command,
  scale: scaleCommand as Command,
  visits: visitsCommand as Command,
  'what-if': whatIfCommand as Command,
  choices: choicesCommand as Command,
};

const BAD_INPUT = 2;

/** Answers one command line with the standard input that came with it. */
export async function answer(args: readonly string[], stdin: string): Promise<Answer<unknown>> {
  const call = readArguments(args);
  if (!call.ok) return call;
  const { command, on } = call.value;
  const document = readJson(stdin);
  if (!document.ok) return document;
  const input = answerOf(parseInput(command.input, document.value));
  if (!input.ok) return input;
  const late = on === null ? [] : command.pastDays(input.value).filter(({ day }) => day > on);
  if (on !== null && late.length > 0) {
    return refusal(
      ...late.map(({ path, day }): IssueInWords => {
        const message = `${formatDay(day)} lies after ${formatDay(on)}, the day this is asked; correct the date`;
        return { path, code: 'in-the-future', message };
      }),
    );
  }
  return command.run(input.value, on);
}

function readArguments(args: readonly string[]): Answer<{ command: Command; on: Day | null }> {
  let parsed: { values: { on?: string | undefined }; positionals: string[] };
  try {
    parsed = parseArgs({ args: [...args], options: { on: { type: 'string' } }, allowPositionals: true });
  } catch (error) {
    const message = error instanceof Error ? error.message : String(error);
    return refusal({ path: [], code: 'unknown-option', message });
  }
  const [name, ...rest] = parsed.positionals;
  const known = Object.keys(COMMANDS).join(', ');
  const command = name !== undefined && Object.hasOwn(COMMANDS, name) ? COMMANDS[name] : undefined;
  if (!command || rest.length > 0) {
    return refusal({ path: [], code: 'unknown-command', message: `Give one command out of: ${known}` });
  }
  if (parsed.values.on === undefined) return { ok: true, value: { command, on: null } };
  if (command.takesDay === false) {
    return refusal({ path: ['--on'], code: 'unknown-option', message: `${name} takes no --on; leave it out` });
  }
  const on = parseDay(parsed.values.on);
  if (on !== null) return { ok: true, value: { command, on } };
  return refusal({ path: ['--on'], code: 'not-a-date', message: '--on takes a day written as YYYY-MM-DD' });
}

function readJson(text: string): Answer<unknown> {
  try {
    return { ok: true, value: JSON.parse(text) };
  } catch (error) {
    const detail = error instanceof Error ? error.message : String(error);
    return refusal({ path: [], code: 'not-json', message: `Standard input must be one JSON document: ${detail}` });
  }
}

async function main(): Promise<void> {
  const chunks: Buffer[] = [];
  for await (const chunk of process.stdin) chunks.push(chunk as Buffer);
  const result = await answer(process.argv.slice(2), Buffer.concat(chunks).toString('utf8'));
  if (result.ok) {
    process.stdout.write(`${JSON.stringify(result.value, null, 2)}\n`);
    return;
  }
  const [first] = result.issues;
  const error = { code: first?.code ?? 'invalid', issues: result.issues };
  process.stderr.write(`${JSON.stringify({ error })}\n`);
  process.exitCode = BAD_INPUT;
}

if (process.argv[1]?.endsWith('main.ts')) await main();

import type { z } from 'zod';
import { failure, type Issue, type IssueCode, type Result, success } from '../problems/issue';

type ZodIssue = z.core.$ZodIssue;

/**
 * Checks `input` against a schema and gives back the parsed value or every fault in it, each with its path. An unknown
 * property is reported at its own path: its parent's and its name.
 */
export function parseInput<S extends z.ZodType>(schema: S, input: unknown): Result<z.output<S>> {
  const parsed = schema.safeParse(input, { reportInput: true });
  return parsed.success ? success(parsed.data) : failure(...parsed.error.issues.flatMap(toIssues));
}

function toIssues(issue: ZodIssue): Issue[] {
  const path = issue.path.filter((part) => typeof part !== 'symbol');
  if (issue.code === 'unrecognized_keys') {
    return issue.keys.map((key) => ({
      path: [...path, key],
      code: 'unknown-property',
      message: `${JSON.stringify(key.slice(0, 60))} is not known here; leave it out or correct its name`,
    }));
  }
  return [{ path, ...faultOf(issue) }];
}

function faultOf(issue: ZodIssue): { code: IssueCode; message: string } {
  if (issue.input === undefined && (issue.code === 'invalid_type' || issue.code === 'invalid_value')) {
    return { code: 'missing', message: `is missing; ${wanted(issue)}` };
  }
  switch (issue.code) {
    case 'invalid_type':
      return { code: 'wrong-type', message: wanted(issue) };
    case 'invalid_value':
      return { code: 'not-one-of', message: wanted(issue) };
    case 'too_big':
      return issue.origin === 'string'
        ? { code: 'too-long', message: `is too long; at most ${issue.maximum} characters` }
        : { code: 'out-of-range', message: `must be ${issue.maximum} or less` };
    case 'too_small':
      return issue.origin === 'string'
        ? { code: 'missing', message: 'must not be empty' }
        : { code: 'out-of-range', message: `must be ${issue.minimum} or more` };
    case 'custom': {
      const named = issue.params?.issue;
      return { code: typeof named === 'string' ? (named as IssueCode) : 'invalid', message: issue.message };
    }
    default:
      return { code: 'invalid', message: issue.message };
  }
}

function wanted(issue: ZodIssue): string {
  if (issue.code === 'invalid_value') return `must be one of ${issue.values.map(String).join(', ')}`;
  if (issue.code === 'invalid_type') {
    const kinds: Record<string, string> = { int: 'a whole number', boolean: 'true or false', array: 'a list' };
    return `must be ${kinds[issue.expected] ?? `a value of type ${issue.expected}`}`;
  }
  return issue.message;
}

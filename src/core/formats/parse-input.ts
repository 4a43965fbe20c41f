import type { z } from 'zod';
import { failure, type Issue, type IssueCode, type Result, success } from '../problems/issue';
import { isProblem, say } from '../problems/says';
import type { Said } from '../says/said';

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
      message: say('property-not-known', { name: key.slice(0, 60) }),
    }));
  }
  return [{ path, ...faultOf(issue) }];
}

function faultOf(issue: ZodIssue): { code: IssueCode; message: Said } {
  if (issue.input === undefined && (issue.code === 'invalid_type' || issue.code === 'invalid_value')) {
    return { code: 'missing', message: say('is-missing', { wanted: wanted(issue) }) };
  }
  switch (issue.code) {
    case 'invalid_type':
      return { code: 'wrong-type', message: wanted(issue) };
    case 'invalid_value':
      return { code: 'not-one-of', message: wanted(issue) };
    case 'too_big':
      return issue.origin === 'string'
        ? { code: 'too-long', message: say('is-too-long', { maximum: Number(issue.maximum) }) }
        : { code: 'out-of-range', message: say('must-be-at-most', { maximum: Number(issue.maximum) }) };
    case 'too_small':
      return issue.origin === 'string'
        ? { code: 'missing', message: say('must-not-be-empty') }
        : { code: 'out-of-range', message: say('must-be-at-least', { minimum: Number(issue.minimum) }) };
    case 'custom': {
      const named = issue.params?.issue;
      return { code: typeof named === 'string' ? (named as IssueCode) : 'invalid', message: saidOf(issue) };
    }
    default:
      return { code: 'invalid', message: saidOf(issue) };
  }
}

/** What the field itself says of its fault. */
function saidOf(issue: ZodIssue): Said {
  if (issue.code === 'custom' && issue.params?.says) return issue.params.says as Said;
  return isProblem(issue.message) ? { says: issue.message } : say('not-as-expected');
}

function wanted(issue: ZodIssue): Said {
  if (issue.code === 'invalid_value') return say('must-be-one-of', { values: issue.values.map(String) });
  if (issue.code === 'invalid_type') return say('must-be-a', { kind: issue.expected });
  return saidOf(issue);
}

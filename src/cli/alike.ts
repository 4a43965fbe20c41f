import type { IssueInWords } from '../words/issues';

/** Values that stand in a list before already, each with where it stands. */
export function alike(
  values: readonly string[],
  pathOf: (index: number) => IssueInWords['path'],
  words: string,
  code: IssueInWords['code'] = 'duplicate-minute',
): readonly IssueInWords[] {
  const seen = new Set<string>();
  return values.flatMap((value, i): IssueInWords[] => {
    if (seen.has(value)) return [{ path: pathOf(i), code, message: `${value} ${words}` }];
    seen.add(value);
    return [];
  });
}

'use client';

import { type ReactNode, useId } from 'react';
import type { IssueInWords } from '../../words/issues';
import { FIELD } from './styles';

/** The message for one field of a form, by the first or the last name in its path. */
export function problemOf(issues: readonly IssueInWords[], field: string): string | null {
  return (
    issues
      .filter(({ path }) => path.at(-1) === field || path[0] === field)
      .map(({ message }) => message)
      .join(' ') || null
  );
}

interface Props {
  readonly name: string;
  readonly hint?: ReactNode;
  readonly problem: string | null;
  readonly children: (props: {
    id: string;
    className: string;
    'aria-invalid': boolean;
    'aria-describedby': string | undefined;
  }) => ReactNode;
}

/** A labelled field with its own message. */
export function Field({ name, hint, problem, children }: Props) {
  const id = useId();
  const describedBy = problem ? `${id}-problem` : hint ? `${id}-hint` : undefined;
  return (
    <div className="mt-4">
      <label htmlFor={id} className="font-display text-lg font-bold">
        {name}
      </label>
      {hint && (
        <p id={`${id}-hint`} className="text-muted text-sm">
          {hint}
        </p>
      )}
      {children({ id, className: FIELD, 'aria-invalid': problem !== null, 'aria-describedby': describedBy })}
      {problem && (
        <p id={`${id}-problem`} role="alert" className="text-propolis mt-1 font-bold">
          {problem}
        </p>
      )}
    </div>
  );
}

/** What is wrong with a part of a form that is no single field. */
export function FieldProblem({ text }: { text: string | null }) {
  if (!text) return null;
  return (
    <p role="alert" className="text-propolis mt-1 font-bold">
      {text}
    </p>
  );
}

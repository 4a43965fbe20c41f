'use client';

import { useState } from 'react';
import { type DefaultValues, type FieldErrors, type FieldValues, type Path, useForm } from 'react-hook-form';
import type { z } from 'zod';
import type { IssueInWords } from '../../words/issues';
import { useSave } from '../controls/useSave';

interface EntryFormAsked<V extends FieldValues> {
  /** What stands in the fields at first. */
  readonly values: V;
  /** Where it is sent. */
  readonly path: string;
  /** The schema that the server checks it with; it comes when something is first sent. */
  readonly schema: () => Promise<z.ZodType>;
  /** What is sent, from what stands in the fields. */
  readonly body: (values: V) => unknown;
  /** Where the keeper goes once it is stored. */
  readonly goTo: (values: V) => string;
}

/**
 * A form whose entry is checked here by the server's own schema before it is sent. What is wrong stands beside its field until it is
 * put right; what only the server can know follows, and nothing that was typed is lost.
 */
export function useEntryForm<V extends FieldValues>({ values: first, path, schema, body, goTo }: EntryFormAsked<V>) {
  const { issues: refused, isSaving, save } = useSave(path);
  const [tries, setTries] = useState(0);
  const [found, setFound] = useState<readonly IssueInWords[]>([]);
  const form = useForm<V>({
    defaultValues: first as DefaultValues<V>,
    resolver: async (values) => {
      const issues = await faultsOf(schema, body(values));
      setFound(issues);
      if (issues.length === 0) return { values, errors: {} };
      const errors = Object.fromEntries(
        issues.map(({ path: at, code, message }) => [nameOf(at), { type: code, message }]),
      );
      return { values: {}, errors: errors as FieldErrors<V> };
    },
    // The list of faults takes the focus, and leads to the fields.
    shouldFocusError: false,
  });
  return {
    values: form.watch(),
    register: form.register,
    /** Changes fields that are no inputs of the browser's own. */
    set: (fields: Partial<V>) => {
      for (const [name, value] of Object.entries(fields))
        form.setValue(name as Path<V>, value, { shouldDirty: true, shouldValidate: form.formState.isSubmitted });
    },
    issues: found.length > 0 ? found : refused,
    /** Changes with each try: the list of faults takes the focus then, and not while somebody types. */
    tries,
    isSaving: isSaving || form.formState.isSubmitting,
    submit: form.handleSubmit(
      async (valid) => {
        await save(body(valid), goTo(valid));
        setTries((n) => n + 1);
      },
      () => setTries((n) => n + 1),
    ),
  };
}

const nameOf = (path: IssueInWords['path']): string =>
  String(path.findLast((part) => typeof part === 'string') ?? 'root');

/** By the schema, in words; both come when they are first needed. Where they do not come, the server says what is wrong, or does not answer. */
async function faultsOf(load: () => Promise<z.ZodType>, entry: unknown): Promise<readonly IssueInWords[]> {
  try {
    const [schema, { parseInput }, { issueInWords }] = await Promise.all([
      load(),
      import('../../core/formats/parse-input'),
      import('../../words/issues'),
    ]);
    const parsed = parseInput(schema, entry);
    return parsed.ok ? [] : parsed.issues.map(issueInWords);
  } catch {
    return [];
  }
}

/**
 * Something to be said: its code, and what goes into the sentence. The core says nothing in English itself: `words/` knows for each code
 * how it is put. It can be stored and sent as it is.
 */
export interface Said {
  /** Subject and code, such as `schedule/eggs-due`. */
  readonly says: string;
  readonly with?: Readonly<Record<string, unknown>>;
}

/** What can be said on a subject: each code with what goes into it. */
export type Sayings<S> = { readonly [C in keyof S]: object };

/** A code that nothing goes into. */
export type Plain = Readonly<Record<never, never>>;

/** Says things on a subject, with what each code needs and nothing else; `codeOf` names a code as it stands in what was said. */
export function sayer<S extends Sayings<S>>(subject: string) {
  const codeOf = (code: keyof S & string) => `${subject}/${code}`;
  // What nothing goes into is the same each time: it is said of every inspection there ever was.
  const plain = new Map<string, Said>();
  const sayPlain = (code: keyof S & string): Said => {
    const said = plain.get(code) ?? { says: codeOf(code) };
    plain.set(code, said);
    return said;
  };
  const say = <C extends keyof S & string>(code: C, ...[params]: keyof S[C] extends never ? [] : [S[C]]): Said =>
    params === undefined
      ? sayPlain(code)
      : { says: sayPlain(code).says, with: params as Readonly<Record<string, unknown>> };
  return Object.assign(say, { codeOf });
}

/** Whether a value is something to be said. */
export const isSaid = (value: object): value is Said => 'says' in value;

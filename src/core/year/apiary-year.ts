import type { MonthDay, YearSpan } from './month-day';

/** What runs from a day to a day, in the order of most years. */
export const YEAR_SPANS = ['swarm-season', 'flow', 'dearth', 'autumn-flow'] as const;
export type YearSpanKind = (typeof YEAR_SPANS)[number];

/** What only begins: what comes next ends it. */
export const YEAR_STARTS = ['build-up', 'drones', 'winter'] as const;
/** `drones`: from then on drones fly that a young queen can mate with. */
export type YearStart = (typeof YEAR_STARTS)[number];

/** The days of the year at one apiary as its keeper knows them; what is not noted is not among them. */
export interface ApiaryYear {
  readonly starts: { readonly [S in YearStart]?: MonthDay | undefined };
  /** In any order; there may be two of a kind. */
  readonly spans: readonly (YearSpan & { readonly kind: YearSpanKind })[];
}

export const NO_YEAR: ApiaryYear = { starts: {}, spans: [] };

export const spansOf = (year: ApiaryYear | null, kind: YearSpanKind): readonly YearSpan[] =>
  (year?.spans ?? []).filter((span) => span.kind === kind);

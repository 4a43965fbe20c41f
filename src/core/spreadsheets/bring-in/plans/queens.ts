import { timeIssue } from '../../../colony/time-of-fact';
import { queenFact } from '../../../facts/queen';
import { parseInput } from '../../../formats/parse-input';
import type { SeasonFacts } from '../../../formats/season-file';
import type { Issue } from '../../../problems/issue';
import { say } from '../../../problems/says';
import { differences, isYes, saidOf } from '../compare';
import { asHeld, asNew, asRefused } from '../fate';
import type { Found } from '../hives';
import type { Asked, Change, Fate, Planning } from '../plan';
import type { ReadRow, Values } from '../read-row';
import { type Colony, fault, RowPlan, textOf } from '../row-plan';

type Queen = SeasonFacts['queens'][number];

const FIELDS = ['origin', 'emergedFrom', 'emergedTo', 'note', 'motherQueenId', 'isToBreedFrom'] as const;

/**
 * Queens, one a row: by their identifier, or as the one that was in a hive on a day. Of a queen of whom the year alone is written it is the
 * span of days in that year, up to the day on which she was seen.
 */
export const planQueens = (rows: readonly ReadRow[], asked: Asked): Planning =>
  new QueenPlan(asked, new Set(rows.flatMap(({ values }) => (typeof values.id === 'string' ? [values.id] : [])))).plan(
    rows,
  );

/** Where a queen was on a day; null: the row does not say it. */
type Place = { readonly colony: Colony; readonly at: string } | null;

class QueenPlan extends RowPlan {
  readonly #queens: Map<string, Queen>;
  /** Queens that were in a hive on a day. */
  readonly #present: Map<string, string>;
  readonly #met = new Set<string>();
  readonly #inSheet: ReadonlySet<string>;

  constructor(asked: Asked, inSheet: ReadonlySet<string>) {
    super(asked);
    this.#inSheet = inSheet;
    this.#queens = new Map(asked.book.queens.map((queen) => [queen.id, queen]));
    this.#present = new Map(
      asked.book.queenEvents
        .filter(({ kind, deletedAt }) => kind === 'present' && deletedAt === null)
        .map(({ colonyId, on, queenId }) => [`${colonyId} ${on}`, queenId]),
    );
  }

  protected fateOf(read: ReadRow): Fate {
    const place = this.#placeOf(read);
    if (!place.ok) return asRefused(read, [place.issue]);
    const id = textOf(read, 'id') ?? (place.is && this.#present.get(keyOf(place.is))) ?? null;
    const stands = id === null ? undefined : this.#queens.get(id);
    const said = saidOfQueen(read.values);
    const row = { ...(stands ?? unknownQueen(id ?? this.asked.newId())), ...said } as Queen;
    const wrong = this.#issuesOf(row);
    if (wrong.length > 0) return asRefused(read, wrong);
    this.#met.add(row.id);
    if (!stands) return this.#entered(read, row, place.is);
    const differs = differences(said, stands, FIELDS);
    if (differs.length > 0 && this.asked.matching.isOverBook) this.write('queens', row, stands);
    return asHeld(read, differs);
  }

  #placeOf(read: ReadRow): Found<Place> {
    const { colony, colonyId, id } = read.values;
    if (typeof colony !== 'string' && typeof colonyId !== 'string')
      return typeof id === 'string'
        ? { ok: true, is: null }
        : { ok: false, issue: fault('colony', 'missing', say('queen-without-hive')) };
    const hive = this.hiveOn(read, 'presentOn');
    if (!hive.ok) return hive;
    const { colony: is, at } = hive.is;
    const issue = timeIssue({ at }, is, this.asked.now, { at: ['presentOn'], to: ['presentOn'] });
    return issue ? { ok: false, issue } : hive;
  }

  #issuesOf(row: Queen): readonly Issue[] {
    if (this.#met.has(row.id)) return [fault('id', 'duplicate-id', say('twice-in-sheet'))];
    const parsed = parseInput(queenFact, row);
    if (!parsed.ok) return parsed.issues;
    const { id, emergedFrom, emergedTo, motherQueenId: mother } = row;
    if (emergedFrom !== null && emergedTo !== null && emergedTo < emergedFrom)
      return [fault('emergedTo', 'contradiction', say('emerged-by-before-from'))];
    const isThere = mother === null || this.#queens.has(mother) || this.#inSheet.has(mother);
    return isThere && mother !== id ? [] : [fault('motherQueenId', 'unknown-reference', say('choose-her-mother'))];
  }

  #entered(read: ReadRow, row: Queen, place: Place): Fate {
    this.#queens.set(row.id, row);
    this.write('queens', row);
    if (place) {
      const { colony, at: on } = place;
      this.uses(colony);
      this.#present.set(keyOf(place), row.id);
      const event = { id: this.asked.newId(), queenId: row.id, colonyId: colony.id, at: null, on, to: null } as const;
      this.write('queenEvents', { ...event, kind: 'present', went: null, hivedAsId: null, note: '', deletedAt: null });
    }
    return asNew(read);
  }

  /** A mother whose own row was refused is not there after all. */
  protected override finished(): readonly Change[] {
    return this.changes.map((change) => {
      if (change.table !== 'queens') return change;
      const row = change.row as Queen;
      const isThere = row.motherQueenId === null || this.#queens.has(row.motherQueenId);
      return isThere ? change : { ...change, row: { ...row, motherQueenId: null } };
    });
  }
}

const keyOf = ({ colony, at }: NonNullable<Place>) => `${colony.id} ${at}`;

const unknownQueen = (id: string): Queen => ({
  id,
  motherQueenId: null,
  origin: 'unknown',
  emergedFrom: null,
  emergedTo: null,
  note: '',
  isToBreedFrom: false,
});

function saidOfQueen(values: Values) {
  const toBreedFrom = isYes(values.isToBreedFrom);
  const said = saidOf({ ...values, ...emergedIn(values), isToBreedFrom: null }, FIELDS);
  return toBreedFrom === null ? said : { ...said, isToBreedFrom: toBreedFrom };
}

/** Digits of a year that was written short. */
const CENTURY = 2000;
const yearOf = (said: number) => (said < 100 ? CENTURY + said : said);

/** The days in which a queen of a year emerged, where nothing more exact is said. */
function emergedIn({ year, emergedFrom, emergedTo, presentOn }: Values): Partial<Values> {
  if (typeof year !== 'number' || typeof emergedFrom === 'string' || typeof emergedTo === 'string') return {};
  const last = `${yearOf(year)}-12-31`;
  return {
    emergedFrom: `${yearOf(year)}-01-01`,
    emergedTo: typeof presentOn === 'string' && presentOn < last ? presentOn : last,
  };
}

import { timeIssue } from '../../../colony/time-of-fact';
import { type queenEventFact as fact, queenEventFact } from '../../../facts/queen';
import { parseInput } from '../../../formats/parse-input';
import type { SeasonFacts } from '../../../formats/season-file';
import type { Issue } from '../../../problems/issue';
import { say } from '../../../problems/says';
import { differences, saidOf } from '../compare';
import { asHeld, asNew, asRefused } from '../fate';
import type { Found } from '../hives';
import type { Asked, Fate, Planning } from '../plan';
import type { ReadRow } from '../read-row';
import { type Colony, fault, RowPlan, textOf } from '../row-plan';

type QueenEvent = SeasonFacts['queenEvents'][number];
type Entered = ReturnType<(typeof fact)['parse']>;

const FIELDS = ['on', 'to', 'at', 'kind', 'went', 'note', 'queenId'] as const;
const keyOf = ({ colonyId, queenId, on, kind }: Entered) => `${colonyId} ${queenId} ${on} ${kind}`;

/** What happened to queens that the book has, one event a row. */
export const planQueenEvents = (rows: readonly ReadRow[], asked: Asked): Planning =>
  new QueenEventPlan(asked).plan(rows);

class QueenEventPlan extends RowPlan {
  readonly #queens: ReadonlySet<string>;
  readonly #byId: ReadonlyMap<string, QueenEvent>;
  readonly #alike: ReadonlyMap<string, QueenEvent>;
  /** Events that a row of the sheet is already, by their identifiers and by what they say. */
  readonly #met = new Set<string>();

  constructor(asked: Asked) {
    super(asked);
    const { queens, queenEvents } = asked.book;
    this.#queens = new Set(queens.map(({ id }) => id));
    this.#byId = new Map(queenEvents.map((event) => [event.id, event]));
    const standing = queenEvents.filter(({ deletedAt }) => deletedAt === null);
    this.#alike = new Map(standing.map((event) => [keyOf(event), event]));
  }

  protected fateOf(read: ReadRow): Fate {
    const hive = this.hiveOn(read, 'on');
    if (!hive.ok) return asRefused(read, [hive.issue]);
    const { colony } = hive.is;
    const hivedAs = this.#hivedAs(read);
    if (!hivedAs.ok) return asRefused(read, [hivedAs.issue]);
    const said = saidOf(read.values, FIELDS);
    const id = textOf(read, 'id');
    const bare = { at: null, to: null, went: null, note: '', hivedAsId: hivedAs.is };
    const parsed = parseInput(queenEventFact, {
      ...bare,
      ...said,
      id: id ?? this.asked.newId(),
      colonyId: colony.id,
    });
    if (!parsed.ok) return asRefused(read, parsed.issues);
    const event = parsed.value;
    const stands = id === null ? this.#alike.get(keyOf(event)) : this.#byId.get(id);
    const wrong = this.#cannotBe(event, colony, stands, id === null ? keyOf(event) : id);
    if (wrong) return asRefused(read, [wrong]);
    this.#met.add(id ?? keyOf(event));
    if (!stands) {
      this.uses(colony);
      this.write('queenEvents', { ...event, deletedAt: null });
      return asNew(read);
    }
    const differs = differences(said, stands, FIELDS);
    if (differs.length > 0 && this.asked.matching.isOverBook)
      this.write('queenEvents', { ...stands, ...said } as QueenEvent, stands);
    return asHeld(read, differs);
  }

  #hivedAs(read: ReadRow): Found<string | null> {
    const name = textOf(read, 'hivedAs');
    const [only, ...others] = name === null ? [] : this.hives.named(name, null);
    if (name === null || (only && others.length === 0)) return { ok: true, is: only?.id ?? null };
    return { ok: false, issue: fault('hivedAs', 'unknown-reference', say('choose-where-hived')) };
  }

  #cannotBe(event: Entered, colony: Colony, stands: QueenEvent | undefined, known: string): Issue | null {
    const { on, to, queenId } = event;
    if (!this.#queens.has(queenId)) return fault('queenId', 'unknown-reference', say('choose-a-queen'));
    const wrong = timeIssue({ at: on, to }, colony, this.asked.now, { at: ['on'], to: ['to'] });
    if (wrong) return wrong;
    if (stands && stands.colonyId !== colony.id) return fault('id', 'duplicate-id', say('entry-of-another-colony'));
    if (stands && stands.deletedAt !== null) return fault('id', 'not-found', say('taken-out-before'));
    return this.#met.has(known) ? fault('id', 'duplicate-id', say('twice-in-sheet')) : null;
  }
}

import { EGG_HATCHES } from '../biology/development';
import { addDays, type Day } from '../calendar/day';
import type { Thoroughness } from '../cells/thoroughness';
import type { MethodName } from '../methods/method';
import { methodNamed } from '../methods/methods';
import { honeyKgOf, isLaying } from '../population/unit';
import { foldColony } from '../state/fold';
import { goOnAsAdvised, startNow, type UnderWay } from './advised';
import { bookOf, CASE_SETTINGS } from './book';
import { type Case, type CaseEvent, type CaseMove, type CaseStart, isLoss } from './case';
import { emergesOn } from './case-cell';
import { mayBegin, methodsHere } from './methods-here';
import { CasePlay } from './play';

/** The last day of a case. */
export const lastDay = ({ from, days }: Case): Day => addDays(from, days);

/** A look before a loss: what of the live cells that hung there it showed. */
export interface LookBefore {
  readonly on: Day;
  readonly searched: Thoroughness;
  readonly seen: number;
  readonly unseen: number;
}

/** Bees that were lost, and what could have been known beforehand. */
export interface Loss {
  readonly event: CaseEvent;
  /** Cells that hung there on the day; none: nothing that a look would have shown. */
  readonly cells: number;
  /**
   * The first day on which a look would have shown one of them: with all bees off; with bees on, whatever they hide; and the day by which the
   * oldest was to be out.
   */
  readonly knowable: { readonly beesOff: Day; readonly beesOn: Day; readonly out: Day } | null;
  /** The keeper's looks from then on. */
  readonly looks: readonly LookBefore[];
}

function lossOf(event: CaseEvent, of: Case, moves: readonly CaseMove[], play: CasePlay): Loss {
  const index = event.on - of.from;
  const isAbove = event.kind === 'swarmed-above';
  const { hives, lookedAt } = play.played;
  const hive = hives.get(event.colonyId);
  const there = (hive?.cells ?? [])
    .filter(
      ({ begunOn, end, part }) =>
        begunOn <= index && (end === null || end.on >= index) && (part === 'above') === isAbove,
    )
    .sort((a, b) => a.laid - b.laid);
  const [oldest] = there;
  if (!oldest) return { event, cells: 0, knowable: null, looks: [] };
  const ids = new Set(there.map(({ id }) => id));
  const first = Math.min(...there.map(({ laid, begunOn }) => Math.max(begunOn, laid)));
  const beesOn = Math.min(
    ...there.map(({ laid, begunOn, isUnderBees }) => Math.max(begunOn, isUnderBees ? laid + EGG_HATCHES.value : laid)),
  );
  const looks = moves.flatMap((move): LookBefore[] => {
    if (move.kind !== 'look' || move.colonyId !== event.colonyId) return [];
    if (move.on > event.on || move.on < addDays(of.from, first)) return [];
    const found = lookedAt.get(move.id);
    const among = (all: readonly string[]) => all.filter((id) => ids.has(id)).length;
    return [
      { on: move.on, searched: move.searched, seen: among(found?.seen ?? []), unseen: among(found?.unseen ?? []) },
    ];
  });
  const dayOf = (at: number): Day => addDays(of.from, Math.max(0, at));
  return {
    event,
    cells: there.length,
    knowable: { beesOff: dayOf(first), beesOn: dayOf(beesOn), out: dayOf(emergesOn(oldest)) },
    looks,
  };
}

/** What a season came to. */
export interface CaseOutcome {
  readonly swarms: number;
  readonly casts: number;
  readonly firstLoss: Day | null;
  readonly colonies: number;
  readonly laying: number;
  readonly starved: number;
  readonly honeyKg: number;
  /** Days on which the keeper was at the hives. */
  readonly visits: number;
}

export function outcomeOfPlay(play: CasePlay, moves: readonly CaseMove[]): CaseOutcome {
  const { events, hives } = play.played;
  const losses = events.filter(isLoss);
  const units = [...hives.values()].map(({ unit }) => unit);
  return {
    swarms: losses.filter(({ kind }) => kind === 'swarmed').length,
    casts: losses.filter(({ kind }) => kind !== 'swarmed').length,
    firstLoss: losses[0]?.on ?? null,
    colonies: units.length,
    laying: units.filter(isLaying).length,
    starved: units.filter(({ hasStarved }) => hasStarved).length,
    honeyKg: Math.round(units.reduce((kg, unit) => kg + honeyKgOf(unit), 0)),
    visits: new Set(moves.map(({ on }) => on)).size,
  };
}

/** How a case was played, or might have been. */
export type OtherChoice =
  | { readonly kind: 'as-played' | 'nothing' | 'advised' }
  /** Another method on the day on which the first was begun, and from then on as the book says. */
  | { readonly kind: 'instead'; readonly method: MethodName; readonly moveId: string };

function replayed(of: Case, moves: readonly CaseMove[]): UnderWay {
  const play = new CasePlay(of);
  for (const move of moves) play.do(move);
  return { of, play, moves: [...moves] };
}

const firstStart = (moves: readonly CaseMove[]): CaseStart | undefined =>
  moves.find((move) => move.kind === 'start' && methodNamed(move.method).kind === 'swarm') as CaseStart | undefined;

/** What a keeper could have done otherwise, who asks afterwards: as the book says, nothing at all, or another method on the same day. */
export function otherChoices(of: Case, moves: readonly CaseMove[]): readonly OtherChoice[] {
  const always: readonly OtherChoice[] = [{ kind: 'as-played' }, { kind: 'advised' }, { kind: 'nothing' }];
  const start = firstStart(moves);
  if (!start) return always;
  const before = moves.slice(0, moves.indexOf(start));
  const facts = bookOf(of, before).get(start.colonyId);
  if (!facts) return always;
  const here = methodsHere(foldColony(facts, CASE_SETTINGS, start.on), of.mainFlow);
  return [
    ...always,
    ...here
      .filter(({ method, fit }) => method.kind === 'swarm' && method.name !== start.method && mayBegin(fit))
      .map(({ method }): OtherChoice => ({ kind: 'instead', method: method.name, moveId: start.id })),
  ];
}

/** What a choice comes to under the same luck. */
export function outcomeOfChoice(of: Case, moves: readonly CaseMove[], choice: OtherChoice): CaseOutcome {
  const end = lastDay(of);
  if (choice.kind === 'as-played') {
    const way = replayed(of, moves);
    way.play.passTo(end);
    return outcomeOfPlay(way.play, moves);
  }
  if (choice.kind === 'nothing') {
    const play = new CasePlay(of);
    play.passTo(end);
    return outcomeOfPlay(play, []);
  }
  const at = choice.kind === 'instead' ? moves.findIndex(({ id }) => id === choice.moveId) : 0;
  const start = moves[at];
  const way = replayed(of, moves.slice(0, at));
  if (choice.kind === 'instead' && start) {
    way.play.passTo(start.on);
    startNow(way, start.colonyId, methodNamed(choice.method));
  }
  goOnAsAdvised(way, end);
  return outcomeOfPlay(way.play, way.moves);
}

/** A season that was played to its end. */
export interface CaseEnding {
  readonly events: readonly CaseEvent[];
  readonly losses: readonly Loss[];
  readonly colonies: readonly {
    readonly colonyId: string;
    readonly isLaying: boolean;
    readonly bees: number;
    readonly honeyKg: number;
  }[];
}

/** What happened, and what could have been known of it when. */
export function endingOf(of: Case, moves: readonly CaseMove[]): CaseEnding {
  const { play } = replayed(of, moves);
  play.passTo(lastDay(of));
  const { events, hives } = play.played;
  return {
    events,
    losses: events.filter(isLoss).map((event) => lossOf(event, of, moves, play)),
    colonies: [...hives.values()].map(({ colonyId, unit }) => ({
      colonyId,
      isLaying: isLaying(unit),
      bees: Math.round((unit.house + unit.flyers) / 1000) * 1000,
      honeyKg: Math.round(honeyKgOf(unit)),
    })),
  };
}

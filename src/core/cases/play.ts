import { addDays, type Day } from '../calendar/day';
import type { Method, MethodName } from '../methods/method';
import { methodNamed, newUnitOf } from '../methods/methods';
import { actOn, bleed } from '../population/act';
import { USUAL_ASSUMED } from '../population/assumed';
import { newUnit, unitOf } from '../population/beginning';
import type { Part } from '../population/crowding';
import { survivalByAge } from '../population/day-step';
import { divide } from '../population/divide';
import { type Game, raisesFromBrood } from '../population/fate';
import { BROOD_BOX_CELLS, CAGED_AFTER, SUPER_CELLS } from '../population/figures';
import { luckOf } from '../population/luck';
import type { Unit } from '../population/unit';
import type { Case, CaseEvent, CaseEventKind, CaseLook, CaseMove, CaseStart } from './case';
import { isSeenBy, isStanding } from './case-cell';
import { caseDay, mayCast } from './case-day';
import {
  afterTakingDown,
  beginCellsAbove,
  beginEmergencyCells,
  beginSwarmCells,
  type CaseGame,
  type CaseHive,
  endCells,
  standingIn,
} from './case-hive';
import { giveYoungBrood } from './given-brood';

/** A case as far as it was played: the truth, of which the keeper knows what was looked at. */
export interface Played {
  readonly today: number;
  readonly hives: ReadonlyMap<string, CaseHive>;
  readonly events: readonly CaseEvent[];
  /** Live cells that stood in a hive when it was looked into, by the look: those that were seen, and those that were not. */
  readonly lookedAt: ReadonlyMap<string, { readonly seen: readonly string[]; readonly unseen: readonly string[] }>;
}

const GIVES_BROOD: ReadonlySet<MethodName> = new Set(['test-comb', 'give-eggs']);

/** The luck of each hive: those of the beginning first, then each that comes of a division. */
const ONE_RUN = 0;

/** Plays a case, move by move and day by day, up to the morning of a day with what was done on it. The same moves come to the same. */
export class CasePlay {
  readonly #case: Case;
  readonly #to: CaseGame & { readonly assumed: typeof USUAL_ASSUMED; readonly survival: Float64Array };
  readonly #weather: () => number;
  readonly #hives = new Map<string, CaseHive>();
  readonly #events: CaseEvent[] = [];
  readonly #lookedAt = new Map<string, { seen: readonly string[]; unseen: readonly string[] }>();
  readonly #starts = new Map<string, CaseStart>();
  #units: number;
  #today = 0;

  constructor(played: Case) {
    this.#case = played;
    const game: Game = {
      luck: luckOf(played.seed, ONE_RUN),
      matingSuccess: played.matingSuccess,
      assumed: USUAL_ASSUMED,
    };
    this.#to = { game, seed: played.seed, assumed: USUAL_ASSUMED, survival: survivalByAge(USUAL_ASSUMED) };
    this.#units = played.colonies.length;
    this.#weather = game.luck(0, 'weather');
    played.colonies.forEach(({ id, now }, n) => {
      const hive: CaseHive = { colonyId: id, unit: unitOf(now, played.from, game, n), cells: [], cycles: 0 };
      this.#hives.set(id, hive);
      if (hive.unit.preparing !== null) beginSwarmCells(hive, hive.unit.preparing, this.#to);
    });
  }

  get today(): Day {
    return addDays(this.#case.from, this.#today);
  }

  get played(): Played {
    return { today: this.#today, hives: this.#hives, events: this.#events, lookedAt: this.#lookedAt };
  }

  hive(colonyId: string): CaseHive {
    const hive = this.#hives.get(colonyId);
    if (!hive) throw new Error(`No hive ${colonyId} in this case`);
    return hive;
  }

  /** Lets days go by until the morning of a day. */
  passTo(day: Day): void {
    while (this.today < day) this.#passDay();
  }

  #passDay(): void {
    const { flow, season } = this.#case;
    const day = this.today;
    const part: Part = day < season.from ? 'build-up' : day <= season.to ? 'season' : 'over';
    const flowKg = flow.reduce((kg, one) => (one.from <= day && day <= one.to ? kg + one.kgPerDay : kg), 0);
    const isFit = this.#weather() < this.#to.assumed.fitToSwarm;
    for (const hive of this.#hives.values())
      this.#note(hive, caseDay(hive, this.#today, { flowKg, part, isFit }, this.#to));
    this.#today += 1;
  }

  #note({ colonyId }: CaseHive, kinds: readonly CaseEventKind[]): void {
    for (const kind of kinds) this.#events.push({ on: this.today, colonyId, kind });
  }

  /** Does what the keeper does, on its day; days before it go by first. */
  do(move: CaseMove): void {
    this.passTo(move.on);
    if (move.kind === 'look') this.#look(move);
    else if (move.kind === 'start') this.#start(move);
    else this.#answer(move.programmeId, move.answer);
  }

  #look({ id, colonyId, searched, entry }: CaseLook): void {
    const hive = this.hive(colonyId);
    const today = this.#today;
    const live = hive.cells.filter((cell) => isStanding(cell, today));
    const seen = live.filter((cell) => isSeenBy(cell, searched, today));
    const ids = new Set(seen.map((cell) => cell.id));
    this.#lookedAt.set(id, {
      seen: [...ids],
      unseen: live.filter((cell) => !ids.has(cell.id)).map((cell) => cell.id),
    });
    const down = new Set(entry.cells.filter(({ takenDown }) => takenDown).map(({ cellId }) => cellId));
    this.#takeDown(
      hive,
      seen.filter((cell) => down.has(cell.id)),
    );
  }

  #takeDown(hive: CaseHive, cells: CaseHive['cells']): void {
    if (cells.length === 0) return;
    endCells(cells, this.#today, 'taken-down');
    if (cells.some(({ part }) => part !== 'above')) afterTakingDown(hive, this.#today, this.#to);
  }

  #start(move: CaseStart): void {
    const method = methodNamed(move.method);
    const hive = this.hive(move.colonyId);
    const today = this.#today;
    this.#starts.set(move.id, move);
    if (method.clearsCells) {
      const kept = new Set(move.keptCellIds);
      const gone = hive.cells.filter((cell) => isStanding(cell, today) && !kept.has(cell.id));
      if (hive.unit.queen.kind === 'laying') {
        // What follows for the one with the queen, the method itself says.
        endCells(gone, today, 'taken-down');
        const [first] = standingIn(hive, today, 'nest');
        if (hive.unit.preparing !== null) hive.unit.preparing = first?.laid ?? null;
      } else this.#takeDown(hive, gone);
    }
    if (move.method === 'add-super') hive.unit.cellsInSupers += SUPER_CELLS.value;
    else if (move.method === 'add-box') hive.unit.cellsBelow += BROOD_BOX_CELLS.value;
    else if (GIVES_BROOD.has(move.method)) giveYoungBrood(hive, today, this.#to);
    else this.#actOn(hive, method, move);
  }

  #actOn(hive: CaseHive, method: Method, { newColonyId, buysQueen, method: choice }: CaseStart): void {
    const today = this.#today;
    const { game } = this.#to;
    const isGivenOne = buysQueen || method.units.some(({ queen }) => queen === 'caged');
    const caged = isGivenOne ? today + (hive.unit.queen.kind === 'laying' ? CAGED_AFTER.value : 0) : null;
    const hadQueen = hive.unit.queen.kind === 'laying';
    const raisingLuck = this.#units;
    const { units, isNamedRaising } = actOn(hive.unit, { choice, method, on: today, caged }, game, raisingLuck);
    if (method.sendsUp && hadQueen) {
      beginCellsAbove(hive, today, this.#to);
      return;
    }
    if (!method.divides || newColonyId === null) return;
    this.#units += 1;
    const [withQueen, without] = isNamedRaising === null ? [null, null] : units;
    if (withQueen && without)
      this.#part(hive, method, newColonyId, { withQueen, without, isNamedRaising: isNamedRaising === true });
    else this.#partWithoutQueen(hive, method, newColonyId, raisingLuck);
  }

  /** The hive and the one that comes of it, one with the queen and one that is to raise another. */
  #part(
    hive: CaseHive,
    method: Method,
    newColonyId: string,
    { withQueen, without, isNamedRaising }: { withQueen: Unit; without: Unit; isNamedRaising: boolean },
  ): void {
    const isNamedNew = newUnitOf(method)?.name === method.divides?.unit;
    const isRaisingNew = isNamedNew === isNamedRaising;
    const cells = hive.cells;
    const other: CaseHive = {
      colonyId: newColonyId,
      unit: isRaisingNew ? without : withQueen,
      cells: isRaisingNew ? cells : [],
      cycles: 0,
    };
    hive.unit = isRaisingNew ? withQueen : without;
    if (isRaisingNew) hive.cells = [];
    this.#hives.set(newColonyId, other);
    const raising = isRaisingNew ? other : hive;
    beginEmergencyCells(raising, this.#today, this.#to);
    mayCast(raising, this.#to);
  }

  /** She was gone before: the part without cells has to raise one from what brood there is. */
  #partWithoutQueen(hive: CaseHive, method: Method, newColonyId: string, ofUnit: number): void {
    const { divides } = method;
    if (!divides) return;
    const { game } = this.#to;
    const { named, other } = divide(hive.unit, divides);
    const child: CaseHive = {
      colonyId: newColonyId,
      unit: newUnit({ ...named, name: divides.unit, isToHaveNewQueen: true }, game.luck, ofUnit),
      cells: [],
      cycles: 0,
    };
    Object.assign(hive.unit, other);
    this.#hives.set(newColonyId, child);
    raisesFromBrood(child.unit, this.#today, game);
    beginEmergencyCells(child, this.#today, this.#to);
  }

  /** Of the checks that no look tells of, those with which the flying bees go over. */
  #answer(programmeId: string, answer: string): void {
    const start = this.#starts.get(programmeId);
    if (!start || start.newColonyId === null) return;
    const over = methodNamed(start.method).divides?.flyersGoOver;
    if ((over !== 'doors' || answer !== 'changed') && (over !== 'move-parent' || answer !== 'moved')) return;
    const [parent, child] = [this.hive(start.colonyId).unit, this.hive(start.newColonyId).unit];
    const isParentRaising = parent.isToHaveNewQueen;
    bleed(isParentRaising ? [child, parent] : [parent, child]);
  }
}

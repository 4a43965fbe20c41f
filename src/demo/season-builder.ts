import type { ColonyOrigin } from '../core/colony/facts';
import type { SurveyEntry } from '../core/facts/survey';
import type { YardMarkFact } from '../core/facts/yard';
import type { FoodKind } from '../core/food/food';
import type { SeasonFacts } from '../core/formats/season-file';
import type { KitPlace } from '../core/kit/kit-entry';
import type { MethodName } from '../core/methods/method';
import { methodNamed } from '../core/methods/methods';
import type { Thing } from '../core/methods/thing';
import type { WayName } from '../core/season-plan/way';
import { placeAfter } from '../core/yard/by-steps';
import type { Point } from '../core/yard/flyers';
import type { ApiaryYear } from '../core/year/apiary-year';
import { emptyFacts } from './empty-facts';
import { type BoxSaw, hiveOf } from './hive-saw';
import type { CellSaw, ColonyBuilder, LookSaw, ProgrammeBuilder, ProgrammeSaw } from './season-saw';

/** Puts a season together row by row, with identifiers that are the same each time. */
export class SeasonBuilder {
  readonly #facts = emptyFacts();
  #count = 0;

  #id(): string {
    this.#count += 1;
    return `01960000-0000-7000-8000-${this.#count.toString(16).padStart(12, '0')}`;
  }

  setting(key: SeasonFacts['settings'][number]['key'], value: unknown): void {
    this.#facts.settings.push({ key, value });
  }

  apiary(
    name: string,
    note = '',
    mainFlow: { from: string; to: string } | null = null,
    wayMinutes: number | null = null,
  ): string {
    const id = this.#id();
    this.#facts.apiaries.push({
      id,
      name,
      note,
      mainFlowFrom: mainFlow?.from ?? null,
      mainFlowTo: mainFlow?.to ?? null,
      swarmMonths: null,
      year: null,
      wayMinutes,
      diseaseSuspectedSince: null,
    });
    return id;
  }

  /** The days of an apiary's year. */
  year(apiaryId: string, year: ApiaryYear): void {
    const apiary = this.#facts.apiaries.find(({ id }) => id === apiaryId);
    if (!apiary) throw new Error(`No such apiary: ${apiaryId}`);
    apiary.year = { starts: year.starts, spans: year.spans };
  }

  /** How a colony is to be run in a season. */
  plan(
    colonyId: string,
    year: number,
    way: WayName,
    plannedOn: string,
    { count = 1, by = null, moved = {} }: { count?: number; by?: string | null; moved?: Record<string, string> } = {},
  ): void {
    const id = this.#id();
    this.#facts.seasonPlans.push({
      id,
      colonyId,
      year,
      way,
      plannedOn,
      count,
      method: null,
      by,
      moved,
      dropped: [],
      again: {},
      deletedAt: null,
    });
  }

  /** Food given, or honey taken, kg. */
  food(colonyId: string, at: string, kind: FoodKind, amount: number): void {
    this.#facts.foodEntries.push({ id: this.#id(), colonyId, at, kind, amount, note: '', deletedAt: null });
  }

  /** Daughters of her are wanted. */
  breedFrom(queenId: string): void {
    const queen = this.#facts.queens.find(({ id }) => id === queenId);
    if (queen) queen.isToBreedFrom = true;
  }

  /** A stand, metres to the east and the north, with where its hive flies to. */
  stand(apiaryId: string, name: string, x: number, y: number, facing: number): void {
    this.#facts.stands.push({ id: this.#id(), apiaryId, name, x, y, facing, deletedAt: null });
  }

  /** A hive on its way by steps from where its stand is to a point, moved on some days. */
  movedBySteps(standName: string, from: Point, to: Point, begunOn: string, steps: readonly string[]): void {
    const stand = this.#facts.stands.find(({ name }) => name === standName);
    if (!stand) throw new Error(`No such stand: ${standName}`);
    const move = { fromX: from.x, fromY: from.y, toX: to.x, toY: to.y, begunOn, steps, endedOn: null };
    Object.assign(stand, placeAfter(move, steps.length));
    this.#facts.standMoves.push({ ...move, id: this.#id(), standId: stand.id, ontoId: null });
  }

  mark(apiaryId: string, kind: YardMarkFact['kind'], x1: number, y1: number, x2: number, y2: number): void {
    this.#facts.yardMarks.push({ id: this.#id(), apiaryId, kind, x1, y1, x2, y2, deletedAt: null });
  }

  /** What was counted at a place at a minute. */
  counted(
    at: string,
    place: KitPlace,
    counts: { readonly [T in Thing]?: number },
    frozenSince: string | null = null,
  ): void {
    for (const [thing, count] of Object.entries(counts) as [Thing, number][])
      this.#facts.kitEntries.push({
        id: this.#id(),
        kind: 'counted',
        at,
        thing,
        count,
        from: null,
        to: place,
        packedFor: null,
        reason: '',
        frozenSince: thing === 'frozen-stores' ? frozenSince : null,
        deletedAt: null,
      });
  }

  queen(
    origin: 'raised' | 'bought' | 'swarm' | 'unknown',
    emergedFrom: string | null,
    emergedTo = emergedFrom,
    motherQueenId: string | null = null,
  ): string {
    const id = this.#id();
    this.#facts.queens.push({ id, motherQueenId, origin, emergedFrom, emergedTo, note: '', isToBreedFrom: false });
    return id;
  }

  colony(
    apiaryId: string,
    name: string,
    stand: string,
    startedOn: string,
    {
      origin = 'established',
      parentColonyId = null,
      note = '',
      endedOn = null,
    }: { origin?: ColonyOrigin; parentColonyId?: string | null; note?: string; endedOn?: string | null } = {},
  ): ColonyBuilder {
    const id = this.#id();
    this.#facts.colonies.push({
      id,
      apiaryId,
      name,
      stand,
      origin,
      parentColonyId,
      startedOn,
      endedOn,
      note,
      wanted: 'nothing',
      enteredOn: null,
      deletedAt: null,
    });
    const cellIds = new Map<string, string>();
    const builder: ColonyBuilder = {
      id,
      cell: (letter) => {
        const cellId = cellIds.get(letter);
        if (!cellId) throw new Error(`${name} has no cell ${letter}`);
        return cellId;
      },
      look: (at, saw = {}) => {
        this.#look(id, cellIds, at, saw);
        return builder;
      },
      queen: (on, kind, queenId, eventNote = '') => {
        this.#facts.queenEvents.push({
          id: this.#id(),
          queenId,
          colonyId: id,
          at: null,
          on,
          to: null,
          kind,
          went: null,
          hivedAsId: null,
          note: eventNote,
          deletedAt: null,
        });
        return builder;
      },
    };
    return builder;
  }

  /** The frames of a hive, a letter each, its boxes from the floor up. */
  survey(
    colonyId: string,
    at: string,
    boxes: readonly BoxSaw[],
    saw: Partial<Pick<SurveyEntry, 'source' | 'flow' | 'coveredSeams' | 'note'>> & {
      /** Box and frame that the queen was on, from 1. */
      readonly queenOn?: readonly [number, number];
    } = {},
  ): void {
    const { source = 'survey', flow = 'none', coveredSeams = null, note = '', queenOn } = saw;
    const before = this.#facts.surveys.findLast((survey) => survey.colonyId === colonyId)?.hive.boxes;
    const hive = hiveOf(boxes, before, () => this.#id());
    const queenFrame = queenOn && hive.boxes[queenOn[0] - 1]?.frames[queenOn[1] - 1];
    this.#facts.surveys.push({
      id: this.#id(),
      colonyId,
      at,
      source,
      manner: 'frames',
      flow,
      coveredSeams,
      queenFrameId: queenFrame?.id ?? null,
      hive,
      note,
      deletedAt: null,
    });
  }

  /** A method done with every step on a day; units that are not named are the colony itself. */
  programme(method: MethodName, colonyId: string, on: string, saw: ProgrammeSaw = {}): ProgrammeBuilder {
    const { units = {}, kept = [], queenId = null, note = '', buysQueen = false, turnsDaily = false } = saw;
    const id = this.#id();
    this.#facts.programmes.push({
      id,
      colonyId,
      method,
      at: null,
      on,
      to: null,
      endedOn: null,
      secondThinning: true,
      onlySealedBroodUp: false,
      queenShakenDown: false,
      buysQueen,
      turnsDaily,
      queenId,
      note,
      deletedAt: null,
    });
    const definition = methodNamed(method);
    for (const { name } of definition.units) {
      this.#facts.programmeUnits.push({
        id: this.#id(),
        programmeId: id,
        unit: name,
        colonyId: units[name] ?? colonyId,
      });
    }
    for (const cellId of kept) this.#facts.keptCells.push({ id: this.#id(), programmeId: id, cellId });
    for (const step of definition.steps.keys()) {
      this.#facts.stepsDone.push({ id: this.#id(), programmeId: id, step, at: `${on}T16:00` });
    }
    const builder: ProgrammeBuilder = {
      id,
      answer: (at, atColony, code, answer, queenlessColonyId) => {
        this.#facts.checkAnswers.push({
          id: this.#id(),
          programmeId: id,
          colonyId: atColony,
          code,
          nth: 1,
          at,
          answer,
          queenlessColonyId: queenlessColonyId ?? null,
          note: '',
        });
        return builder;
      },
    };
    return builder;
  }

  #look(colonyId: string, cellIds: Map<string, string>, at: string, { cells = {}, ...saw }: LookSaw): void {
    const inspectionId = this.#id();
    this.#facts.inspections.push({
      id: inspectionId,
      colonyId,
      at,
      to: null,
      thoroughness: 'bees-on',
      queen: 'not-looked-for',
      queenSeenAs: 'not-said',
      queenHandled: 'left',
      piping: 'not-listened',
      temper: 'not-noted',
      food: 'not-looked-for',
      until: null,
      isByHelper: false,
      eggs: 'seen',
      youngest: null,
      droneBroodInWorkerCells: 'none',
      severalEggsPerCell: 'none',
      stores: 'room',
      layingRoomDays: null,
      broodFrames: null,
      coveredSeams: null,
      drones: 'not-looked-for',
      note: '',
      ...saw,
      deletedAt: null,
    });
    for (const [label, what] of Object.entries(cells)) {
      const cell: CellSaw = typeof what === 'string' ? { found: what } : what;
      const { found, place, box = null, frame = null, part = null, takenDown = false } = cell;
      let cellId = cellIds.get(label);
      if (!cellId) {
        if (!place) throw new Error(`Cell ${label} is new on ${at} and needs a place`);
        cellId = this.#id();
        cellIds.set(label, cellId);
        this.#facts.cells.push({ id: cellId, colonyId, label, place, box, frame, part });
      }
      this.#facts.cellObservations.push({ id: this.#id(), inspectionId, cellId, found, takenDown });
    }
  }

  build(): SeasonFacts {
    return this.#facts;
  }
}

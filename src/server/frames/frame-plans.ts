import 'server-only';
import { and, desc, eq, gte, isNull } from 'drizzle-orm';
import { v7 as newId } from 'uuid';
import { addDays, day, dayOfMinute, daysBetween, formatDay } from '../../core/calendar/day';
import { isToCome, type Now } from '../../core/calendar/now';
import { checkHive } from '../../core/colony/check-survey';
import type { FramePlan, PlanProgress } from '../../core/facts/frame-plan';
import { startsOn } from '../../core/facts/starts';
import { methodNamed } from '../../core/methods/methods';
import { failure, type Issue, type Result, success } from '../../core/problems/issue';
import { say } from '../../core/problems/says';
import { allSizes } from '../../core/settings/settings';
import { carryForward } from '../../core/space/carry-forward';
import { framesOf } from '../../core/space/hive';
import { WHOLE } from '../../core/space/whole';
import type { Db } from '../../db/open';
import { findFramePlan, writeFramePlan } from '../../db/repositories/frame-plans';
import { addReceipt, receivedVersions } from '../../db/repositories/receipts';
import { loadSettings } from '../../db/repositories/settings';
import { standingColony } from '../../db/repositories/standing-colony';
import { surveysOf, writeSurvey } from '../../db/repositories/surveys';
import { framePlans, programmes, programmeUnits } from '../../db/schema/tables';
import { versionOf } from '../../device/version-of';
import { startAll } from '../programmes/start-all';

/** Stores where frames are to go. Sent again it lands once; one that was worked off is not changed any more. */
export function saveFramePlan(db: Db, plan: FramePlan): Result<{ id: string }> {
  return db.transaction((tx) => {
    if (!standingColony(tx, plan.colonyId)) {
      return failure({ path: ['colonyId'], code: 'unknown-reference', message: say('choose-a-colony') });
    }
    const settings = loadSettings(tx);
    const issues = plan.units.flatMap(({ hive }, i) =>
      checkHive({ hive, queenFrameId: null }, settings).map((issue) => ({
        ...issue,
        path: ['units', i, ...issue.path],
      })),
    );
    if (issues.length > 0) return failure(...issues);
    if (findFramePlan(tx, plan.id)?.finishedAt) return success({ id: plan.id });
    writeFramePlan(tx, { ...plan, finishedAt: null });
    return success({ id: plan.id });
  });
}

/** A method begun so long before a plan is still the one that it is for. */
const SAME_START_DAYS = 7;

/**
 * Ticks steps; once all is done, each hive of the plan is as it was planned, and that is what the next survey starts from. A method
 * that makes a new colony has to be started first, so that its frames have a colony to be in.
 */
export function workOnPlan(db: Db, progress: PlanProgress, now: Now): Result<{ id: string }> {
  const { id, at, done, isFinished, isDropped } = progress;
  return db.transaction(
    (tx) => {
      const version = versionOf(progress);
      // Sent again it changes nothing, whatever was ticked meanwhile.
      if (receivedVersions(tx, id).includes(version)) return success({ id });
      const plan = findFramePlan(tx, id);
      if (!plan) return failure({ path: ['id'], code: 'not-found', message: say('no-such-plan') });
      if (plan.finishedAt !== null) return success({ id });
      if (isToCome(at, now.minute)) {
        const message = say('device-clock-ahead', { now: now.minute });
        return failure({ path: ['at'], code: 'in-the-future', message });
      }
      if (isDropped) {
        tx.update(framePlans).set({ deletedAt: now.instant }).where(eq(framePlans.id, id)).run();
        addReceipt(tx, id, version, now);
        return success({ id });
      }
      const ticked = [...new Set(done)].filter((step) => step < plan.steps.length).sort((a, b) => a - b);
      if (!isFinished) {
        writeFramePlan(tx, { ...plan, done: ticked });
        addReceipt(tx, id, version, now);
        return success({ id });
      }
      // Working the list off is carrying the method out, on the day on which it was done; one that runs already is not begun twice.
      if (plan.begins && !isBegun(tx, plan)) {
        const begun = startAll(tx, startsOn(plan.begins, at), now);
        if (!begun.ok) return failure(...begun.issues.map(asOfPlan));
      }
      const homes = plan.units.map(({ name, hive }) => ({ hive, colonyId: homeOf(tx, plan, name) }));
      if (homes.some(({ colonyId }) => colonyId === null)) {
        const message = say('start-the-method-first', { method: plan.method });
        return failure({ path: ['isFinished'], code: 'missing', message });
      }
      writeFramePlan(tx, { ...plan, done: plan.steps.map((_, i) => i), finishedAt: at });
      const before = surveysOf(tx, plan.colonyId)[0];
      const sizes = allSizes(loadSettings(tx));
      // Brood has grown older since the list was made, and bees cover the seams that they covered.
      const days = Math.max(0, daysBetween(day(plan.on), dayOfMinute(at)));
      for (const { hive, colonyId } of homes) {
        const isHers = framesOf(hive).some((frame) => frame.id === plan.queenFrameId);
        writeSurvey(tx, {
          id: newId(),
          colonyId: colonyId as string,
          at,
          source: 'moves',
          manner: before?.manner ?? 'frames',
          flow: before?.flow ?? 'none',
          coveredSeams: homes.length === 1 ? (before?.coveredSeams ?? null) : null,
          queenFrameId: isHers ? plan.queenFrameId : null,
          // Where her frame is known she lays in that hive alone.
          hive: carryForward(hive, days, sizes, isHers || plan.queenFrameId === null),
          note: '',
        });
      }
      return success({ id });
    },
    { behavior: 'immediate' },
  );
}

/** What was refused of a start, as it is to be put right from the list. */
const asOfPlan = (issue: Issue): Issue => ({
  ...issue,
  path: ['begins', ...issue.path],
  message: say('start-on-its-own-page', { problem: issue.message }),
});

/** What a plan begins was begun already: by the same start sent before, or by hand since the list was made. */
function isBegun(db: Db, plan: FramePlan): boolean {
  const begun = begunOf(db, plan);
  return begun !== undefined && (begun.id === plan.begins?.start.id || begun.on >= plan.on);
}

/** A method of a colony is under way that was begun so shortly before a day that frames moved then are moved for it. */
export const runsAlready = (db: Db, plan: Pick<FramePlan, 'method' | 'colonyId' | 'on'>): boolean =>
  begunOf(db, plan) !== undefined;

/** A new colony comes of the plan whose method has not been started yet. */
export function awaitsStart(db: Db, plan: FramePlan): boolean {
  return plan.begins === null && plan.units.some(({ name }) => homeOf(db, plan, name) === null);
}

/** The colony that a unit of a plan is: the one it was planned for, or the one that the method made; null: not made yet. */
function homeOf(db: Db, plan: FramePlan, unit: string): string | null {
  const { method, colonyId } = plan;
  if (unit === WHOLE) return colonyId;
  // Another colony’s hive that was brought in goes by its id.
  if (standingColony(db, unit)) return unit;
  if (!methodNamed(method).units.some(({ name, isNewColony }) => name === unit && isNewColony)) return colonyId;
  const begun = begunOf(db, plan);
  if (!begun) return null;
  const made = db.select().from(programmeUnits).where(eq(programmeUnits.programmeId, begun.id)).all();
  return made.find((one) => one.unit === unit)?.colonyId ?? null;
}

function begunOf(db: Db, { method, colonyId, on }: Pick<FramePlan, 'method' | 'colonyId' | 'on'>) {
  return db
    .select()
    .from(programmes)
    .where(
      and(
        eq(programmes.colonyId, colonyId),
        eq(programmes.method, method),
        gte(programmes.on, formatDay(addDays(day(on), -SAME_START_DAYS))),
        isNull(programmes.deletedAt),
      ),
    )
    .orderBy(desc(programmes.on))
    .get();
}

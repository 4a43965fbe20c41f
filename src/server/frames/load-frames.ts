import 'server-only';
import { and, desc, eq, isNotNull } from 'drizzle-orm';
import { framesOf, type Hive } from '../../core/space/hive';
import type { Db } from '../../db/open';
import { framePlansOf } from '../../db/repositories/frame-plans';
import { loadKeptFrames } from '../../db/repositories/kept-frames';
import { surveysOf } from '../../db/repositories/surveys';
import { surveys } from '../../db/schema/tables';
import { minuteWords } from '../../words/days';
import { frameOfBoxWords, framePlanWords, surveyWords } from '../../words/frame-lists';
import { frameHistory } from './frame-history';

/** A colony’s surveys, plans and followed frames, for its page of frames. */
export function loadFrames(db: Db, colonyId: string, hive: Hive) {
  const here = new Set(framesOf(hive).map(({ id }) => id));
  const kept = loadKeptFrames(db).filter(({ id }) => here.has(id));
  const named = new Set(kept.map(({ id }) => id));
  // The newest first.
  const told = surveysOf(db, colonyId);
  return {
    surveys: told.map((survey, i) => ({
      id: survey.id,
      when: minuteWords(survey.at),
      words: surveyWords(survey, told[i + 1]),
    })),
    deleted: db
      .select({ id: surveys.id, at: surveys.at })
      .from(surveys)
      .where(and(eq(surveys.colonyId, colonyId), isNotNull(surveys.deletedAt)))
      .orderBy(desc(surveys.at))
      .all()
      .map(({ id, at }) => ({ id, when: minuteWords(at) })),
    plans: framePlansOf(db, colonyId).map((plan) => ({
      id: plan.id,
      words: framePlanWords(plan),
      isOver: plan.finishedAt !== null,
    })),
    followed: kept.map((frame) => ({ ...frame, history: frameHistory(db, frame.id) })),
    choices: hive.boxes.flatMap((box) =>
      box.frames.flatMap(({ id, kind }, i) =>
        kind === 'comb' && !named.has(id) ? [{ id, place: frameOfBoxWords(hive, box, i) }] : [],
      ),
    ),
  };
}

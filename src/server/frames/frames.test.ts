import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { day } from '../../core/calendar/day';
import type { Now } from '../../core/calendar/now';
import type { FramePlan } from '../../core/facts/frame-plan';
import type { ProgrammeStart } from '../../core/facts/programme-start';
import { type SurveyEntry, surveyFact } from '../../core/facts/survey';
import { problem } from '../../core/problems/says';
import { verbatim } from '../../core/says/together';
import { DEFAULT_SETTINGS } from '../../core/settings/settings';
import { carryForward } from '../../core/space/carry-forward';
import { FRAME_SIZES } from '../../core/space/frame-size';
import type { Box } from '../../core/space/hive';
import type { Book } from '../../db/open';
import { findFramePlan } from '../../db/repositories/frame-plans';
import { loadSettings } from '../../db/repositories/settings';
import { findSurvey, surveysOf } from '../../db/repositories/surveys';
import { programmes, programmeUnits, revisions } from '../../db/schema/tables';
import { versionOf } from '../../device/version-of';
import { loadColony } from '../colony-page';
import { saveKeptFrame } from '../entries/save-kept-frame';
import { changeSettings } from '../entries/save-settings';
import { deleteSurvey, restoreSurvey, saveSurvey } from '../entries/save-survey';
import { startProgramme } from '../programmes/start-programme';
import { aStart, bookOf, codes, id } from '../testing';
import { frameHistory } from './frame-history';
import { awaitsStart, saveFramePlan, workOnPlan } from './frame-plans';

const now: Now = { today: day('2027-05-16'), minute: '2027-05-16T18:00', instant: '2027-05-16T18:00:00.000Z' };
const [APIARY, CLOVER, NUC, SURVEY, PLAN] = [id(1), id(2), id(3), id(4), id(5)];

const box = (n: number, frames: readonly number[], over: Partial<Box> = {}): Box => ({
  id: id(n),
  role: 'brood',
  size: 'national-deep',
  places: 4,
  under: 'open',
  frames: frames.map((frame) => ({
    id: id(frame),
    kind: 'comb',
    size: 'national-deep',
    sides: [{ sealed: 6, empty: 4 }, { honey: 10 }],
  })),
  ...over,
});
const survey = (over: Partial<SurveyEntry> = {}): SurveyEntry => ({
  id: SURVEY,
  colonyId: CLOVER,
  at: '2027-05-16T12:00',
  source: 'survey',
  manner: 'frames',
  flow: 'light',
  coveredSeams: 8,
  queenFrameId: id(101),
  hive: { boxes: [box(100, [101, 102, 103, 104])] },
  note: '',
  ...over,
});

let opened: Book;
beforeEach(() => {
  opened = bookOf(APIARY, { Clover: CLOVER, 'Clover nuc': NUC });
});
afterEach(() => opened.sqlite.close());

const saved = (over: Partial<SurveyEntry> = {}, replaced: readonly string[] = []) =>
  codes(saveSurvey(opened.db, survey(over), now, replaced));

describe('a survey', () => {
  it('lands once however often it is sent, and a correction keeps what stood there', () => {
    expect([saved(), saved()]).toEqual(['stored', 'stored']);
    expect(opened.db.select().from(revisions).all()).toEqual([]);
    // Another word under its id, by somebody who did not know of the first, is a question.
    expect(saved({ coveredSeams: 9 })).toEqual(['changed-meanwhile ']);
    const first = findSurvey(opened.db, SURVEY)?.survey;
    expect(saved({ coveredSeams: 9 }, [versionOf(first)])).toBe('stored');
    expect(findSurvey(opened.db, SURVEY)?.survey.coveredSeams).toBe(9);
    expect(opened.db.select().from(revisions).all()).toMatchObject([
      { entity: 'survey', action: 'corrected', before: { coveredSeams: 8 } },
    ]);
  });

  it.each([
    ['a colony that is not there', { colonyId: id(9) }, ['unknown-reference colonyId']],
    ['the future', { at: '2027-05-16T18:11' }, ['in-the-future at']],
    ['a queen on a frame that is not there', { queenFrameId: id(999) }, ['unknown-reference queenFrameId']],
    [
      'more frames than a box has places',
      { hive: { boxes: [box(100, [101, 102, 103, 104, 105])] } },
      ['out-of-range hive.boxes.0.frames'],
    ],
    [
      'a size that nobody knows',
      { hive: { boxes: [box(100, [101], { size: 'barrel' })] } },
      ['unknown-reference hive.boxes.0.size'],
    ],
  ])('refuses %s', (_, over, expected) => {
    expect(saved(over)).toEqual(expected);
    expect(surveysOf(opened.db, CLOVER)).toEqual([]);
  });

  it('is deleted and put back', () => {
    saved();
    expect(codes(deleteSurvey(opened.db, SURVEY, now))).toBe('stored');
    expect(surveysOf(opened.db, CLOVER)).toEqual([]);
    expect(codes(restoreSurvey(opened.db, SURVEY, now))).toBe('stored');
    expect(surveysOf(opened.db, CLOVER)).toHaveLength(1);
    expect(codes(deleteSurvey(opened.db, id(77), now))).toEqual(['not-found id']);
  });

  it('is only taken with sides that make ten, whole combs and at least one brood box', () => {
    const faults = (over: object) => {
      const read = surveyFact.safeParse({ ...survey(), ...over });
      return read.success ? [] : read.error.issues.map(({ message }) => message);
    };
    const [nest] = survey().hive.boxes as [Box];
    const withFrame = (frame: object) => ({
      hive: { boxes: [{ ...nest, frames: [{ ...nest.frames[0], ...frame }] }] },
    });
    expect(faults({})).toEqual([]);
    expect(faults(withFrame({ sides: [{ sealed: 6 }, { honey: 10 }] }))).toEqual([problem('tenths-not-ten')]);
    expect(faults(withFrame({ kind: 'dummy' }))).toEqual([problem('dummy-with-sides')]);
    expect(faults({ hive: { boxes: [{ ...nest, role: 'super' }] } })).toEqual([problem('no-brood-box')]);
    expect(faults({ hive: { boxes: [nest, nest] } })).toEqual([problem('frame-twice')]);
  });
});

const PROGRESS = { at: now.minute, done: [], isFinished: true, isDropped: false };

describe('a plan of frames', () => {
  const plan = (over: Partial<FramePlan> = {}): FramePlan => ({
    id: PLAN,
    colonyId: CLOVER,
    method: 'nuc-swarm',
    on: '2027-05-16',
    units: [
      { name: 'nuc', hive: { boxes: [box(200, [101])] } },
      { name: 'parent', hive: { boxes: [box(100, [102, 103, 104])] } },
    ],
    out: [],
    queenFrameId: id(101),
    steps: [
      { kind: 'frame', text: verbatim('Frame 1 to the nuc.'), frameIds: [id(101)] },
      { kind: 'close', text: verbatim('Close up.'), frameIds: [] },
    ],
    done: [],
    finishedAt: null,
    begins: null,
    ...over,
  });
  const work = (over: object = {}) =>
    codes(
      workOnPlan(opened.db, { id: PLAN, at: now.minute, done: [0], isFinished: false, isDropped: false, ...over }, now),
    );
  const begin = () => {
    opened.db
      .insert(programmes)
      .values({
        id: id(50),
        colonyId: CLOVER,
        method: 'nuc-swarm',
        on: '2027-05-16',
        endedOn: null,
        secondThinning: true,
        onlySealedBroodUp: false,
        buysQueen: false,
        queenId: null,
        note: '',
        deletedAt: null,
      })
      .run();
    opened.db
      .insert(programmeUnits)
      .values([
        { id: id(51), programmeId: id(50), unit: 'nuc', colonyId: NUC },
        { id: id(52), programmeId: id(50), unit: 'parent', colonyId: CLOVER },
      ])
      .run();
  };

  it('is ticked step by step, and steps that it has not are left out', () => {
    saveFramePlan(opened.db, plan());
    expect(work({ done: [0, 0, 7] })).toBe('stored');
    expect(findFramePlan(opened.db, PLAN)?.done).toEqual([0]);
  });

  it('waits for the method to be started where a new colony comes of it; then each hive is as planned', () => {
    saved();
    saveFramePlan(opened.db, plan());
    expect(awaitsStart(opened.db, plan())).toBe(true);
    expect(work({ isFinished: true })).toEqual(['missing isFinished']);
    begin();
    expect(awaitsStart(opened.db, plan())).toBe(false);
    expect(work({ isFinished: true })).toBe('stored');
    expect(surveysOf(opened.db, NUC)).toMatchObject([
      { source: 'moves', at: now.minute, flow: 'light', queenFrameId: id(101), hive: plan().units[0]?.hive },
    ]);
    expect(surveysOf(opened.db, CLOVER)[0]).toMatchObject({ source: 'moves', queenFrameId: null });
    // Said again it lands once.
    expect(work({ isFinished: true })).toBe('stored');
    expect(surveysOf(opened.db, NUC)).toHaveLength(1);
    expect(frameHistory(opened.db, id(101))).toEqual([
      '16 May: Clover, brood box, frame 1',
      '16 May: Clover nuc, brood box, frame 1',
    ]);
  });

  it('is done when it was said to be, however late that comes here, and not before that', () => {
    saveFramePlan(opened.db, plan());
    begin();
    expect(work({ at: '2027-05-16T23:59', isFinished: true })).toEqual(['in-the-future at']);
    expect(work({ at: '2027-05-16T09:30', isFinished: true })).toBe('stored');
    expect(findFramePlan(opened.db, PLAN)?.finishedAt).toBe('2027-05-16T09:30');
    expect(surveysOf(opened.db, NUC)).toMatchObject([{ source: 'moves', at: '2027-05-16T09:30' }]);
  });

  it('gives frames to another colony whose hive was brought in', () => {
    const units = [
      { name: 'hive', hive: { boxes: [box(100, [102, 103, 104])] } },
      { name: NUC, hive: { boxes: [box(300, [101])] } },
    ];
    saveFramePlan(opened.db, plan({ method: 'open-sides', units }));
    expect(work({ isFinished: true })).toBe('stored');
    expect(surveysOf(opened.db, NUC)[0]?.hive).toEqual(units[1]?.hive);
  });

  it('worked off days later leaves the frames as they are by then, and the seams that bees cover', () => {
    saved();
    const hive = { boxes: [box(100, [101, 102, 103, 104])] };
    const units = [{ name: 'hive', hive }];
    saveFramePlan(opened.db, plan({ method: 'open-sides', on: '2027-05-10', units }));
    expect(work({ isFinished: true })).toBe('stored');
    const [after, before] = surveysOf(opened.db, CLOVER);
    expect(after?.hive).toEqual(carryForward(hive, 6, FRAME_SIZES, true));
    expect(after?.hive).not.toEqual(hive);
    expect(after?.coveredSeams).toBe(before?.coveredSeams);
  });

  describe('that begins its method', () => {
    const start = (over: Partial<ProgrammeStart> = {}): ProgrammeStart =>
      aStart({
        id: id(60),
        colonyId: CLOVER,
        method: 'nuc-swarm',
        on: '2027-05-14',
        newColony: { id: id(61), name: 'Clover spare', apiaryId: APIARY, stand: '' },
        ...over,
      });
    const begun = () => opened.db.select().from(programmes).all();
    const planned = (over: Partial<ProgrammeStart> = {}) =>
      saveFramePlan(opened.db, plan({ on: '2027-05-14', begins: { start: start(over), gifts: [] } }));

    it('carries it out when it is worked off: begun on that day, with the new colony and its frames, once', () => {
      expect(codes(planned())).toBe('stored');
      expect(begun()).toEqual([]);
      const over = { at: '2027-05-16T11:00', isFinished: true };
      expect([work(over), work({ ...over, done: [0, 1] })]).toEqual(['stored', 'stored']);
      expect(begun()).toMatchObject([{ id: id(60), method: 'nuc-swarm', on: '2027-05-16', at: '2027-05-16T11:00' }]);
      expect(surveysOf(opened.db, id(61))[0]?.queenFrameId).toBe(id(101));
      const checks = (colonyId: string) =>
        loadColony(opened, colonyId, now.today)?.state.schedule.checks.map(({ code }) => code);
      expect(checks(id(61))).toContain('nuc-settled');
    });

    it('a space addition gets its check, and is begun though the same was begun some days before', () => {
      const units = [{ name: 'hive', hive: { boxes: [box(100, [101, 102, 103, 104])] } }];
      const room = { method: 'open-sides' as const, newColony: null, secondThinning: false };
      const list = (n: number, on: string) =>
        plan({
          id: id(n),
          method: 'open-sides',
          on,
          units,
          begins: { start: start({ ...room, id: id(n + 1) }), gifts: [] },
        });
      for (const [n, on] of [
        [70, '2027-05-10'],
        [80, '2027-05-15'],
      ] as const) {
        saveFramePlan(opened.db, list(n, on));
        expect(codes(workOnPlan(opened.db, { ...PROGRESS, id: id(n), at: `${on}T12:00` }, now))).toBe('stored');
      }
      expect(begun().map(({ on }) => on)).toEqual(['2027-05-10', '2027-05-15']);
    });

    it('does not begin what was begun by hand since', () => {
      planned();
      expect(codes(startProgramme(opened.db, start({ id: id(65), on: '2027-05-15' }), now))).toBe('stored');
      expect(work({ isFinished: true })).toBe('stored');
      expect(begun().map(({ id: one }) => one)).toEqual([id(65)]);
    });

    it('is refused whole where the method is: no frame is moved, and it says where to put it right', () => {
      planned({ newColony: { id: id(61), name: 'Clover nuc', apiaryId: APIARY, stand: '' } });
      expect(work({ isFinished: true })).toEqual(['duplicate-id begins.newColony.name']);
      expect(begun()).toEqual([]);
      expect(surveysOf(opened.db, CLOVER)).toEqual([]);
      expect(findFramePlan(opened.db, PLAN)?.finishedAt).toBeNull();
    });
  });

  it('is given up, and moves nothing', () => {
    saveFramePlan(opened.db, plan());
    expect(work({ isDropped: true })).toBe('stored');
    expect(findFramePlan(opened.db, PLAN)).toBeNull();
    expect(work()).toEqual(['not-found id']);
  });

  it('is refused for a colony or a size that is not there', () => {
    expect(codes(saveFramePlan(opened.db, plan({ colonyId: id(9) })))).toEqual(['unknown-reference colonyId']);
    const units = [{ name: 'hive', hive: { boxes: [box(100, [101], { size: 'barrel' })] } }];
    expect(codes(saveFramePlan(opened.db, plan({ units })))).toEqual(['unknown-reference units.0.hive.boxes.0.size']);
  });
});

it('two frames cannot be followed under one name', () => {
  const frame = { id: id(101), label: 'A', combYear: 2025, base: 'wired-wax', note: '' } as const;
  expect(codes(saveKeptFrame(opened.db, frame))).toBe('stored');
  expect(codes(saveKeptFrame(opened.db, { ...frame, note: 'warped' }))).toBe('stored');
  expect(codes(saveKeptFrame(opened.db, { ...frame, id: id(102) }))).toEqual(['duplicate-id label']);
});

it('a size of one’s own can be used, and not be left out while a hive has it', () => {
  const own = { id: id(70), name: 'Long box', cells: 9000, places: 20 };
  const settings = { ...DEFAULT_SETTINGS, ownSizes: [own] };
  expect(codes(changeSettings(opened.db, { ...DEFAULT_SETTINGS, broodSize: own.id }))).toEqual([
    'unknown-reference broodSize',
  ]);
  expect(codes(changeSettings(opened.db, settings))).toBe('stored');
  expect(loadSettings(opened.db).ownSizes).toEqual([own]);
  expect(saved({ hive: { boxes: [box(100, [101], { size: own.id })] } })).toBe('stored');
  expect(codes(changeSettings(opened.db, DEFAULT_SETTINGS))).toEqual(['in-use ownSizes']);
});

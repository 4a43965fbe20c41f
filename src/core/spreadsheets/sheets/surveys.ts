import type { SeasonFacts } from '../../formats/season-file';
import { CONTENTS } from '../../space/content';
import { byTime, namesOf, standing } from '../names';
import { type Column, type Sheet, sheetOf } from '../sheet';

const SIDES = ['left', 'right'] as const;

/** Every side of every comb at every survey, in tenths of the side: one line each. What is no comb has one line without tenths. */
export function surveysSheet(facts: SeasonFacts): Sheet {
  const names = namesOf(facts);
  const rows = byTime(standing(facts.surveys)).flatMap((survey) =>
    survey.hive.boxes.flatMap((box, boxIndex) =>
      box.frames.flatMap((frame, place) =>
        (frame.sides ?? [null]).map((side, i) => ({ survey, box, boxIndex, frame, place, side, of: SIDES[i] })),
      ),
    ),
  );
  type Row = (typeof rows)[number];
  const contents = CONTENTS.map(
    (content): Column<Row> => ({
      head: content === 'droneComb' ? 'empty-drone-comb' : content,
      of: ({ side }) => (side === null ? null : (side[content] ?? 0)),
    }),
  );
  return sheetOf<Row>(
    [
      { head: 'apiary', of: ({ survey }) => names.apiaryOf(survey.colonyId) },
      { head: 'colony', of: ({ survey }) => names.colony(survey.colonyId) },
      { head: 'at', of: ({ survey }) => survey.at },
      { head: 'found-or-left-so', of: ({ survey }) => (survey.source === 'moves' ? 'left-so' : 'found') },
      { head: 'box-from-the-floor', of: ({ boxIndex }) => boxIndex + 1 },
      { head: 'box-is', of: ({ box }) => box.role },
      { head: 'frame-from-the-left', of: ({ place }) => place + 1 },
      { head: 'frame-is', of: ({ frame }) => frame.kind },
      { head: 'size', of: ({ frame }) => frame.size },
      { head: 'queen-on-it', of: ({ survey, frame }) => survey.queenFrameId === frame.id },
      { head: 'side', of: ({ side, of }) => (side === null ? null : (of ?? null)) },
      ...contents,
      { head: 'frame-id', of: ({ frame }) => frame.id },
      { head: 'survey-id', of: ({ survey }) => survey.id },
    ],
    rows,
  );
}

import { addDays, day, formatDay } from '../src/core/calendar/day';
import type { SeasonFacts } from '../src/core/formats/season-file';
import { SeasonBuilder } from '../src/demo/season-builder';

const WEEKS_A_SEASON = 25;

/**
 * A made-up yard of many colonies in mid-May 2027: looks every week, cells in every third, a method on every fifth,
 * frames surveyed once.
 *
 * @param formerSeasons as many seasons before it, with a look each week and nothing found
 */
export function bigYard(colonies: number, formerSeasons = 0): SeasonFacts {
  const season = new SeasonBuilder();
  const apiaries = ['North', 'East', 'South', 'West', 'Middle'].map((name) => season.apiary(name));
  for (let i = 0; i < colonies; i++) {
    const name = `Colony ${String(i + 1).padStart(3, '0')}`;
    const colony = season.colony(
      apiaries[i % apiaries.length] as string,
      name,
      `stand ${i + 1}`,
      `${2027 - formerSeasons}-03-20`,
    );
    for (let year = 2027 - formerSeasons; year < 2027; year++) {
      for (let week = 0; week < WEEKS_A_SEASON; week++) {
        const at = `${formatDay(addDays(day(`${year}-04-01`), week * 7 + (i % 5)))}T15:00`;
        colony.look(at, { thoroughness: 'cleared', queen: 'not-looked-for' });
      }
    }
    const hasCells = i % 3 === 0;
    for (let week = 0; week < 7; week++) {
      const at = `${formatDay(addDays(day('2027-04-01'), week * 7 - (i % 5) + 5))}T15:00`;
      const isLast = week === 6;
      colony.look(at, {
        thoroughness: 'cleared',
        queen: isLast ? 'seen' : 'not-looked-for',
        ...(hasCells && isLast
          ? {
              cells: {
                a: { found: 'larva-large', place: 'bottom', box: 1, frame: 4 },
                b: { found: 'larva-small', place: 'edge', box: 1, frame: 6 },
              },
            }
          : {}),
      });
    }
    season.survey(
      colony.id,
      '2027-05-10T16:00',
      [
        { letters: 'HHPBBYSBBPHH' },
        { letters: 'HPBYBSBYBPHE' },
        { letters: 'HHHNNNNNEEEE', role: 'super', size: 'national-super', under: 'excluder' },
      ],
      { coveredSeams: 16 },
    );
    if (i % 5 === 0) season.programme('demaree', colony.id, '2027-05-14');
  }
  return season.build();
}

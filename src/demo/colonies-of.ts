import { day, dayOfMinute } from '../core/calendar/day';
import { assembleFacts, type OwnFacts } from '../core/colony/assemble';
import type { ColonyFacts } from '../core/colony/facts';
import type { SeasonFacts } from '../core/formats/season-file';

/** Every colony's facts, by its name, as they follow from a whole season's. */
export function coloniesOf(season: SeasonFacts): ReadonlyMap<string, ColonyFacts> {
  const own = season.colonies.map(({ id, startedOn, endedOn, origin }): [string, OwnFacts] => {
    const ofColony = ({ colonyId }: { readonly colonyId: string }) => colonyId === id;
    return [
      id,
      {
        startedOn: day(startedOn),
        endedOn: endedOn === null ? null : day(endedOn),
        origin,
        cells: season.cells.filter(ofColony),
        inspections: season.inspections
          .filter((row) => ofColony(row) && row.deletedAt === null)
          .map((row) => ({
            ...row,
            on: dayOfMinute(row.at),
            to: row.to === null ? null : day(row.to),
            cells: season.cellObservations.filter(({ inspectionId }) => inspectionId === row.id),
          })),
        surveys: season.surveys
          .filter((row) => ofColony(row) && row.deletedAt === null)
          .map((row) => ({ ...row, on: dayOfMinute(row.at) })),
        queenEvents: season.queenEvents
          .filter((event) => ofColony(event) && event.deletedAt === null)
          .map((event) => ({
            ...event,
            on: day(event.on),
            to: event.to === null ? null : day(event.to),
            emerged: null,
          })),
      },
    ];
  });
  const facts = assembleFacts(new Map(own), {
    programmes: season.programmes
      .filter(({ deletedAt }) => deletedAt === null)
      .map((row) => ({
        ...row,
        on: day(row.on),
        to: row.to === null ? null : day(row.to),
        endedOn: row.endedOn === null ? null : day(row.endedOn),
        units: season.programmeUnits.filter(({ programmeId }) => programmeId === row.id),
        keptCellIds: season.keptCells.filter(({ programmeId }) => programmeId === row.id).map(({ cellId }) => cellId),
      })),
    answers: season.checkAnswers.map((row) => ({ ...row, on: dayOfMinute(row.at) })),
    changes: season.checkChanges.map((row) => ({
      ...row,
      on: dayOfMinute(row.at),
      to: row.to === null ? null : day(row.to),
    })),
    cellMoves: season.cellMoves.map((row) => ({ ...row, on: day(row.on) })),
  });
  return new Map(season.colonies.map(({ id, name }) => [name, facts.get(id) as ColonyFacts]));
}

import type { SeasonBuilder } from './season-builder';

/** Two seasons of before, of colonies that are no more, so that there is something to look back on. */
export function formerSeasons(
  season: SeasonBuilder,
  { garden, quarry }: { readonly garden: string; readonly quarry: string },
): void {
  const START = '2025-03-22';
  const bistortQueen = season.queen('bought', '2024-06-10', '2024-06-20');
  const bistort = season
    .colony(garden, 'Bistort', 'stand 1', START, { endedOn: '2026-10-02' })
    .queen(START, 'present', bistortQueen)
    .look('2025-04-26T14:00', { drones: 'flying', temper: 'calm' })
    .look('2025-05-11T15:00', { thoroughness: 'cleared', temper: 'calm' })
    .look('2025-05-25T11:00', {
      thoroughness: 'cleared',
      queen: 'seen',
      cells: {
        a: { found: 'larva-large', place: 'bottom', box: 1, frame: 4 },
        b: { found: 'larva-small', place: 'edge', box: 1, frame: 6 },
      },
    })
    .look('2025-07-20T13:00')
    .look('2026-04-19T14:00', { drones: 'flying', temper: 'calm' })
    .look('2026-05-03T14:30', { thoroughness: 'cleared', temper: 'calm' })
    .look('2026-05-16T14:30', {
      thoroughness: 'cleared',
      queen: 'seen',
      cells: { c: { found: 'egg', place: 'bottom', box: 1, frame: 5, takenDown: true } },
    })
    .look('2026-06-06T15:00', { thoroughness: 'cleared' })
    .look('2026-08-02T12:00');
  const bistortNuc = season
    .colony(garden, 'Bistort nuc', 'beside the shed', '2025-05-25', {
      origin: 'nuc',
      parentColonyId: bistort.id,
      endedOn: '2025-09-14',
    })
    .look('2025-05-28T18:00', { queen: 'seen', youngest: 'eggs' });
  season
    .programme('nuc-swarm', bistort.id, '2025-05-25', {
      units: { nuc: bistortNuc.id },
      kept: [bistort.cell('a')],
      queenId: bistortQueen,
    })
    .answer('2025-05-28T18:10', bistortNuc.id, 'nuc-settled', 'settled')
    .answer('2025-06-01T12:00', bistort.id, 'thin-cells', 'thinned')
    .answer('2025-06-29T14:00', bistort.id, 'eggs', 'eggs');
  season
    .programme('demaree', bistort.id, '2026-05-18')
    .answer('2026-05-25T14:00', bistort.id, 'clear-top-cells', 'taken-down')
    .answer('2026-05-25T14:10', bistort.id, 'bottom-check', 'in-order');

  const tansyQueen = season.queen('swarm', null);
  const tansy = season
    .colony(garden, 'Tansy', 'stand 6', START, { endedOn: '2026-09-20' })
    .queen(START, 'present', tansyQueen)
    .look('2025-05-04T15:00', { thoroughness: 'bees-on', temper: 'uneasy' })
    .look('2025-05-18T15:00', {
      thoroughness: 'bees-on',
      eggs: 'none',
      youngest: 'larvae-large',
      cells: {
        a: { found: 'sealed-ripe', place: 'bottom', box: 1, frame: 3 },
        b: { found: 'sealed-fresh', place: 'edge', box: 1, frame: 7 },
      },
      note: 'Gone, by the look of it on the Wednesday.',
    })
    .queen('2025-05-14', 'swarmed', tansyQueen)
    .look('2026-05-09T15:00', { thoroughness: 'cleared', temper: 'defensive' })
    .look('2026-05-24T15:00', {
      thoroughness: 'cleared',
      cells: { c: { found: 'larva-large', place: 'bottom', box: 1, frame: 5, takenDown: true } },
    })
    .look('2026-05-30T12:00', {
      thoroughness: 'cleared',
      cells: { d: { found: 'larva-small', place: 'edge', box: 1, frame: 2, takenDown: true } },
    })
    .look('2026-06-27T12:00', { thoroughness: 'cleared', temper: 'defensive' });

  const speedwellQueen = season.queen('raised', '2025-06-20', '2025-06-24', bistortQueen);
  const speedwell = season
    .colony(quarry, 'Speedwell', 'upper ledge, left', '2025-06-02', {
      origin: 'split',
      parentColonyId: tansy.id,
      endedOn: '2026-11-01',
    })
    .queen('2025-07-01', 'present', speedwellQueen)
    .look('2026-04-23T14:00', { drones: 'flying', temper: 'calm' })
    .look('2026-05-08T14:00', { thoroughness: 'cleared' })
    .look('2026-05-20T14:00', {
      thoroughness: 'bees-on',
      cells: {
        a: { found: 'sealed-fresh', place: 'bottom', box: 1, frame: 4 },
        b: { found: 'larva-large', place: 'bottom', box: 1, frame: 6 },
      },
    })
    .queen('2026-05-19', 'swarmed', speedwellQueen)
    .look('2026-06-25T14:00', { thoroughness: 'cleared', youngest: 'eggs', temper: 'calm' });
  season
    .programme('after-swarm', speedwell.id, '2026-05-20', { kept: [speedwell.cell('a')] })
    .answer('2026-06-20T14:00', speedwell.id, 'eggs', 'eggs');
  season.food(bistort.id, '2025-07-28T10:00', 'honey-taken', 21);
  season.food(tansy.id, '2025-07-28T11:00', 'honey-taken', 9.5);
  season.food(bistort.id, '2026-07-25T10:00', 'honey-taken', 32);
  season.food(tansy.id, '2026-07-25T11:00', 'honey-taken', 24.5);
  season.food(speedwell.id, '2026-07-26T11:00', 'honey-taken', 8);
  season.food(bistort.id, '2025-09-06T17:00', 'syrup', 6);
}

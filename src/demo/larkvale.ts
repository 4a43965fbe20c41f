import type { SeasonFacts } from '../core/formats/season-file';
import { SeasonBuilder } from './season-builder';

/**
 * The season of one keeper in Larkvale, a valley that does not exist: three apiaries, a dozen colonies named after meadow plants,
 * as they stand in mid-May 2027. Between them they show every reading that a keeper meets.
 */
export function larkvaleSeason(): SeasonFacts {
  const season = new SeasonBuilder();
  const garden = season.apiary(
    'Walled garden',
    'South wall, shed with the spare boxes. Neighbours to the east: keep flight lines west.',
  );
  const quarry = season.apiary('Old quarry', 'Sheltered and early. Track is wet after rain.');
  const roof = season.apiary('School roof', 'Key from the caretaker. No lifting alone on the ladder.');
  const start = '2027-03-20';

  const sainfoinQueen = season.queen('raised', '2026-06-08', '2026-06-14');
  season
    .colony(garden, 'Sainfoin', 'stand 2', start)
    .queen(start, 'present', sainfoinQueen)
    .queen('2027-04-18', 'marked', sainfoinQueen, 'white')
    .look('2027-04-18T14:00', { queen: 'seen', thoroughness: 'bees-on' })
    .look('2027-05-02T15:00', { cells: { a: { found: 'cup-dry', place: 'bottom', box: 2, frame: 5 } } })
    .look('2027-05-09T15:10', {
      thoroughness: 'cleared',
      layingRoomDays: 5,
      cells: { a: 'egg', b: { found: 'egg-flat', place: 'bottom', box: 2, frame: 5 } },
      note: 'Pollen frames close on both sides of the nest.',
    })
    .look('2027-05-15T14:30', {
      thoroughness: 'cleared',
      layingRoomDays: 4,
      youngest: 'eggs',
      cells: {
        a: 'larva-large',
        b: 'larva-large',
        c: { found: 'larva-small', place: 'edge', box: 1, frame: 6 },
        d: { found: 'egg', place: 'bottom', box: 1, frame: 6 },
      },
    });

  const yarrowQueen = season.queen('bought', '2025-07-01', '2025-07-20');
  season
    .colony(garden, 'Yarrow', 'stand 3', start)
    .queen(start, 'present', yarrowQueen)
    .look('2027-04-25T13:00')
    .look('2027-05-08T13:20', { thoroughness: 'cleared', queen: 'seen' })
    .look('2027-05-14T18:10', {
      thoroughness: 'cleared',
      layingRoomDays: 12,
      youngest: 'eggs-upright',
      note: 'Calm, good pattern.',
    });

  season.colony(garden, 'Burnet', 'stand 4, by the pear', start).look('2027-05-01T14:00').look('2027-05-13T18:30', {
    thoroughness: 'bees-on',
    stores: 'pollen',
    layingRoomDays: 3,
    youngest: 'eggs',
    note: 'Nest hemmed in by pollen on frames 3 and 8.',
  });

  const knapweedQueen = season.queen('raised', '2026-05-28', '2026-06-02', sainfoinQueen);
  const knapweed = season
    .colony(garden, 'Knapweed', 'stand 5', start)
    .queen(start, 'present', knapweedQueen)
    .look('2027-05-04T17:30', {
      thoroughness: 'cleared',
      cells: {
        a: { found: 'egg', place: 'bottom', box: 1, frame: 4 },
        b: { found: 'egg', place: 'edge', box: 1, frame: 7 },
      },
    })
    .queen('2027-05-08', 'removed', knapweedQueen, 'Taken to the nuc on her frame.')
    .look('2027-05-08T11:00', {
      thoroughness: 'cleared',
      queen: 'seen',
      cells: {
        a: 'larva-large',
        b: 'larva-large',
        c: { found: 'larva-small', place: 'bottom', box: 1, frame: 4, takenDown: true },
      },
      note: 'Queen to a nuc with brood and stores. Kept a and b.',
    })
    .look('2027-05-15T16:00', {
      thoroughness: 'cleared',
      eggs: 'none',
      youngest: 'larvae-large',
      cells: { a: 'sealed-fresh', b: { found: 'sealed-fresh', takenDown: true } },
    });
  season
    .colony(garden, 'Knapweed nuc', 'beside the shed', '2027-05-08', { origin: 'nuc', parentColonyId: knapweed.id })
    .queen('2027-05-08', 'present', knapweedQueen)
    .look('2027-05-11T18:00', {
      thoroughness: 'bees-on',
      queen: 'seen',
      youngest: 'eggs',
      note: 'Settled, laying. Fed.',
    });

  season
    .colony(quarry, 'Teasel', 'north face', start)
    .look('2027-05-06T18:00', { thoroughness: 'cleared' })
    .look('2027-05-12T18:20', {
      thoroughness: 'bees-on',
      youngest: 'eggs',
      layingRoomDays: 9,
      cells: {
        a: { found: 'cup-dry', place: 'bottom', box: 2, frame: 3 },
        b: { found: 'cup-dry', place: 'bottom', box: 2, frame: 8 },
      },
    });

  const vetchQueen = season.queen('swarm', null);
  season
    .colony(quarry, 'Vetch', 'by the birch', start)
    .queen(start, 'present', vetchQueen)
    .look('2027-05-02T11:00', { thoroughness: 'bees-on' })
    .look('2027-05-15T11:30', {
      thoroughness: 'cleared',
      eggs: 'none',
      queen: 'none',
      youngest: 'larvae-small',
      cells: {
        a: { found: 'sealed-fresh', place: 'bottom', box: 1, frame: 3 },
        b: { found: 'sealed-fresh', place: 'bottom', box: 1, frame: 3 },
        c: { found: 'sealed-fresh', place: 'edge', box: 1, frame: 6 },
        d: { found: 'larva-large', place: 'bottom', box: 1, frame: 8 },
      },
      note: 'Half the bees gone. Swarm seen in the birch on Thursday, they say.',
    });

  season
    .colony(quarry, 'Campion', 'upper ledge', start)
    .look('2027-04-28T15:00', { thoroughness: 'bees-on' })
    .look('2027-05-06T15:00', {
      thoroughness: 'cleared',
      eggs: 'none',
      queen: 'none',
      youngest: 'larvae-large',
      cells: {
        a: { found: 'sealed', place: 'bottom', box: 1, frame: 5 },
        b: { found: 'sealed', place: 'edge', box: 1, frame: 7, takenDown: true },
      },
    })
    .look('2027-05-14T15:30', {
      thoroughness: 'bees-on',
      eggs: 'none',
      youngest: 'sealed',
      cells: { a: 'emerged' },
      note: 'Lid hinged. Closed up at once.',
    });

  season
    .colony(quarry, 'Comfrey', 'lower ledge', start)
    .look('2027-04-11T14:00', {
      thoroughness: 'cleared',
      eggs: 'none',
      queen: 'none',
      youngest: 'sealed',
      cells: { a: { found: 'emerged', place: 'face', box: 1, frame: 5 } },
    })
    .look('2027-05-11T18:30', {
      thoroughness: 'cleared',
      eggs: 'none',
      queen: 'none',
      youngest: 'none',
      note: 'Thin, loud. Nothing laid in four weeks.',
    });

  const mallowQueen = season.queen('bought', '2027-04-05', '2027-04-20');
  const mallowOld = season.queen('unknown', null);
  season
    .colony(roof, 'Mallow', 'left of the hatch', start)
    .queen(start, 'present', mallowOld)
    .look('2027-05-10T12:00', {
      thoroughness: 'cleared',
      queen: 'seen',
      youngest: 'eggs',
      note: 'Old queen out: temper.',
    })
    .queen('2027-05-10', 'removed', mallowOld)
    .queen('2027-05-11', 'caged-in', mallowQueen);

  season
    .colony(roof, 'Betony', 'right of the hatch', start)
    .look('2027-05-05T12:30', { thoroughness: 'bees-on' })
    .look('2027-05-10T12:30', { thoroughness: 'tip-up', eggs: 'not-looked-for', note: 'Tipped up only, wind got up.' });

  season
    .colony(roof, 'Meadowsweet', 'by the tank', start)
    .look('2027-05-07T12:00', { thoroughness: 'cleared' })
    .look('2027-05-14T12:40', {
      thoroughness: 'cleared',
      youngest: 'eggs',
      cells: {
        a: { found: 'egg', place: 'bottom', box: 1, frame: 4 },
        b: { found: 'egg', place: 'edge', box: 1, frame: 6 },
        c: { found: 'cup-dry', place: 'bottom', box: 1, frame: 6 },
      },
    });

  const scabiousQueen = season.queen('raised', '2025-06-10', '2025-06-16');
  season
    .colony(roof, 'Scabious', 'behind the parapet', start)
    .queen(start, 'present', scabiousQueen)
    .queen('2027-04-17', 'clipped', scabiousQueen)
    .look('2027-05-09T17:00', { thoroughness: 'bees-on', queen: 'seen' });

  return season.build();
}

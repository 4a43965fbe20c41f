import type { SeasonFacts } from '../core/formats/season-file';
import { formerSeasons } from './larkvale-former';
import { framesSurveyed } from './larkvale-frames';
import { standsAndKit } from './larkvale-kit';
import { yearAndPlan } from './larkvale-year';
import { SeasonBuilder } from './season-builder';

/**
 * The season of one keeper in Larkvale, a valley that does not exist: three apiaries, eleven colonies named after meadow plants and
 * what came of splitting some of them, as they stand in mid-May 2027. Between them they show every stage that a keeper meets.
 */
export function larkvaleSeason(): SeasonFacts {
  const season = new SeasonBuilder();
  const garden = season.apiary(
    'Walled garden',
    'South wall, shed with the spare boxes. Neighbours to the east: keep flight lines west.',
    { from: '2027-05-24', to: '2027-06-20' },
    10,
  );
  const quarry = season.apiary(
    'Old quarry',
    'Sheltered and early. Track is wet after rain.',
    { from: '2027-05-08', to: '2027-06-02' },
    36,
  );
  const roof = season.apiary('School roof', 'Key from the caretaker. No lifting alone on the ladder.', null, 24);
  season.setting('latitude', 52.4);
  season.setting('longitude', -2.6);
  season.setting('away', [{ from: '2027-05-22', to: '2027-05-23', why: 'a wedding' }]);
  const start = '2027-03-20';

  const yarrowQueen = season.queen('bought', '2025-07-01', '2025-07-20');
  const sainfoinQueen = season.queen('raised', '2026-06-08', '2026-06-14', yarrowQueen);
  const sainfoin = season
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
      broodFrames: 9,
      coveredSeams: 12,
      drones: 'flying',
      cells: {
        a: 'larva-large',
        b: 'larva-large',
        c: { found: 'larva-small', place: 'edge', box: 1, frame: 6 },
        d: { found: 'egg', place: 'bottom', box: 1, frame: 6 },
      },
    });

  const yarrow = season
    .colony(garden, 'Yarrow', 'stand 3', start)
    .queen(start, 'present', yarrowQueen)
    .look('2027-04-23T13:00', { broodFrames: 6, coveredSeams: 8, drones: 'flying' })
    .look('2027-04-30T13:20', { thoroughness: 'cleared' })
    .look('2027-05-08T13:20', { thoroughness: 'cleared', queen: 'seen' })
    .look('2027-05-14T18:10', {
      thoroughness: 'cleared',
      layingRoomDays: 12,
      youngest: 'eggs-upright',
      temper: 'calm',
      note: 'Calm, good pattern.',
    });
  const campion = season
    .colony(quarry, 'Campion', 'upper ledge', '2027-04-24', { origin: 'split', parentColonyId: yarrow.id })
    .look('2027-04-30T15:30', {
      thoroughness: 'cleared',
      eggs: 'none',
      youngest: 'larvae-large',
      cells: {
        a: { found: 'sealed-fresh', place: 'face', box: 1, frame: 4 },
        b: { found: 'sealed-fresh', place: 'face', box: 1, frame: 5, takenDown: true },
      },
      note: 'One good cell kept.',
    });
  season
    .programme('walk-away', yarrow.id, '2027-04-24', { units: { 'queenless-half': campion.id } })
    .answer('2027-04-30T16:00', campion.id, 'which-half', 'known', campion.id);

  const burnet = season
    .colony(garden, 'Burnet', 'stand 4, by the pear', start)
    .look('2027-04-14T14:00', { thoroughness: 'bees-on' })
    .look('2027-05-01T14:00')
    .look('2027-05-13T18:30', {
      thoroughness: 'bees-on',
      stores: 'pollen',
      layingRoomDays: 3,
      youngest: 'eggs',
      note: 'Nest pollen-bound, pollen on frames 3 and 8.',
    });
  const sorrel = season
    .colony(quarry, 'Sorrel', 'by the spring', '2027-04-08', { origin: 'split', parentColonyId: burnet.id })
    .look('2027-04-14T15:00', {
      thoroughness: 'cleared',
      eggs: 'none',
      youngest: 'larvae-large',
      drones: 'sealed-only',
      cells: { a: { found: 'sealed-fresh', place: 'face', box: 1, frame: 3 } },
    });
  season
    .programme('walk-away', burnet.id, '2027-04-08', {
      units: { 'queenless-half': sorrel.id },
      note: 'Very early, hardly a drone about.',
    })
    .answer('2027-05-12T17:30', sorrel.id, 'eggs', 'no-eggs');
  season.programme('test-comb', sorrel.id, '2027-05-12', { note: 'Frame with eggs from Yarrow.' });

  const knapweedQueen = season.queen('raised', '2026-05-28', '2026-06-02', yarrowQueen);
  const knapweed = season
    .colony(garden, 'Knapweed', 'stand 5', start)
    .queen(start, 'present', knapweedQueen)
    .look('2027-05-04T17:30', {
      thoroughness: 'cleared',
      cells: {
        a: { found: 'cup-dry', place: 'bottom', box: 1, frame: 4 },
        b: { found: 'cup-dry', place: 'edge', box: 1, frame: 7 },
      },
    })
    .look('2027-05-11T11:00', {
      thoroughness: 'cleared',
      queen: 'seen',
      broodFrames: 7,
      coveredSeams: 10,
      drones: 'flying',
      cells: {
        a: 'larva-large',
        b: 'larva-large',
        c: { found: 'larva-small', place: 'bottom', box: 1, frame: 4 },
      },
      note: 'Queen found on frame 5.',
    });
  const knapweedNuc = season
    .colony(garden, 'Knapweed nuc', 'beside the shed', '2027-05-11', { origin: 'nuc', parentColonyId: knapweed.id })
    .look('2027-05-14T18:00', {
      thoroughness: 'bees-on',
      queen: 'seen',
      youngest: 'eggs',
      note: 'Settled, laying. Fed.',
    });
  season.programme('nuc-swarm', knapweed.id, '2027-05-11', {
    units: { nuc: knapweedNuc.id },
    kept: [knapweed.cell('a')],
    queenId: knapweedQueen,
  });

  const teasel = season
    .colony(quarry, 'Teasel', 'north face', start)
    .look('2027-05-02T18:00', {
      thoroughness: 'cleared',
      cells: { a: { found: 'cup-dry', place: 'bottom', box: 1, frame: 3 } },
    })
    .look('2027-05-09T14:20', {
      thoroughness: 'cleared',
      queen: 'seen',
      youngest: 'eggs',
      broodFrames: 8,
      coveredSeams: 11,
      cells: { a: 'larva-small', b: { found: 'egg', place: 'bottom', box: 1, frame: 6 } },
    });
  season.programme('demaree', teasel.id, '2027-05-09', { note: 'Two supers between. Lifted with help.' });

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

  const comfrey = season
    .colony(quarry, 'Comfrey', 'lower ledge', start)
    .look('2027-05-03T14:00', { thoroughness: 'cleared' })
    .look('2027-05-10T17:30', {
      thoroughness: 'cleared',
      queen: 'none',
      youngest: 'eggs',
      broodFrames: 8,
      coveredSeams: 11,
      drones: 'flying',
      cells: { a: { found: 'egg', place: 'edge', box: 1, frame: 6, takenDown: true } },
      note: 'Queen not found in two goes.',
    });
  const comfreyHalf = season.colony(quarry, 'Comfrey half', 'lower ledge, right', '2027-05-10', {
    origin: 'split',
    parentColonyId: comfrey.id,
  });
  season.programme('even-split', comfrey.id, '2027-05-10', { units: { 'queenless-half': comfreyHalf.id } });

  const mallowQueen = season.queen('bought', '2027-04-05', '2027-04-20');
  const mallowOld = season.queen('unknown', null);
  const mallow = season
    .colony(roof, 'Mallow', 'left of the hatch', start)
    .queen(start, 'present', mallowOld)
    .look('2027-05-10T12:00', {
      thoroughness: 'cleared',
      queen: 'seen',
      youngest: 'eggs',
      temper: 'defensive',
      note: 'Short-tempered, and they follow.',
    });
  // Out of the way with some bees until the new one lays, in a nuc that faces the wall.
  const hawkbit = season.colony(roof, 'Hawkbit', 'at the wall', '2027-05-10', {
    origin: 'nuc',
    parentColonyId: mallow.id,
  });
  season
    .programme('queen-split', mallow.id, '2027-05-10', {
      units: { nuc: hawkbit.id },
      queenId: mallowOld,
      buysQueen: true,
      turnsDaily: true,
    })
    .answer('2027-05-13T12:10', hawkbit.id, 'nuc-settled', 'settled');
  season.programme('requeen-mated', mallow.id, '2027-05-11', { queenId: mallowQueen });

  const betony = season
    .colony(roof, 'Betony', 'right of the hatch', start)
    .look('2027-05-06T12:30', { thoroughness: 'cleared' })
    .look('2027-05-12T12:30', {
      thoroughness: 'bees-on',
      youngest: 'eggs',
      layingRoomDays: 9,
      cells: {
        a: { found: 'cup-dry', place: 'bottom', box: 2, frame: 3 },
        b: { found: 'cup-dry', place: 'bottom', box: 2, frame: 8 },
      },
    });

  const meadowsweet = season
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
  const scabious = season
    .colony(roof, 'Scabious', 'by the parapet', start)
    .queen(start, 'present', scabiousQueen)
    .queen('2027-04-17', 'clipped', scabiousQueen)
    .look('2027-04-30T17:00', { thoroughness: 'cleared', queen: 'seen' })
    .look('2027-05-06T17:00', {
      thoroughness: 'cleared',
      queen: 'seen',
      youngest: 'eggs',
      broodFrames: 7,
      coveredSeams: 9,
      drones: 'flying',
      cells: {
        a: { found: 'larva-small', place: 'bottom', box: 1, frame: 4 },
        b: { found: 'larva-small', place: 'edge', box: 1, frame: 7 },
      },
    })
    .look('2027-05-13T17:20', {
      thoroughness: 'cleared',
      eggs: 'none',
      youngest: 'larvae-large',
      cells: { a: 'sealed-fresh', c: { found: 'sealed-fresh', place: 'face', box: 1, frame: 5, takenDown: true } },
    });
  const scabiousSwarm = season
    .colony(roof, 'Scabious swarm', 'behind the parapet', '2027-05-06', {
      origin: 'split',
      parentColonyId: scabious.id,
    })
    .look('2027-05-13T16:40', { thoroughness: 'cleared', queen: 'seen', youngest: 'eggs-upright' });
  season
    .programme('old-site-swarm', scabious.id, '2027-05-06', {
      units: { 'old-site': scabiousSwarm.id },
      kept: [scabious.cell('a')],
      queenId: scabiousQueen,
    })
    .answer('2027-05-13T17:40', scabious.id, 'move-parent', 'moved');

  framesSurveyed(season, {
    betony: betony.id,
    burnet: burnet.id,
    meadowsweet: meadowsweet.id,
    sainfoin: sainfoin.id,
    teasel: teasel.id,
    yarrow: yarrow.id,
  });
  standsAndKit(season, { garden, quarry });
  yearAndPlan(
    season,
    { garden, quarry },
    {
      betony: betony.id,
      burnet: burnet.id,
      knapweed: knapweed.id,
      knapweedNuc: knapweedNuc.id,
      mallow: mallow.id,
      meadowsweet: meadowsweet.id,
      sainfoin: sainfoin.id,
      sorrel: sorrel.id,
      teasel: teasel.id,
      yarrow: yarrow.id,
    },
  );
  formerSeasons(season, { garden, quarry });
  season.breedFrom(yarrowQueen);

  return season.build();
}

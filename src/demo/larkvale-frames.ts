import type { SeasonBuilder } from './season-builder';

/** Colonies whose frames were surveyed, by their identifiers. */
type Surveyed = { readonly [C in 'betony' | 'burnet' | 'meadowsweet' | 'sainfoin' | 'teasel' | 'yarrow']: string };

/** The frames as they were surveyed, and as they were left when some were moved. */
export function framesSurveyed(
  season: SeasonBuilder,
  { betony, burnet, meadowsweet, sainfoin, teasel, yarrow }: Surveyed,
): void {
  const onTop = { role: 'super', size: 'national-super', under: 'excluder' } as const;
  const secondOnTop = { ...onTop, under: 'open' } as const;
  season.survey(
    sainfoin,
    '2027-05-15T14:45',
    [{ letters: 'HHPBYSPHHHH' }, { letters: 'HPSYBSBBPHH' }, { ...onTop, letters: 'HHHHHHHHHHH' }],
    { coveredSeams: 12, flow: 'light' },
  );
  season.survey(yarrow, '2027-05-13T18:05', [{ letters: 'HPBYBSBBPHE' }, { ...onTop, letters: 'HHHNNNNNEEE' }], {
    coveredSeams: 8,
    flow: 'light',
  });
  season.survey(burnet, '2027-05-13T18:40', [{ letters: 'PPPBYBBPPHH' }], {
    coveredSeams: 8,
    queenOn: [1, 5],
    note: 'Pollen on both sides of the brood.',
  });
  const early = { letters: 'HPPBYBSPHHH' };
  season.survey(betony, '2027-04-20T13:00', [early]);
  season.survey(betony, '2027-04-20T13:30', [early, { letters: 'EEEEEEEEEEE' }], { source: 'moves' });
  const grown = [{ letters: 'HPBYBSPHHHE' }, { letters: 'HPEYBBEPHEE' }];
  season.survey(betony, '2027-05-01T15:00', grown, { flow: 'light' });
  const empty = 'EEEEEEEEEEE';
  season.survey(
    betony,
    '2027-05-01T15:20',
    [...grown, { ...onTop, letters: empty }, { ...secondOnTop, letters: empty }],
    { source: 'moves', queenOn: [2, 5], flow: 'light' },
  );
  season.survey(
    betony,
    '2027-05-12T12:45',
    [
      { letters: 'HPBYBPHHHEE' },
      { letters: 'HPEYBSBPHEE' },
      { ...onTop, letters: 'HHHHHHHHHHH' },
      { ...secondOnTop, letters: 'NNNNNNEEEEE' },
    ],
    { coveredSeams: 18, flow: 'light' },
  );
  season.survey(meadowsweet, '2027-05-14T12:55', [{ letters: 'HPBBYSBBPHE' }, { ...onTop, letters: 'EEEEEEEEEEE' }], {
    coveredSeams: 9,
    flow: 'light',
  });
  season.survey(
    teasel,
    '2027-05-09T15:40',
    [
      { letters: 'EEEEEBEEEEE' },
      { ...onTop, letters: 'NNNNNEEEEEE' },
      { ...secondOnTop, letters: 'EEEEEEEEEEE' },
      { letters: 'HPBBSSYBPHE', under: 'excluder' },
    ],
    { source: 'moves', queenOn: [1, 6], flow: 'light' },
  );
}

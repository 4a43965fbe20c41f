import { describe, expect, it } from 'vitest';
import { day } from '../calendar/day';
import { aColony } from '../colony/testing';
import { methodNamed } from '../methods/methods';
import { cell, look, saw, yard } from '../programmes/testing';
import { DEFAULT_SETTINGS } from '../settings/settings';
import { previewStart } from './preview';

describe('the dates of a cell given, before it is given', () => {
  it('count a caged virgin as a virgin from that day', () => {
    const [gift] = yard(
      { home: { cells: [cell('a')], inspections: [look('05-14', { cells: [saw('a', 'sealed')] })] } },
      {},
    )('home', '05-16').cells;
    if (!gift) throw new Error('No cell');
    const on = day('2027-05-16');
    const shutWith = (giftTravel: 'on-frame' | 'caged-virgin') =>
      previewStart(
        aColony({}),
        methodNamed('give-cell'),
        {
          on,
          to: null,
          secondThinning: true,
          onlySealedBroodUp: false,
          queenShakenDown: false,
          buysQueen: false,
          turnsDaily: false,
          keptCellIds: [],
          givenCellIds: [],
          gift,
          giftTravel,
        },
        DEFAULT_SETTINGS,
      ).emergence;
    expect(shutWith('caged-virgin')).toMatchObject({ earliest: on, latest: on });
    expect(shutWith('on-frame')).not.toMatchObject({ earliest: on, latest: on });
  });
});

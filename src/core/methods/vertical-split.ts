import { type Method, NO_NEEDS } from './method';
import { QUEEN_RAISING_FAILURES } from './queen-raising-failures';

const DOORS_WHY = 'Switch the entrances: the flying bees of the top box are bled down to the lower.';

export const verticalSplit: Method = {
  name: 'vertical-split',
  title: 'Vertical split over a split board',
  kind: 'swarm',
  fitsWhen: 'Little room, a cold place or no second stand.',
  needs: { ...NO_NEEDS, youngBrood: true, broodFrames: 'leastBroodDemaree', drones: true },
  kit: ['split board with entrances', 'second brood box', 'comb or foundation'],
  cautions: ['lifting', 'stings', 'smoker', 'brood-disease'],
  lifting: 'A full box is lifted over the supers.',
  suits: 'Little room, a cold place, no second stand.',
  ifItFails: 'The top box stays queenless; put it back on the lower one.',
  clearsCells: true,
  steps: [
    'Eggs, young larvae, brood and food into the upper box, without the queen. Not found? Shake every bee into the lower box, put an excluder over it and the upper box on that; the young bees come up by the next day, she cannot.',
    'The queen with the rest stays below, supers above her.',
    'Split board between, its upper entrance open to one side.',
  ],
  units: [
    {
      name: 'top',
      queen: 'taken',
      gets: 'eggs, brood and food, no queen',
      stands: 'above the split board',
      isNewColony: true,
    },
    { name: 'bottom', queen: 'unchanged', gets: 'the queen, some brood and the supers', stands: 'where it stood' },
  ],
  followUps: [
    {
      unit: 'hive',
      code: 'board-in',
      from: 1,
      to: 2,
      why: 'The young bees have come up through the excluder by now, the queen cannot: split board in its place, upper entrance open.',
      onlyIf: 'queenShakenDown',
    },
    { unit: 'hive', code: 'doors', from: 4, ideal: 5, to: 6, why: DOORS_WHY },
    { unit: 'hive', code: 'doors', from: 9, ideal: 10, to: 11, why: DOORS_WHY },
  ],
  raisesQueen: { unit: 'top', thinned: true, isMoved: false },
  options: ['keptCells', 'queenShakenDown', 'secondThinning'],
  unitsMayChange: true,
  failures: QUEEN_RAISING_FAILURES,
  schools: ['Thin the cells in the top box once more on day 6 to 8.'],
};

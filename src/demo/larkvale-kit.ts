import type { SeasonBuilder } from './season-builder';

/** Where the hives of two apiaries stand, and what lies where: one nuc is short. */
export function standsAndKit(
  season: SeasonBuilder,
  { garden, quarry }: { readonly garden: string; readonly quarry: string },
): void {
  season.stand(garden, 'stand 1', 0, 0, 180);
  season.stand(garden, 'stand 2', 2, 0, 180);
  season.stand(garden, 'stand 3', 4, 0, 180);
  season.stand(garden, 'stand 4, by the pear', 6.5, 0.5, 210);
  season.stand(garden, 'stand 5', 8, 0, 180);
  season.stand(garden, 'beside the shed', 9.4, -0.4, 165);
  season.mark(garden, 'hedge', -2, 2, 11, 2);
  season.mark(garden, 'shed', 9.6, 0.4, 11, 1.6);
  season.mark(garden, 'path', -2, -2.4, 11, -2.4);
  season.stand(quarry, 'lower ledge', 0, 0, 150);
  season.stand(quarry, 'lower ledge, right', 0.6, -0.1, 150);
  season.stand(quarry, 'upper ledge', -3, 4, 150);
  season.stand(quarry, 'by the spring', 5, 1, 120);
  season.stand(quarry, 'north face', -6, 3, 90);
  season.stand(quarry, 'by the birch', 3, 5, 180);
  season.movedBySteps('north face', { x: -6, y: 3 }, { x: -4.5, y: 4.6 }, '2027-05-14', ['2027-05-14', '2027-05-15']);
  season.mark(quarry, 'water', 6, 1.5, 8, 3);
  season.counted(
    '2027-05-14T19:00',
    'home',
    {
      'nuc-box': 0,
      'brood-box': 2,
      super: 3,
      floor: 1,
      'crown-board': 1,
      roof: 1,
      excluder: 2,
      'split-board': 1,
      'drawn-comb': 4,
      foundation: 20,
      'frozen-stores': 4,
      feeder: 2,
      'queen-cage': 3,
      strap: 4,
      newspaper: 12,
      sugar: 10,
      'pen-yellow': 1,
      'pen-white': 1,
    },
    '2026-11-03',
  );
  season.counted('2027-05-15T15:30', garden, { 'nuc-box': 3, 'drawn-comb': 5, foundation: 0, super: 1, excluder: 1 });
  season.counted('2027-05-15T17:00', quarry, { 'nuc-box': 0, 'drawn-comb': 2, foundation: 8, super: 0 });
  season.counted('2027-05-15T17:00', 'car', { strap: 2, feeder: 1 });
}

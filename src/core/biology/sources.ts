/** Where the figures come from. */
export const SOURCES = {
  development:
    'Development times of Apis mellifera at brood-nest temperature (34 to 35 °C) as taught in basic courses: queen 3 + 5 + 8, worker 3 + 6 + 12, drone 3 + 7 + 14 days; a day is allowed to either side',
  queenRearing:
    'Queen-rearing practice: grafts from larvae up to a day old give the best queens, female larvae of up to three days can still become queens',
  mating:
    'Mating biology: flights begin about a week after emergence in settled weather and laying some days later; over three weeks is overdue',
  eggPosture: 'An egg stands upright on its first day and sinks until it lies flat on its third',
  derived: 'Follows from the development times',
  caution: 'Ubbet’s own margin, on the careful side',
  setting: 'Ubbet’s own margin; can be changed in the settings',
  rate: 'Share of the 21 days from laying that a worker spends as egg, open larva and sealed brood',
  comb: 'Comb counts: cells to the square decimetre of drawn worker comb, over both sides of a frame of that size',
  weighed: 'Weighings of comb, boxes and bees in ordinary use, rounded',
  practice: 'Common practice for giving room',
  measured: 'Hives counted by frames and painted side by side, compared',
} as const;

import { figure } from '../biology/figure';
import { SOURCES } from '../biology/sources';

const FRAMES = 'frames of brood';

/** The least strength for each kind of method; below it neither half would thrive. */
export const BROOD_FOR_NUC = figure('Brood for a nuc swarm or a queen split', 4, FRAMES, SOURCES.setting);
export const BROOD_FOR_SPLIT = figure('Brood for an old-site swarm or a split', 5, FRAMES, SOURCES.setting);
export const BROOD_FOR_DEMAREE = figure(
  'Brood for a Demaree, a vertical split or interleaving',
  6,
  FRAMES,
  SOURCES.setting,
);
export const SEAMS_FOR_DEMAREE = figure('Covered seams for a Demaree or interleaving', 8, 'seams', SOURCES.setting);
/** Empty frames between brood are kept warm by the bees only while nights stay this warm. */
export const INTERLEAVE_NIGHT = figure(
  'Interleave only while the next five nights stay at',
  10,
  '°C or more',
  SOURCES.setting,
);
/** A Demaree wants the main flow on, or within this many days. */
export const MAIN_FLOW_NEAR = figure('Main flow near enough for a Demaree', 14, 'days', SOURCES.setting);
/** Open brood above an excluder is chilled in colder nights. */
export const ONLY_SEALED_UP_NIGHT = figure(
  'Only sealed brood goes up in a Demaree when one of the next five nights is under',
  7,
  '°C',
  SOURCES.setting,
);

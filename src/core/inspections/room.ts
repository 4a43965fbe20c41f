import { figure } from '../biology/figure';
import { SOURCES } from '../biology/sources';

/** With less laying room than this the colony counts as congested. */
export const SHORT_OF_ROOM_DAYS = figure('Short of laying room under', 7, 'days', SOURCES.caution);

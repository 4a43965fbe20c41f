import { figure } from '../biology/figure';

/** With less laying room than this the colony counts as congested. */
export const SHORT_OF_ROOM_DAYS = figure('short-of-laying-room-under', 7, 'days', 'caution');

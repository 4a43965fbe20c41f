'use client';

import { localMinute } from '../../core/calendar/local-minute';
import { useBook } from './BookContext';

/**
 * The present minute, `YYYY-MM-DDTHH:mm`, for what is said now: a page that is kept on the device may have been made yesterday. The
 * demo has a day of its own, which only its pages know.
 *
 * @param shownAt the minute that the page was made for
 */
export function useThisMinute(shownAt: string): () => string {
  const isDemo = useBook()?.isDemo;
  return () => (isDemo ? shownAt : localMinute(new Date()));
}

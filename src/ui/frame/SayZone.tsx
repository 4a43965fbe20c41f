'use client';

import { useEffect } from 'react';
import { ZONE_COOKIE } from '../../core/calendar/zone-cookie';

const A_YEAR_S = 31_536_000;

/** Tells the server in which time zone the keeper is, so that its today is the keeper's. */
export function SayZone() {
  useEffect(() => {
    const { timeZone } = Intl.DateTimeFormat().resolvedOptions();
    // biome-ignore lint/suspicious/noDocumentCookie: the Cookie Store API is not there in every browser yet
    document.cookie = `${ZONE_COOKIE}=${encodeURIComponent(timeZone)};path=/;max-age=${A_YEAR_S};samesite=strict`;
  }, []);
  return null;
}

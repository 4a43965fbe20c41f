'use client';

import Link from 'next/link';
import { useCallback, useEffect, useState } from 'react';
import { MORNING_TAG } from '../../device/mornings';
import { morningPhrases } from '../../words/morning';
import { Button } from '../controls/Button';

/** What browsers that wake a page by themselves have. */
interface PeriodicSync {
  register(tag: string, options: { readonly minInterval: number }): Promise<void>;
  unregister(tag: string): Promise<void>;
  getTags(): Promise<readonly string[]>;
}

type State = 'cannot' | 'home-screen-first' | 'denied' | 'can-be' | 'is-on';

/** The browser wakes it no more often than that, ms. */
const OFTEN_MS = 6 * 3_600_000;

async function syncHere(): Promise<PeriodicSync | null> {
  if (!('serviceWorker' in navigator) || !('Notification' in window)) return null;
  const registration = await navigator.serviceWorker.getRegistration();
  return (registration as { periodicSync?: PeriodicSync } | undefined)?.periodicSync ?? null;
}

async function stateNow(): Promise<State> {
  const sync = await syncHere();
  if (!sync) return 'cannot';
  if (Notification.permission === 'denied') return 'denied';
  const name = 'periodic-background-sync' as PermissionName;
  const allowed = await navigator.permissions.query({ name }).catch(() => null);
  if (allowed?.state !== 'granted') return 'home-screen-first';
  const isOn = Notification.permission === 'granted' && (await sync.getTags()).includes(MORNING_TAG);
  return isOn ? 'is-on' : 'can-be';
}

const SAID: { readonly [S in State]: string } = {
  cannot: morningPhrases.cannot,
  'home-screen-first': morningPhrases.homeScreenFirst,
  denied: morningPhrases.denied,
  'can-be': morningPhrases.canBe,
  'is-on': morningPhrases.isOn,
};

/** A notice on the morning of a round, made by this device alone; where it cannot, that is said, with what can. */
export function MorningNotice() {
  const [state, setState] = useState<State | null>(null);
  const look = useCallback(() => void stateNow().then(setState, () => setState('cannot')), []);
  useEffect(look, [look]);
  const turn = async (on: boolean) => {
    const sync = await syncHere();
    if (on && (await Notification.requestPermission()) === 'granted') {
      await sync?.register(MORNING_TAG, { minInterval: OFTEN_MS });
    }
    if (!on) await sync?.unregister(MORNING_TAG);
    look();
  };
  if (state === null) return null;
  return (
    <>
      <p className="mt-1" role="status">
        {SAID[state]}
      </p>
      {state === 'can-be' && (
        <Button kind="plain" className="mt-2" onClick={() => void turn(true)}>
          {morningPhrases.turnOn}
        </Button>
      )}
      {state === 'is-on' && (
        <Button kind="quiet" className="min-h-11" onClick={() => void turn(false)}>
          {morningPhrases.turnOff}
        </Button>
      )}
      {state !== 'is-on' && state !== 'can-be' && (
        <p className="mt-1">
          <Link prefetch={false} href="/data">
            {morningPhrases.toCalendar}
          </Link>
        </p>
      )}
    </>
  );
}

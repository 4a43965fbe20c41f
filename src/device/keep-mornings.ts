import { MORNINGS, MORNINGS_CACHE, type Morning } from './mornings';

const SAID_ON = '/mornings-said-on';

/** Lays them where the service worker finds them. */
export async function keepMornings(mornings: readonly Morning[]): Promise<void> {
  await (await caches.open(MORNINGS_CACHE)).put(MORNINGS, Response.json(mornings));
}

export async function keptMornings(): Promise<{
  readonly mornings: readonly Morning[];
  readonly saidOn: string | null;
}> {
  const cache = await caches.open(MORNINGS_CACHE);
  const [kept, said] = await Promise.all([cache.match(MORNINGS), cache.match(SAID_ON)]);
  return { mornings: kept ? ((await kept.json()) as readonly Morning[]) : [], saidOn: said ? await said.text() : null };
}

/** @param day `YYYY-MM-DD` */
export async function rememberSaid(day: string): Promise<void> {
  await (await caches.open(MORNINGS_CACHE)).put(SAID_ON, new Response(day));
}

/** Who may ask: whoever comes, a reader, or the keeper alone. Each may what those before it may. */
export type Asker = 'anybody' | 'reader' | 'keeper';

/** Who may look at a route, and who may write to it by which methods. A method that is not named is closed. */
export interface Route {
  readonly looks: Asker | null;
  readonly writes: { readonly [method: string]: Asker };
}

const page = (looks: Asker = 'reader'): Route => ({ looks, writes: {} });
const takes = (...methods: readonly string[]): Route => ({
  looks: null,
  writes: Object.fromEntries(methods.map((method) => [method, 'keeper' as const])),
});
const gives = (looks: Asker, ...methods: readonly string[]): Route => ({ ...takes(...methods), looks });

/**
 * Every route there is, as it stands in `src/app`: what is not here is closed. A part in brackets stands for one segment, whatever it
 * is. Writing is the keeper's, but for devices, which bring what they measure by a key of their own; a reader has no use for what would
 * let her take the book away, or in.
 */
export const ROUTES: { readonly [path: string]: Route } = {
  '/': page(),
  '/apiaries': page(),
  '/apiaries/[id]': page(),
  '/apiaries/[id]/map': page(),
  '/apiaries/[id]/weather': page(),
  '/apiaries/[id]/year': page(),
  '/apiaries/kit': page(),
  '/apiaries/kit/packing/[on]/[apiary]': page(),
  '/apiaries/new': page(),
  '/cell-clock': page(),
  '/cells': page(),
  '/colonies': page(),
  '/colonies/[id]': page(),
  '/colonies/[id]/begun': page(),
  '/colonies/[id]/board/[method]': page(),
  '/colonies/[id]/decide': page(),
  '/colonies/[id]/edit': page(),
  '/colonies/[id]/entries': page(),
  '/colonies/[id]/frames': page(),
  '/colonies/[id]/frames/survey': page(),
  '/colonies/[id]/inspect': page(),
  '/colonies/[id]/inspect/[inspectionId]': page(),
  '/colonies/[id]/queen': page(),
  '/colonies/[id]/queen/[eventId]': page(),
  '/colonies/[id]/scale': page(),
  '/colonies/[id]/share': page(),
  '/colonies/[id]/start/[method]': page(),
  '/colonies/new': page(),
  '/colonies/new/several': page(),
  '/colonies/queens': page(),
  '/colonies/queens/[id]': page(),
  '/data': page('keeper'),
  '/data/bring-in': page('keeper'),
  '/days/[day]': page(),
  '/frame-plans/[id]': page(),
  '/free-time': page(),
  '/hive': page(),
  '/methods': page(),
  '/methods/[name]': page(),
  '/offline': page(),
  '/paper': page(),
  '/paper/blank': page(),
  '/paper/cards': page(),
  '/paper/programme/[id]': page(),
  '/phone': page('keeper'),
  '/practice': page(),
  '/programmes/[id]': page(),
  '/room': page(),
  '/rounds/[id]': page(),
  '/season': page(),
  '/season/looking-back': page(),
  '/season/plan': page(),
  '/season/what-if': page(),
  '/settings': page('keeper'),
  '/start': page(),
  '/swarm-out': page(),

  '/icon.svg': page('anybody'),
  '/manifest.webmanifest': page('anybody'),
  '/sw.js': page('anybody'),
  // The calendar's address is a secret of its own.
  '/calendar/[token]': page('anybody'),

  '/api/alive': gives('anybody'),
  '/api/answers': takes('POST'),
  '/api/answers/[id]': takes('DELETE'),
  '/api/apiaries': takes('POST'),
  '/api/backups': gives('keeper', 'POST'),
  '/api/backups/bring-back': takes('POST'),
  '/api/backups/folder': takes('POST'),
  '/api/backups/look': gives('keeper'),
  '/api/brought-in': takes('POST'),
  '/api/brought-in/[id]': takes('DELETE'),
  '/api/brought-in/book': gives('keeper'),
  '/api/calendar': gives('keeper', 'POST', 'PUT', 'DELETE'),
  '/api/check-changes': takes('POST'),
  '/api/colonies': takes('POST'),
  '/api/colonies/[id]': takes('DELETE', 'POST'),
  '/api/colonies/several': takes('POST'),
  '/api/csv/[sheet]': gives('keeper'),
  '/api/device-keys': takes('POST', 'DELETE'),
  '/api/food': takes('POST'),
  '/api/frame-plans': takes('POST'),
  '/api/frame-plans/progress': takes('POST'),
  '/api/free-time': takes('POST'),
  '/api/inspections': takes('POST'),
  '/api/inspections/[id]': gives('reader', 'DELETE', 'POST'),
  '/api/kept-frames': takes('POST'),
  '/api/kit-entries': takes('POST'),
  '/api/kit-entries/taken-out': takes('POST'),
  '/api/nights': takes('POST'),
  '/api/pack': gives('reader'),
  '/api/photos': takes('POST'),
  '/api/photos/[id]': gives('reader'),
  '/api/plan-seen': takes('POST'),
  '/api/practice': takes('POST'),
  '/api/programme-ends': takes('POST'),
  '/api/programmes': takes('POST'),
  '/api/programmes/[id]': takes('POST', 'DELETE', 'PUT'),
  '/api/queen-events': takes('POST'),
  '/api/queen-events/[id]': takes('POST', 'DELETE'),
  '/api/queens': takes('POST'),
  '/api/queens/join': takes('POST'),
  '/api/queens/part': takes('POST'),
  '/api/round-wishes': takes('POST'),
  '/api/rounds-made': takes('POST'),
  '/api/rounds-made/[id]': takes('DELETE'),
  '/api/scale': { looks: null, writes: { POST: 'anybody' } },
  '/api/scale-answers': takes('POST'),
  '/api/scale-files': takes('POST', 'DELETE'),
  '/api/season-plans': takes('POST'),
  '/api/season/export': gives('keeper'),
  '/api/season/import': takes('POST'),
  '/api/season/preview': takes('POST'),
  '/api/season/wipe': takes('POST'),
  '/api/schools': takes('POST'),
  '/api/settings': takes('POST'),
  '/api/simulated': takes('POST'),
  '/api/start': takes('POST'),
  '/api/starts': takes('POST'),
  '/api/steps': takes('POST'),
  '/api/surveys': takes('POST'),
  '/api/surveys/[id]': gives('reader', 'DELETE', 'POST'),
  '/api/weather': { looks: null, writes: { POST: 'anybody' } },
  '/api/weather-files': takes('POST', 'DELETE'),
  '/api/yard': takes('POST'),
  '/api/yard/moves': takes('POST'),
};

/** How Ubbet is built: files that the build made, and nothing of the book. */
const BUILT: readonly string[] = ['_next', 'static'];
/** Where they lie is one folder with others in it, and none of them leads out of it: `plainAddress` sees to that. */
const BUILT_FILE: Route = page('anybody');

/**
 * The route that a path leads to; null: to none. A segment that is named goes before one that may be anything, as where the application
 * looks: `/colonies/new` is no colony.
 *
 * @param path as `plainAddress` gives it
 */
export function routeOf(path: string): Route | null {
  const segments = path.split('/').slice(1);
  if (segments.length > BUILT.length && BUILT.every((name, i) => segments[i] === name)) return BUILT_FILE;
  let found: { readonly route: Route; readonly rank: string } | null = null;
  for (const [pattern, route] of Object.entries(ROUTES)) {
    const rank = rankOf(pattern.split('/').slice(1), segments);
    // A named segment ranks before one in brackets, from the left.
    if (rank !== null && (found === null || rank < found.rank)) found = { route, rank };
  }
  return found?.route ?? null;
}

/** For each segment 0 where it is named and 1 where anything would do; null: it does not lead there. */
function rankOf(pattern: readonly string[], segments: readonly string[]): string | null {
  if (pattern.length !== segments.length) return null;
  let rank = '';
  for (const [i, part] of pattern.entries()) {
    if (part.startsWith('[') ? segments[i] !== '' : part === segments[i]) rank += part.startsWith('[') ? 1 : 0;
    else return null;
  }
  return rank;
}

import 'server-only';

/** The calendar as programs fetch it: never kept by anything in between, since its dates move. */
export function calendarResponse(text: string, asFile: boolean): Response {
  return new Response(text, {
    headers: {
      'Content-Type': 'text/calendar; charset=utf-8',
      'Cache-Control': 'no-store',
      ...(asFile ? { 'Content-Disposition': 'attachment; filename="ubbet.ics"' } : {}),
    },
  });
}

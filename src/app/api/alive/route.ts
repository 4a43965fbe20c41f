/** Says that Ubbet answers, and nothing else. */
export const GET = () => Response.json({ ok: true, value: null });

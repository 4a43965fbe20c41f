/** Plain enough for any browser and any printer. */
const STYLE = `body{font:16px/1.45 system-ui,sans-serif;color:#16232b;max-width:52rem;margin:1.5rem auto;padding:0 1rem}
h1{font-size:1.9rem;margin:0}h2{font-size:1.2rem;margin:1.4rem 0 .3rem;border-top:2px solid #16232b;padding-top:.3rem}
ul,ol{margin:.2rem 0;padding-left:1.2rem}table{border-collapse:collapse;width:100%}th,td{text-align:left;vertical-align:top;padding:.25rem .6rem .25rem 0;border-bottom:1px solid #cbd5d2}
tr,li{break-inside:avoid}h2{break-after:avoid}`;

const escaped = (text: string): string => text.replaceAll('&', '&amp;').replaceAll('<', '&lt;');

/** A page by itself: one file without anything to fetch. */
export const sharedFile = (title: string, body: string): string =>
  `<!doctype html>\n<html lang="en"><head><meta charset="utf-8"><meta name="viewport" content="width=device-width, initial-scale=1"><title>${escaped(title)}</title><style>${STYLE}</style></head><body>${body}</body></html>\n`;

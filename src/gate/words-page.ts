/** Text as it may stand in a page. */
export const escaped = (text: string): string =>
  text.replaceAll('&', '&amp;').replaceAll('<', '&lt;').replaceAll('>', '&gt;').replaceAll('"', '&quot;');

const STYLE = `
  :root { color-scheme: light dark; }
  body { font: 18px/1.5 system-ui, sans-serif; margin: 0; background: #f3f5f4; color: #16211f; }
  main { max-width: 34rem; margin: 0 auto; padding: 2rem 1.25rem; }
  h1 { font-size: 1.7rem; line-height: 1.15; margin: 0 0 1rem; border-bottom: 3px solid currentColor; padding-bottom: .4rem; }
  label, input, button, .key { display: block; width: 100%; box-sizing: border-box; font: inherit; }
  input[type=password], input[type=text] { min-height: 3rem; padding: .4rem .7rem; border: 2px solid currentColor; background: #fff; color: #16211f; margin-bottom: 1rem; }
  .tick { display: flex; gap: .6rem; align-items: center; min-height: 3rem; }
  .tick input { width: 1.4rem; height: 1.4rem; }
  button, .key { min-height: 3.2rem; border: 2px solid #16211f; background: #16211f; color: #fff; font-weight: 700; text-align: center; text-decoration: none; padding: .7rem 1rem; }
  button:focus-visible, input:focus-visible, a:focus-visible { outline: 3px solid #3f5bb0; outline-offset: 2px; }
  .wrong { border-left: 4px solid #a3431f; padding-left: .8rem; color: #8a3414; font-weight: 700; }
  code { word-break: break-all; font-size: .95em; }
  @media (prefers-color-scheme: dark) { body { background: #121a19; color: #e6ece9; } input { color: #16211f; } .wrong { color: #f0a98d; } }
`;

/** A page of plain words, complete in itself: no script, nothing of the book, nothing fetched. */
export function wordsPage(title: string, body: string): string {
  return `<!doctype html>
<html lang="en-GB">
<head><meta charset="utf-8"><meta name="viewport" content="width=device-width, initial-scale=1"><title>${escaped(title)} · Ubbet</title><style>${STYLE}</style></head>
<body><main><h1>${escaped(title)}</h1>
${body}
</main></body>
</html>
`;
}

/** A page with a sentence or two. */
export const sayingPage = (title: string, ...sentences: readonly string[]): string =>
  wordsPage(title, sentences.map((sentence) => `<p>${escaped(sentence)}</p>`).join('\n'));

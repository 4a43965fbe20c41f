/** A page in some engine, driven by what every engine can do: go somewhere, and run a script there. */
export interface EnginePage {
  readonly name: string;
  goto(url: string): Promise<void>;
  /** Runs the body of a function in the page and gives back what it returns. */
  run<T>(body: string, ...args: readonly unknown[]): Promise<T>;
  /** Errors of the page's scripts so far, as far as the engine tells of them. */
  errors(): Promise<readonly string[]>;
  close(): Promise<void>;
}

const PATIENCE_MS = 30_000;
const STEP_MS = 150;

/** Finds what is seen by its text or label, as somebody would who looks at the page. */
const FIND = `
  const [selector, text] = arguments;
  const said = (node) => (node.getAttribute('aria-label') ?? node.textContent ?? '').replace(/\\s+/g, ' ').trim();
  const isSeen = (node) => node.getClientRects().length > 0;
  const all = [...document.querySelectorAll(selector)].filter((node) => isSeen(node));
  const found = all.find((node) => said(node) === text) ?? all.find((node) => said(node).startsWith(text)) ?? all.find((node) => said(node).includes(text));
`;

export async function until<T>(what: string, ask: () => Promise<T | null | false | undefined>): Promise<T> {
  const end = Date.now() + PATIENCE_MS;
  for (;;) {
    const value = await ask().catch(() => null);
    if (value) return value;
    if (Date.now() > end) throw new Error(`waited in vain for ${what}`);
    await new Promise((resolve) => setTimeout(resolve, STEP_MS));
  }
}

/** Opens an address, and waits until the page answers. */
export async function open(page: EnginePage, url: string): Promise<void> {
  await page.goto(url);
  await until(`${url} to come alive`, () =>
    page.run<boolean>("return document.documentElement.dataset.alive === 'true'"),
  );
}

export const click = (page: EnginePage, selector: string, text: string): Promise<unknown> =>
  until(`${selector} “${text}”`, () =>
    page.run<boolean>(
      `${FIND} if (!found || found.disabled) return false; found.click(); return true;`,
      selector,
      text,
    ),
  );

/** Types into a field that is called so, as React hears it. */
export const fill = (page: EnginePage, label: string, value: string): Promise<unknown> =>
  until(`the field ${label}`, () =>
    page.run<boolean>(
      `const [name, value] = arguments;
       const labels = [...document.querySelectorAll('label')].filter((one) => one.textContent.includes(name));
       const field = labels.map((one) => one.control ?? one.querySelector('input, textarea')).find(Boolean);
       if (!field) return false;
       const proto = field.tagName === 'TEXTAREA' ? HTMLTextAreaElement.prototype : HTMLInputElement.prototype;
       Object.getOwnPropertyDescriptor(proto, 'value').set.call(field, value);
       field.dispatchEvent(new Event('input', { bubbles: true }));
       return true;`,
      label,
      value,
    ),
  );

export const sees = (page: EnginePage, selector: string, text: string): Promise<unknown> =>
  until(`${selector} with “${text}”`, () => page.run<boolean>(`${FIND} return Boolean(found);`, selector, text));

/** What this browser keeps under a name; null: nothing, or nothing that can be read. */
export function keptHere(name: string): unknown {
  try {
    return JSON.parse(localStorage.getItem(name) ?? 'null');
  } catch {
    return null;
  }
}

/** Keeps it under a name. Whether it could: a browser may keep nothing, or be full. */
export function keepHere(name: string, value: unknown): boolean {
  try {
    localStorage.setItem(name, JSON.stringify(value));
    return true;
  } catch {
    return false;
  }
}

/** Where a browser does not say when it is idle, so long after it was asked, in milliseconds. */
const A_MOMENT = 200;

/** Does something once the browser has nothing else to do. Returns what calls it off. */
export function whenIdle(run: () => void): () => void {
  if (!('requestIdleCallback' in window)) {
    const timer = setTimeout(run, A_MOMENT);
    return () => clearTimeout(timer);
  }
  const idle = requestIdleCallback(run);
  return () => cancelIdleCallback(idle);
}

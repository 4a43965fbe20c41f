/** A disk that has not answered by then does not answer. */
const DISK_PATIENCE_MS = 5_000;

/** Whether something was done on the device's disk: false where the disk is full, refuses, or does not answer. Never throws, never hangs. */
export async function inTime(work: Promise<unknown>, patience = DISK_PATIENCE_MS): Promise<boolean> {
  let timer: ReturnType<typeof setTimeout> | undefined;
  const late = new Promise<boolean>((resolve) => {
    timer = setTimeout(() => resolve(false), patience);
  });
  const done = work.then(
    () => true,
    () => false,
  );
  const result = await Promise.race([done, late]);
  clearTimeout(timer);
  return result;
}

/** Opens the data file and brings it up to date before the first request, so that a fault shows at the start. */
export async function register() {
  if (process.env.NEXT_RUNTIME !== 'nodejs') return;
  const { database } = await import('./db/open');
  const { loadSettings } = await import('./db/repositories/settings');
  const { speakUnits } = await import('./words/measures');
  speakUnits(loadSettings(database().db).units);
}

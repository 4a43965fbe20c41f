import fc from 'fast-check';
import { anySettings, dayIn, season, statesOf } from '../src/core/programmes/seasons/testing';

export interface SettingsTally {
  tried: number;
  /** Threw, or took longer than a colony may. */
  broke: number;
}

/** A colony may be reckoned so long, ms of the processor: what else the machine does is not counted. */
const AT_MOST = 2_000;

/** Folds random seasons under random legal settings, and says how long the longest took. */
export function randomSettings(count: number, seed: number, say: (line: string) => void): SettingsTally {
  const tally = { tried: 0, broke: 0 };
  let [longest, sum] = [0, 0];
  const drawn = fc.tuple(season, dayIn(5), anySettings);
  for (const [made, today, settings] of fc.sample(drawn, { numRuns: count, seed })) {
    const began = process.cpuUsage();
    try {
      statesOf(made, today, null, settings);
    } catch (error) {
      tally.broke += 1;
      say(String(error));
    }
    const { user } = process.cpuUsage(began);
    const took = user / 1000;
    longest = Math.max(longest, took);
    sum += took;
    if (took > AT_MOST) tally.broke += 1;
    tally.tried += 1;
  }
  say(`a season under random settings: ${(sum / count).toFixed(1)} ms, the longest ${Math.round(longest)} ms`);
  return tally;
}

import 'server-only';
import { minutesByKind } from '../../core/rounds/work';
import type { Book } from '../../db/open';
import { loadSettings } from '../../db/repositories/settings';
import type { PackedPlan } from '../../device/pack';
import { learnedMinutesNow } from './asked-now';
import type { FortnightNow } from './fortnight-now';

/** The plan as a device takes it along. */
export function packedPlan({ db }: Book, { asked, fortnight }: FortnightNow): PackedPlan {
  return {
    days: asked.days.map(({ on, freeMinutes, there }) => ({
      on,
      freeMinutes,
      there: [...there].map(([id, { fit, openMinutes, briefMinutes }]) => [id, { fit, openMinutes, briefMinutes }]),
    })),
    apiaries: asked.apiaries,
    gifts: asked.gifts,
    minutes: minutesByKind(loadSettings(db).workMinutes, learnedMinutesNow(db)),
    rounds: fortnight.rounds.map(({ on, apiary, checks, hours }) => ({ on, apiary, checks, hours })),
  };
}

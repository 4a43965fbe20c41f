import 'server-only';
import type { Day } from '../core/calendar/day';
import type { ChoicesAsked } from '../core/choices/asked';
import { CAR, HOME, type KitPlace } from '../core/kit/kit-entry';
import { THINGS, type Thing } from '../core/methods/thing';
import type { Book } from '../db/open';
import type { AllApiaries, StandingColony } from '../views/all-apiaries';
import { askedOfColony, plansOf } from './asked-of-colony';
import { stockNow } from './kit/stock-now';

/** Where one of a thing lies that is not at hand: by the thing. */
export type LiesElsewhere = { readonly [T in Thing]?: KitPlace };

export interface ChoicesNow {
  readonly asked: ChoicesAsked;
  readonly elsewhere: LiesElsewhere;
}

/** What is asked of a colony's choices today: how it stands, its place, what the season's plan wants of it, and the kit at hand. */
export function choicesNow(opened: Book, all: AllApiaries, standing: StandingColony, today: Day): ChoicesNow {
  const { kit, elsewhere } = kitAtHand(opened, all, standing.apiary.id, today);
  const asked = { ...askedOfColony(all, plansOf(opened.db, today), standing, today), kit };
  return { asked, elsewhere };
}

/** What lies at an apiary or in the car; where nothing was ever counted nothing is missing. */
function kitAtHand(opened: Book, all: AllApiaries, apiaryId: string, today: Day) {
  const { entries, stock, isUnreckoned } = stockNow(opened, all, today);
  if (entries.length === 0 || isUnreckoned) return { kit: null, elsewhere: {} };
  const counted = THINGS.filter((thing) => entries.some((entry) => entry.thing === thing));
  const isAt = (place: KitPlace) => (thing: Thing) => stock.lying(place, thing).count > 0;
  const isHere = (thing: Thing) => isAt(apiaryId)(thing) || isAt(CAR)(thing);
  const places = [HOME, ...all.apiaries.map(({ id }) => id)];
  const elsewhere: { [T in Thing]?: KitPlace } = {};
  for (const thing of counted) {
    const place = isHere(thing) ? undefined : places.find((one) => isAt(one)(thing));
    if (place !== undefined) elsewhere[thing] = place;
  }
  // What was never counted anywhere may be there.
  return { kit: THINGS.filter((thing) => !counted.includes(thing) || isHere(thing)), elsewhere };
}

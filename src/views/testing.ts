import { day } from '../core/calendar/day';
import type { ColonyFacts } from '../core/colony/facts';
import { aColony } from '../core/colony/testing';
import { bareApiary } from '../core/facts/apiary';
import { DEFAULT_SETTINGS } from '../core/settings/settings';
import { foldColony } from '../core/state/fold';
import type { StandingColony } from './all-apiaries';

/** A colony in a yard, for tests: in Orchard, known since April 2027, with the facts given. */
export function aStandingColony(
  name: string,
  facts: Partial<ColonyFacts>,
  today: string,
  apiary = 'Orchard',
): StandingColony {
  const state = foldColony(aColony(facts), DEFAULT_SETTINGS, day(today));
  return {
    apiary: bareApiary(apiary, apiary),
    colony: {
      id: name,
      apiaryId: apiary,
      name,
      stand: '',
      origin: 'established',
      parentColonyId: null,
      startedOn: '2027-04-01',
      endedOn: null,
      note: '',
      wanted: 'nothing',
    },
    state,
  };
}

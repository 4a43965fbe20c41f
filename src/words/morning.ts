import { listWords } from './list';

/** So many hives are named. */
const NAMED = 3;

/** What a phone says in the morning. */
export const morningPhrases = {
  title: 'At the hives today',
  /** @example `10:05 Walled garden: Sainfoin, Vetch, Yarrow and 2 more` */
  round: (begins: string | null, apiary: string, names: readonly string[]) => {
    const more = names.length - NAMED;
    const said = more > 1 ? `${names.slice(0, NAMED).join(', ')} and ${more} more` : listWords(names);
    return `${begins === null ? '' : `${begins} `}${apiary}: ${said}`;
  },
  heading: 'A notice in the morning',
  isOn: 'On: on the morning of a round this device says where and at which hives. Nothing leaves your network for it.',
  canBe: 'On the morning of a round this device can say where and at which hives.',
  turnOn: 'Tell me in the morning',
  turnOff: 'Stop it',
  homeScreenFirst: 'Put Ubbet on the home screen and open it from there; then this device can tell you in the morning.',
  denied: 'Notices of this page are turned off in the browser’s settings.',
  cannot: 'This browser cannot do that without an outside service. Your calendar can: put the rounds in it.',
  toCalendar: 'Rounds in your calendar',
};

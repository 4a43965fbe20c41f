import type { Flow } from '../../core/space/nectar';
import { temperatureWords } from '../measures';

/** Room in every colony. */
export const roomPhrases = {
  nightsKnown: (known: readonly { readonly name: string; readonly coldestC: number }[]) =>
    `From the weather pages: ${known.map(({ name, coldestC }) => `${name} ${temperatureWords(coldestC)}`).join(', ')}.`,
  flowEntered: (flow: Flow) =>
    `Reckoned with ${{ none: 'no nectar', light: 'some nectar', strong: 'the main flow' }[flow]}, as you entered it.`,
  supersFull: (share: number) => `Supers ${Math.round(share * 100)}% full`,
  supersReady: (supers: number) => `${supers === 1 ? 'One super is' : `${supers} supers are`} ready to take off`,
};

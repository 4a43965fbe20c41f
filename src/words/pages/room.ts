import type { Flow } from '../../core/space/nectar';
import { temperatureWords } from '../measures';

/** Room in every colony. */
export const roomPhrases = {
  pollenTakesThreeTenths: 'Pollen takes three tenths of the drawn comb or more.',
  storesTakeHerComb: (by: 'nectar' | 'honey') =>
    `${by === 'nectar' ? 'Nectar' : 'Honey'} takes the comb that she needs.`,
  emptyFramesInBetweenWould: 'Empty frames in between would part young brood, as far as the frames tell.',
  beesCoverFourFifths: 'Bees cover four fifths of the top box or more.',
  theSupersAreSevenTenths: 'The supers are seven tenths full or more.',
  nightsKnown: (known: readonly { readonly name: string; readonly coldestC: number }[]) =>
    `From the weather pages: ${known.map(({ name, coldestC }) => `${name} ${temperatureWords(coldestC)}`).join(', ')}.`,
  flowEntered: (flow: Flow) =>
    `Reckoned with ${{ none: 'no nectar', light: 'some nectar', strong: 'the main flow' }[flow]}, as you entered it.`,
  newOnes: (made: number) => `new ${made}`,
  supersFull: (share: number) => `Supers ${Math.round(share * 100)}% full`,
  supersReady: (supers: number) => `${supers === 1 ? 'One super is' : `${supers} supers are`} ready to take off`,
};

import type { Caution } from '../core/methods/method';
import { measured } from './measures';

/** What to mind, where it matters; doctors, law and labels have the last word. */
const CAUTION_WORDS: { readonly [C in Caution]: string } = {
  lifting: 'Lifting: a full deep box can pass {35 kg}. Take frames out first, or lift with help.',
  stings:
    'Stings: veil and gloves at hand. Allergic? Never alone, carry what your doctor prescribed, know the emergency number.',
  smoker: 'Smoker: put embers out in a safe place; mind dry-grass bans.',
  'brood-disease':
    'Brood sunken, perforated, smelly or ropy: stop, move no frame, close up and call the bee inspector. Local law decides.',
  transport:
    'On the road: entrance shut, boxes strapped, air for the bees; ask whether moving is allowed where you are.',
  treatment: 'Treatments by their label and local rule only.',
};

export const cautionWords = (caution: Caution): string => measured(CAUTION_WORDS[caution]);

import { LOOKED, type Looked } from '../../core/brood/looked';
import { LOOKED_CHOICES } from '../../words/choices';

export const LOOKED_OPTIONS: readonly { readonly value: Looked; readonly name: string }[] = LOOKED.map((value) => ({
  value,
  name: LOOKED_CHOICES[value],
}));

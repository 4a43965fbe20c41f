import type { Fit, MissingCode } from '../core/methods/fit';
import { inWords } from './in-words';

/** Whether a method fits, as it is read. */
export type FitInWords =
  | { readonly kind: 'fits'; readonly warnings: readonly string[] }
  | { readonly kind: 'would-fit'; readonly missing: readonly { readonly code: MissingCode; readonly text: string }[] }
  | { readonly kind: 'does-not-fit'; readonly because: string };

export function fitInWords(fit: Fit): FitInWords {
  switch (fit.kind) {
    case 'fits':
      return { kind: 'fits', warnings: fit.warnings.map(inWords) };
    case 'would-fit':
      return { kind: 'would-fit', missing: fit.missing.map(({ code, text }) => ({ code, text: inWords(text) })) };
    case 'does-not-fit':
      return { kind: 'does-not-fit', because: inWords(fit.because) };
  }
}

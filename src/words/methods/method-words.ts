import type { Method } from '../../core/methods/method';

/** What is said of a method: every code of its definition has words, and no other has. */
export interface MethodWordsOf<M extends Method> {
  readonly title: string;
  readonly fitsWhen: string;
  /** Whom it suits. */
  readonly suits: string;
  /** What is lost when it fails. */
  readonly ifItFails: string;
  /** What has to be lifted; null: nothing heavier than a nuc or a super being filled. */
  readonly lifting: M['lifts'] extends true ? string : null;
  readonly kit: { readonly [K in M['kit'][number]['code']]: string };
  readonly steps: { readonly [S in M['steps'][number]]: string };
  /** What each unit gets, and where it stands. */
  readonly units: { readonly [U in M['units'][number]['name']]: { readonly gets: string; readonly stands: string } };
  /** Where keepers differ. */
  readonly schools: { readonly [S in M['schools'][number]]: string };
}

import type { Content } from '../../core/space/content';
import type { Glance } from '../../core/space/count-survey';

/** What a stroke paints: whole frames by what they mainly hold, or tenths of a side. */
export type Brush =
  | { readonly reach: 'frame'; readonly glance: Glance }
  | { readonly reach: 'tenth'; readonly content: Content };

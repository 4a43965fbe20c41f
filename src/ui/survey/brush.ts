import type { Content } from '../../core/space/content';
import type { FrameFill } from '../../device/survey-draft';

/** What a stroke paints: whole frames by what they mainly hold, no frame at all, or tenths of a side. */
export type Brush =
  | { readonly reach: 'frame'; readonly fill: FrameFill | 'none' }
  | { readonly reach: 'tenth'; readonly content: Content };

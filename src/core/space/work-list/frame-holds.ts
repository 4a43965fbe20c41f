import { mainContent } from '../frame-traits';
import type { Frame, FrameKind } from '../hive';

/** What a frame mainly holds, or what else hangs in its place. */
export type FrameHolds = NonNullable<ReturnType<typeof mainContent>> | FrameKind;

export const holdsOf = (frame: Frame): FrameHolds => mainContent(frame) ?? frame.kind;

import { CONTENTS, type Side, TENTHS, tenthsOf } from '../core/space/content';
import type { CountedAs } from '../core/space/count-survey';
import type { Frame } from '../core/space/hive';
import { CONTENT_WORDS, GLANCE_WORDS } from './frames';

/** What a place of a box is counted as. */
export const COUNTED_WORDS: { readonly [C in CountedAs]: string } = {
  ...GLANCE_WORDS,
  dummy: 'dummy board',
  feeder: 'frame feeder',
};

/** What a frame holds, for those who do not see it: `sealed brood 11, pollen 3, empty comb 6, of 20 tenths`. */
export function frameContents({ sides, kind }: Frame): string {
  if (!sides) return kind === 'dummy' ? 'a dummy board' : 'a feeder';
  const parts = CONTENTS.map((content) => ({
    content,
    tenths: tenthsOf(sides[0], content) + tenthsOf(sides[1], content),
  }))
    .filter(({ tenths }) => tenths > 0)
    .sort((a, b) => b.tenths - a.tenths);
  if (parts.length === 1) return `all ${CONTENT_WORDS[(parts[0] as (typeof parts)[number]).content]}`;
  return `${parts.map(({ content, tenths }) => `${CONTENT_WORDS[content]} ${tenths}`).join(', ')}, of 20 tenths`;
}

/** What one side of a comb holds: `sealed brood 6, pollen 1, empty comb 3, of 10 tenths`. */
export function sideContents(side: Side): string {
  const parts = CONTENTS.filter((content) => tenthsOf(side, content) > 0).sort(
    (a, b) => tenthsOf(side, b) - tenthsOf(side, a),
  );
  const [only] = parts;
  if (parts.length === 1 && only) return `all ${CONTENT_WORDS[only]}`;
  return `${parts.map((content) => `${CONTENT_WORDS[content]} ${tenthsOf(side, content)}`).join(', ')}, of ${TENTHS} tenths`;
}

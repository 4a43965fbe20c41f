import { CONTENT_WORDS, CONTENTS, tenthsOf } from '../core/space/content';
import { type CountedAs, GLANCE_WORDS } from '../core/space/count-survey';
import { type Box, broodBoxes, type Frame, type Hive, supers } from '../core/space/hive';

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

/** `Brood box`, `Brood box 2`, `Super 1`: a box as a heading. */
export function boxTitle(hive: Hive, box: Box): string {
  const alike = box.role === 'brood' ? broodBoxes(hive) : supers(hive);
  const word = box.role === 'brood' ? 'Brood box' : 'Super';
  return alike.length === 1 ? word : `${word} ${alike.findIndex(({ id }) => id === box.id) + 1}`;
}

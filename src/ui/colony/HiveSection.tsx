import type { FrameSize } from '../../core/space/frame-size';
import { isBroodFrame } from '../../core/space/hive';
import type { FramesView } from '../../views/frames-view';
import { boxTitle } from '../../words/boxes';
import { wholeMassWords } from '../../words/measures';
import { briefPhrases } from '../../words/pages/colony-briefs';
import { CombPatterns } from '../frames/CombPatterns';
import { Stack } from '../frames/Stack';

/** The hive as it was last surveyed and should be today: one picture, which says its boxes and not its frames to those who do not see it. */
export function HiveSection({ frames, sizes }: { readonly frames: FramesView; readonly sizes: readonly FrameSize[] }) {
  const { hive, weighs, queenFrameId, keptCellFrames, cellFrames, surveyedOn } = frames;
  const boxes = [...hive.boxes]
    .reverse()
    .map((box) => briefPhrases.boxOf(boxTitle(hive, box), box.frames.length, box.frames.filter(isBroodFrame).length));
  const kg = Object.values(weighs.kgByBox).reduce((sum, one) => sum + one, 0);
  return (
    <figure className="hive-section bg-ground">
      <div role="img" aria-label={briefPhrases.hivePicture(boxes)}>
        <CombPatterns />
        <Stack
          isPicture
          hive={hive}
          sizes={sizes}
          weighs={weighs}
          marks={{ queenFrameId, keptCellFrames: new Set(keptCellFrames), cellFrames: new Set(cellFrames) }}
        />
      </div>
      <figcaption className="text-muted mt-1 text-sm">
        {briefPhrases.surveyed(surveyedOn, briefPhrases.whole(wholeMassWords(kg), weighs.withBees))}
      </figcaption>
    </figure>
  );
}

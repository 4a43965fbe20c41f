import type { NamedColony } from '../../views/all-apiaries';
import type { FramesView } from '../../views/frames-view';
import { briefPhrases } from '../../words/pages/colony-briefs';
import { ButtonLink } from '../controls/Button';
import { Row } from '../controls/Row';
import { CombLegend } from '../frames/CombLegend';

interface Props {
  readonly colony: NamedColony;
  readonly frames: FramesView | null;
}

/** What room she has, and the ways to her frames; the hive itself is drawn above. */
export function FramesPanel({ colony, frames }: Props) {
  const survey = `/colonies/${colony.id}/frames/survey`;
  if (!frames)
    return (
      <Row title="Frames" isHeading isBriefOnPhone brief={briefPhrases.notSurveyed}>
        <ButtonLink href={survey} kind="plain">
          Survey the frames
        </ButtonLink>
      </Row>
    );
  const { room, knownFrom } = frames;
  return (
    <Row
      title="Frames"
      isHeading
      isBriefOnPhone
      brief={<span className={room.isPressing ? 'text-willow font-semibold' : ''}>{room.headline}</span>}
    >
      <p className="text-muted max-w-prose text-sm">{`${room.because.join('. ')}. ${knownFrom}`}</p>
      <p className="mt-2 flex flex-wrap gap-3">
        <ButtonLink href={`/colonies/${colony.id}/frames`} kind="plain">
          Frames and moves
        </ButtonLink>
        <ButtonLink href={survey} kind="quiet" className="py-3">
          Survey again
        </ButtonLink>
      </p>
      <CombLegend />
    </Row>
  );
}

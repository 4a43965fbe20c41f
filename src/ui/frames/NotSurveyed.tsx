import type { NamedColony } from '../../views/all-apiaries';
import { ButtonLink } from '../controls/Button';
import { PageHead } from '../time/PageHead';

/** Nobody has told yet what is on the frames: that comes first. */
export function NotSurveyed({ colony, title }: { colony: NamedColony; title: string }) {
  return (
    <>
      <PageHead title={`${title}: the frames of ${colony.name}`} />
      <p className="mt-4 max-w-prose">
        No survey of its frames yet. Counting them by what most of each holds takes a minute; then Ubbet reckons the
        room, proposes which frame goes where, and looks on while you move them.
      </p>
      <p className="mt-3 flex gap-3">
        <ButtonLink href={`/colonies/${colony.id}/frames/survey`} kind="act">
          Survey the frames
        </ButtonLink>
        <ButtonLink href={`/colonies/${colony.id}`} kind="quiet" className="py-3">
          {`Back to ${colony.name}`}
        </ButtonLink>
      </p>
    </>
  );
}

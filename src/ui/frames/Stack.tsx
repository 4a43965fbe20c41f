import type { FrameSize } from '../../core/space/frame-size';
import { sizeOf } from '../../core/space/frame-size';
import type { Box, Hive } from '../../core/space/hive';
import type { HiveWeights } from '../../views/frames-view';
import { boxTitle } from '../../words/boxes';
import { frameContents } from '../../words/frame-contents';
import { wholeMassWords } from '../../words/measures';
import { FrameComb } from './FrameComb';

export interface FrameMarks {
  readonly queenFrameId: string | null;
  readonly keptCellFrames: ReadonlySet<string>;
  readonly cellFrames: ReadonlySet<string>;
}

interface Props {
  readonly hive: Hive;
  readonly marks: FrameMarks;
  readonly sizes: readonly FrameSize[];
  /** Which hive it is, where several are drawn on one page. */
  readonly of?: string;
  /** Absent: it is not weighed. */
  readonly weighs?: HiveWeights;
  /** It stands as one picture: whoever draws it says in words what it shows. */
  readonly isPicture?: boolean;
}

/** Of a deep box; a shallower one is drawn in proportion. */
const DEEP_HEIGHT = 112;
const DEEP_CELLS = 5000;
const LEAST_HEIGHT = 64;
/** Where it is a picture beside words. */
const AS_PICTURE = 0.6;

/** How high a box of a size is drawn, in pixels. */
export const boxHeight = (cells: number): number =>
  Math.max(LEAST_HEIGHT, Math.min(DEEP_HEIGHT * 1.4, (DEEP_HEIGHT * cells) / DEEP_CELLS));

/** The hive as a section, from the roof down to the floor. */
export function Stack(props: Props) {
  const { hive, weighs, isPicture } = props;
  const boxes = (
    <>
      <div className="h-2 bg-ink" />
      {[...hive.boxes].reverse().map((box) => (
        <div key={box.id}>
          <StackBox {...props} box={box} />
          <UnderBox under={box.under} />
        </div>
      ))}
      <div className="h-1.5 w-full bg-ink" />
    </>
  );
  if (isPicture) return <div className="max-w-md">{boxes}</div>;
  return (
    <figure aria-label="The hive" className="max-w-md">
      {boxes}
      <figcaption className="text-muted mt-1 text-sm">
        {weighs && wholeWords(weighs)}
        <span className="sr-only">{` ${hive.boxes.length} boxes, from the roof down.`}</span>
      </figcaption>
    </figure>
  );
}

const wholeWords = ({ kgByBox, withBees }: HiveWeights): string => {
  const all = wholeMassWords(Object.values(kgByBox).reduce((sum, kg) => sum + kg, 0));
  return `The whole hive ${withBees ? 'with its bees' : 'without bees, whose seams were not counted'}: about ${all}.`;
};

/** What lies between a box and the one below. */
export function UnderBox({ under }: Pick<Box, 'under'>) {
  if (under === 'open') return null;
  const isBoard = under === 'board';
  return (
    <p className={`flex items-center gap-2 py-0.5 text-xs font-semibold ${isBoard ? '' : 'text-indigo'}`}>
      <span className={`h-1 flex-1 ${isBoard ? 'bg-ink' : 'border-t-3 border-dashed border-indigo'}`} />
      {isBoard ? 'split board' : 'queen excluder'}
      <span className={`h-1 flex-1 ${isBoard ? 'bg-ink' : 'border-t-3 border-dashed border-indigo'}`} />
    </p>
  );
}

function StackBox({ hive, of, box, marks, sizes, weighs, isPicture = false }: Props & { box: Box }) {
  const { queenFrameId, keptCellFrames, cellFrames } = marks;
  const height = boxHeight(sizeOf(box.size, sizes).cells) * (isPicture ? AS_PICTURE : 1);
  return (
    <section
      aria-label={of ? `${of}: ${boxTitle(hive, box)}` : boxTitle(hive, box)}
      className="border-2 border-ink bg-ground px-1 pt-1"
    >
      <p className="text-muted flex justify-between text-xs">
        <span>{boxTitle(hive, box)}</span>
        <span>
          {[
            !isPicture && sizeOf(box.size, sizes).name,
            weighs && `about ${wholeMassWords(weighs.kgByBox[box.id] ?? 0)}`,
          ]
            .filter(Boolean)
            .join(', ')}
        </span>
      </p>
      <ol className="flex gap-px" style={{ height }}>
        {box.frames.map((frame, i) => {
          const cell = keptCellFrames.has(frame.id) ? 'kept' : cellFrames.has(frame.id) ? 'other' : null;
          const isQueenHere = frame.id === queenFrameId;
          const marked = [isQueenHere && 'the queen', cell === 'kept' && 'the kept cell', cell === 'other' && 'cells'];
          const words = [`Frame ${i + 1}: ${frameContents(frame)}`, ...marked.filter(Boolean)].join('; ');
          return (
            <li key={frame.id} className="min-w-0 flex-1" title={words} style={{ maxWidth: 44 }}>
              {!isPicture && <span className="sr-only">{words}</span>}
              <FrameComb frame={frame} isQueenHere={isQueenHere} cell={cell} />
            </li>
          );
        })}
        {Array.from({ length: Math.max(0, box.places - box.frames.length) }, (_, i) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: gaps are all alike
          <li key={i} className="min-w-0 flex-1 border border-dashed border-line" style={{ maxWidth: 44 }}>
            {!isPicture && <span className="sr-only">a gap</span>}
          </li>
        ))}
      </ol>
    </section>
  );
}

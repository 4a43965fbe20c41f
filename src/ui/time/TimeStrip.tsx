import { type Mark, markWords } from '../../views/marks';
import type { Axis } from './axis';
import { CheckTag } from './CheckTag';
import { groundOf } from './ground';
import { LeaveShutBar } from './LeaveShutBar';
import { LookMark } from './LookMark';
import { Ribbon } from './Ribbon';
import './marks.css';

const ROW_HEIGHT = 24;
const TAG_HEIGHT = 44;
const TOP = 10;

const heightOf = (mark: Mark) => TOP + mark.row * ROW_HEIGHT + (mark.type === 'check' ? TAG_HEIGHT : ROW_HEIGHT);

interface Props {
  readonly axis: Axis;
  readonly marks: readonly Mark[];
  readonly name: string;
  /** The list that it is in has the ground of all its lanes. */
  readonly isOnGround?: boolean;
}

/**
 * One lane of time under the day ruler: weekends tinted, the line of today, and whatever is marked on it. Each mark is one element, drawn by
 * `marks.css`: there are hundreds of them where there are many hives.
 */
export function TimeStrip({ axis, marks, name, isOnGround = false }: Props) {
  const minHeight = Math.max(0, ...marks.map(heightOf)) + 4;
  const words = marks.map(markWords);
  const all = words.length > 0 ? words.join('; ') : 'nothing in these four weeks';
  return (
    <div
      className="lane-time lane-marks"
      role="img"
      aria-label={`${name}. ${all}`}
      style={isOnGround ? { minHeight } : { minHeight, ...groundOf(axis) }}
    >
      {marks.map((mark, i) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: the list is made anew with every render and never re-ordered
        <MarkShape key={`${mark.type}${i}`} axis={axis} mark={mark} words={words[i] as string} />
      ))}
    </div>
  );
}

function MarkShape({ axis, mark, words }: { axis: Axis; mark: Mark; words: string }) {
  const common = { axis, y: TOP + mark.row * ROW_HEIGHT, words };
  switch (mark.type) {
    case 'ribbon':
      return <Ribbon {...common} {...mark} />;
    case 'shut':
      return <LeaveShutBar {...common} from={mark.from} to={mark.to} />;
    case 'check':
      return <CheckTag {...common} {...mark} />;
    case 'look':
      return <LookMark {...common} on={mark.on} />;
  }
}

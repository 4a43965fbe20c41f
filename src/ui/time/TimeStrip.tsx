import { type Mark, markWords } from '../../views/marks';
import type { Axis } from './axis';
import { CheckTag } from './CheckTag';
import { groundOf } from './ground';
import { LeaveShutBar } from './LeaveShutBar';
import { LookMark } from './LookMark';
import { Ribbon } from './Ribbon';

const ROW_HEIGHT = 24;
const TAG_HEIGHT = 44;
const TOP = 10;

const heightOf = (mark: Mark) => TOP + mark.row * ROW_HEIGHT + (mark.type === 'check' ? TAG_HEIGHT : ROW_HEIGHT);

/** One lane of time under the day ruler: weekends tinted, the line of today, and whatever is marked on it. */
export function TimeStrip({ axis, marks, name }: { axis: Axis; marks: readonly Mark[]; name: string }) {
  const minHeight = Math.max(0, ...marks.map(heightOf)) + 4;
  const words = marks.length > 0 ? marks.map(markWords).join('; ') : 'nothing in these four weeks';
  return (
    <div className="lane-time" style={{ minHeight, ...groundOf(axis) }}>
      <svg className="absolute inset-0 h-full w-full overflow-hidden" role="img" aria-label={`${name}. ${words}`}>
        {marks.map((mark, i) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: the list is made anew with every render and never re-ordered
          <g key={`${mark.type}${i}`}>
            <title>{markWords(mark)}</title>
            <MarkShape axis={axis} mark={mark} />
          </g>
        ))}
      </svg>
    </div>
  );
}

function MarkShape({ axis, mark }: { axis: Axis; mark: Mark }) {
  const y = TOP + mark.row * ROW_HEIGHT;
  switch (mark.type) {
    case 'ribbon':
      return <Ribbon axis={axis} y={y} {...mark} />;
    case 'shut':
      return <LeaveShutBar axis={axis} y={y} from={mark.from} to={mark.to} />;
    case 'check':
      return <CheckTag axis={axis} y={y} {...mark} />;
    case 'look':
      return <LookMark axis={axis} y={y} on={mark.on} />;
  }
}

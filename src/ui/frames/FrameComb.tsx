import { type Content, type Side, TENTHS, tenthsOf } from '../../core/space/content';
import type { Frame } from '../../core/space/hive';
import { fillOf } from './CombPatterns';

/** As a comb is filled from the top bar down. */
export const FROM_TOP: readonly Content[] = [
  'honey',
  'nectar',
  'pollen',
  'drone',
  'sealed',
  'larvae',
  'eggs',
  'empty',
  'droneComb',
  'undrawn',
  'unseen',
];

const WIDTH = 24;
const HEIGHT = 100;
const TOP_BAR = 5;

interface Props {
  readonly frame: Frame;
  readonly isQueenHere?: boolean;
  readonly cell?: 'kept' | 'other' | null;
  readonly isShaken?: boolean;
}

/** One frame seen from its end: the two sides of its comb beside one another, hatched by what they hold. */
export function FrameComb({ frame, isQueenHere = false, cell = null, isShaken = false }: Props) {
  const { sides, kind } = frame;
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${HEIGHT + 14}`}
      className="block h-full w-full"
      aria-hidden="true"
      preserveAspectRatio="none"
    >
      <title>Frame</title>
      <rect x="0" y="0" width={WIDTH} height={TOP_BAR} fill="var(--color-ink)" />
      {sides ? (
        <>
          <CombSide side={sides[0]} x={1} />
          <CombSide side={sides[1]} x={WIDTH / 2} />
        </>
      ) : (
        <rect
          x="4"
          y={TOP_BAR}
          width={WIDTH - 8}
          height={HEIGHT - TOP_BAR}
          fill={kind === 'dummy' ? 'var(--color-muted)' : 'var(--color-tint)'}
          stroke="var(--color-ink)"
        />
      )}
      {isShaken && (
        <path
          d={`M3 ${HEIGHT / 2} l4 -6 l4 12 l4 -12 l4 6`}
          fill="none"
          stroke="var(--color-willow)"
          strokeWidth="2.5"
        />
      )}
      {cell !== null && (
        <path
          d={`M8 ${HEIGHT} q-1 10 4 12 q5 -2 4 -12 z`}
          fill={cell === 'kept' ? 'var(--color-willow)' : 'var(--color-paper)'}
          stroke="var(--color-willow)"
          strokeWidth="1.5"
        />
      )}
      {isQueenHere && (
        <>
          <rect x="2" y={HEIGHT - 24} width={WIDTH - 4} height="20" fill="var(--color-ink)" />
          <text
            x={WIDTH / 2}
            y={HEIGHT - 9}
            textAnchor="middle"
            fontSize="15"
            fontWeight="800"
            fill="var(--color-white)"
          >
            Q
          </text>
        </>
      )}
    </svg>
  );
}

function CombSide({ side, x }: { side: Side; x: number }) {
  const scale = (HEIGHT - TOP_BAR) / TENTHS;
  let y = TOP_BAR;
  return (
    <>
      {FROM_TOP.map((content) => {
        const height = tenthsOf(side, content) * scale;
        if (height === 0) return null;
        const top = y;
        y += height;
        return (
          <rect
            key={content}
            x={x}
            y={top}
            width={WIDTH / 2 - 1}
            height={height}
            fill={fillOf(content)}
            stroke="var(--color-ink)"
            strokeWidth="0.6"
          />
        );
      })}
    </>
  );
}

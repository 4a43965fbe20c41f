import type { CombCell, Patch } from '../../core/practice/patch';

const INK = 'var(--color-ink)';
const STEP = 26;
const R = 11.5;

/** A piece of comb, its cells as seen from straight above. */
export function DrawnPatch({
  patch: { columns, rows, cells },
  className = '',
}: {
  readonly patch: Patch;
  readonly className?: string;
}) {
  return (
    <svg
      viewBox={`0 0 ${columns * STEP + STEP / 2} ${rows * STEP * 0.88 + 6}`}
      aria-hidden="true"
      className={className}
    >
      {cells.map((cell, i) => {
        const [column, row] = [i % columns, Math.floor(i / columns)];
        const x = column * STEP + STEP / 2 + (row % 2 === 1 ? STEP / 2 : 0);
        const y = row * STEP * 0.88 + STEP / 2;
        return (
          // biome-ignore lint/suspicious/noArrayIndexKey: a cell of the comb is known by its place
          <g key={i} transform={`translate(${x} ${y})`}>
            <Cell cell={cell} />
          </g>
        );
      })}
    </svg>
  );
}

function Cell({ cell }: { readonly cell: CombCell }) {
  const rim = <circle r={R} fill="var(--color-paper)" stroke={INK} strokeWidth="1.3" />;
  switch (cell.holds) {
    case 'empty':
      return rim;
    case 'pollen':
      return (
        <>
          {rim}
          <circle r={R - 3} fill="var(--color-propolis)" opacity="0.75" />
          <path d="M-5 0 H5 M0 -5 V5" stroke="var(--color-paper)" strokeWidth="1.4" />
        </>
      );
    case 'nectar':
      return (
        <>
          {rim}
          <path d={`M${-R + 3} 2 Q0 -3 ${R - 3} 2 A${R - 3} ${R - 3} 0 0 1 ${-R + 3} 2`} fill="var(--color-wax)" />
        </>
      );
    case 'honey':
      return (
        <>
          <circle r={R} fill="var(--color-wax)" stroke={INK} strokeWidth="1.3" opacity="0.55" />
          <path d="M-6 -3 H6 M-6 3 H6" stroke={INK} strokeWidth="1" />
        </>
      );
    case 'eggs':
      return (
        <>
          {rim}
          {cell.leans.map((lean, i) => {
            // An upright egg is seen from its end; a flat one at its length.
            const long = 1.6 + (lean / 90) * 4.6;
            const at = cell.atWall ? { x: 6.5 * Math.cos(i * 2.1), y: 6.5 * Math.sin(i * 2.1) } : { x: 0, y: 0 };
            return (
              <ellipse
                // biome-ignore lint/suspicious/noArrayIndexKey: eggs of a cell are known by their order
                key={i}
                cx={at.x}
                cy={at.y}
                rx={long}
                ry="1.6"
                fill={INK}
                transform={`rotate(${i * 55 + 20} ${at.x} ${at.y})`}
              />
            );
          })}
        </>
      );
    case 'larva':
      return (
        <>
          {rim}
          <path
            d={`M${-cell.length * 6} ${cell.length * 3} A${cell.length * 7} ${cell.length * 7} 0 1 1 ${cell.length * 5} ${cell.length * 5}`}
            fill="none"
            stroke={INK}
            strokeWidth={1.6 + cell.length * 4.4}
            strokeLinecap="round"
          />
        </>
      );
    case 'sealed':
      return cell.isDomed ? (
        <>
          <circle r={R + 1.4} fill="var(--color-wax)" stroke={INK} strokeWidth="2" />
          <circle r={R - 4} fill="none" stroke={INK} strokeWidth="1.6" />
          <circle cx="-3" cy="-3" r="2" fill="var(--color-paper)" />
        </>
      ) : (
        <>
          <circle r={R} fill="var(--color-wax)" stroke={INK} strokeWidth="1.3" />
          <path d="M-5 -2 H5 M-5 2 H5" stroke={INK} strokeWidth="0.9" opacity="0.6" />
        </>
      );
  }
}

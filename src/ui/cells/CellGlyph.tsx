import type { CellFinding } from '../../core/colony/facts';

const INK = 'var(--color-ink)';
const LINE = { fill: 'none', stroke: INK, strokeWidth: 2.2, strokeLinecap: 'round', strokeLinejoin: 'round' } as const;

/** Outline of a cell hanging from the comb: a shallow cup, walls half drawn down, or a full closed cell. */
const CUP = 'M8 5 V13 Q8 21 16 21 Q24 21 24 13 V5';
const CUP_LONGER = 'M7.5 5 V17 Q7.5 27 12.5 29 M19.5 29 Q24.5 27 24.5 17 V5';
const CLOSED = 'M7 5 Q6.5 17 9.5 27 Q12.5 36 16 36 Q19.5 36 22.5 27 Q25.5 17 25 5';
const COMB = 'M2 5 H30';

function Drawing({ found }: { found: CellFinding }) {
  switch (found) {
    case 'cup-dry':
      return <path {...LINE} d={CUP} />;
    case 'egg':
    case 'egg-upright':
    case 'egg-leaning':
    case 'egg-flat': {
      const turn = { egg: 20, 'egg-upright': 0, 'egg-leaning': 42, 'egg-flat': 88 }[found];
      return (
        <>
          <path {...LINE} d={CUP} />
          <g transform={`translate(16 ${found === 'egg-flat' ? 16.5 : 12.5}) rotate(${turn})`}>
            <rect x="-1.7" y="-4.6" width="3.4" height="9.2" rx="1.7" fill={INK} />
          </g>
          {found === 'egg' && <path {...LINE} strokeWidth="1.2" strokeDasharray="1 2.4" d="M11 10 Q12 7 16 7" />}
        </>
      );
    }
    case 'larva-small':
      return (
        <>
          <path {...LINE} fill="var(--color-paper)" d={CUP} />
          <path {...LINE} strokeWidth="1.4" d="M9 15.5 Q16 19.5 23 15.5" />
          <path {...LINE} strokeWidth="2.6" d="M13.6 10.5 Q14 14.4 16.6 14 Q18.8 13.6 18.2 11.2" />
        </>
      );
    case 'larva-large':
      return (
        <>
          <path d="M8.5 6 V13 Q16 17 23.5 13 V6 Z" fill="var(--color-paper)" stroke={INK} strokeWidth="1.2" />
          <path {...LINE} d={CUP_LONGER} />
          <path {...LINE} strokeWidth="5" d="M11.8 17.5 Q11 25 16 25 Q21 25 20.2 17.5" />
        </>
      );
    case 'sealed':
      return (
        <>
          <path {...LINE} fill="var(--color-wax)" d={CLOSED} />
          <path {...LINE} strokeWidth="1.3" d="M9 13 H23 M9.5 19 H22.5 M11 25 H21" />
        </>
      );
    case 'sealed-fresh':
      return (
        <>
          <path {...LINE} fill="var(--color-paper)" d={CLOSED} />
          <path {...LINE} strokeWidth="1.3" d="M9 13 H23 M9.5 19 H22.5" />
          <path {...LINE} strokeWidth="1.2" d="M12.5 28 Q16 31 19.5 28" />
        </>
      );
    case 'sealed-ripe':
      return (
        <>
          <path {...LINE} fill="var(--color-wax)" d={CLOSED} />
          <path d="M10.3 28 Q13 36 16 36 Q19 36 21.7 28 Z" fill={INK} />
          <path {...LINE} strokeWidth="1.3" d="M9 13 H23 M9.5 19 H22.5" />
        </>
      );
    case 'queen-moving':
      return (
        <>
          <path {...LINE} fill="var(--color-wax)" d={CLOSED} />
          <path {...LINE} strokeWidth="1.6" strokeDasharray="2.4 2.2" d="M10 27.5 Q16 31.5 22 27.5" />
          <path {...LINE} strokeWidth="1.6" d="M4 25 Q2.5 28.5 4 32 M28 25 Q29.5 28.5 28 32" />
          <path {...LINE} strokeWidth="2.6" d="M16 12 V21" />
        </>
      );
    case 'emerged':
      return (
        <>
          <path {...LINE} d="M7 5 Q6.5 17 9.5 27 L11 29.5 M21 29.5 L22.5 27 Q25.5 17 25 5" />
          <path {...LINE} strokeWidth="1.6" d="M11 29.5 Q16 27 21 29.5" />
          <path {...LINE} fill="var(--color-paper)" d="M21 29.5 Q28 29 29 35 Q23.5 36 21 29.5" />
        </>
      );
    case 'torn-down':
      return (
        <>
          <path {...LINE} d={CLOSED} />
          <path d="M24.8 12 L17 14.5 L20 18 L16.5 21.5 L23.8 24 Z" fill={INK} />
        </>
      );
    case 'removed':
      return (
        <>
          <path {...LINE} strokeWidth="1.6" strokeDasharray="2 3" d={CLOSED} />
          <path {...LINE} strokeWidth="2.6" d="M8 12 L24 30 M24 12 L8 30" />
        </>
      );
    case 'not-found':
      return (
        <>
          <path {...LINE} strokeWidth="1.6" strokeDasharray="2 3" d={CUP} />
          <text x="16" y="36" textAnchor="middle" fontSize="15" fontWeight="700" fill={INK}>
            ?
          </text>
        </>
      );
  }
}

/** A queen cup or cell seen from the side, hanging from the comb. Each stage is told by its outline, not by its colour. */
export function CellGlyph({ found, size = 32 }: { found: CellFinding; size?: number }) {
  return (
    <svg width={size} height={size * 1.25} viewBox="0 0 32 40" aria-hidden="true" className="shrink-0">
      <path {...LINE} strokeWidth="2.6" d={COMB} />
      <Drawing found={found} />
    </svg>
  );
}

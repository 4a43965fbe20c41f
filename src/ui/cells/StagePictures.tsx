import type { ReactNode } from 'react';
import { CELL_STAGES } from '../../core/cells/stage';
import { STAGE_WORDS } from '../../words/cells';
import {
  NO_QUEEN_CELL_WORDS,
  NO_QUEEN_CELLS,
  type NoQueenCell,
  stagePicturesPhrases,
} from '../../words/pages/stage-pictures';
import { Row } from '../controls/Row';
import { CellGlyph } from './CellGlyph';

/** What each stage looks like, and what is no queen cell: one tap from where the stage is asked. */
export function StagePictures() {
  return (
    <Row title={stagePicturesPhrases.title} isHeading>
      <ul className="grid gap-x-6 sm:grid-cols-2">
        {CELL_STAGES.filter((stage) => stage !== 'removed').map((stage) => (
          <Pictured key={stage} {...STAGE_WORDS[stage]}>
            <CellGlyph found={stage} size={44} />
          </Pictured>
        ))}
      </ul>
      <h3 className="mt-3 text-base">{stagePicturesPhrases.isNone}</h3>
      <ul className="grid gap-x-6 sm:grid-cols-2">
        {NO_QUEEN_CELLS.map((one) => (
          <Pictured key={one} {...NO_QUEEN_CELL_WORDS[one]}>
            {one === 'play-cup' ? <CellGlyph found="cup-dry" size={44} /> : <NoCellGlyph of={one} />}
          </Pictured>
        ))}
      </ul>
    </Row>
  );
}

const Pictured = ({ name, look, children }: { name: string; look: string; children: ReactNode }) => (
  <li className="flex items-center gap-3 border-line border-b py-1.5">
    {children}
    <span className="leading-tight">
      <b className="block">{name}</b>
      <span className="text-sm">{look}</span>
    </span>
  </li>
);

const INK = 'var(--color-ink)';
/** A comb from its side, its face to the right. */
const COMB = 'M10 2 V38';
/** What stands out of it: domes of drones, or flat lids drawn a little further than the rest. */
const CAPS: { readonly [N in Exclude<NoQueenCell, 'play-cup'>]: readonly string[] } = {
  'drone-brood': ['M10 4 H16 Q26 9 16 14 H10', 'M10 15 H16 Q26 20 16 25 H10', 'M10 26 H16 Q26 31 16 36 H10'],
  'drawn-out': ['M10 4 H15 V10 H10', 'M10 12 H21 V19 H10', 'M10 21 H22 V28 H10', 'M10 30 H15 V36 H10'],
};

const NoCellGlyph = ({ of }: { of: keyof typeof CAPS }) => (
  <svg width={44} height={55} viewBox="0 0 32 40" aria-hidden="true" className="shrink-0">
    {CAPS[of].map((cap) => (
      <path key={cap} d={cap} fill="var(--color-wax)" stroke={INK} strokeWidth="2" strokeLinejoin="round" />
    ))}
    <path d={COMB} fill="none" stroke={INK} strokeWidth="3" />
  </svg>
);

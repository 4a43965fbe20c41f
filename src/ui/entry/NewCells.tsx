'use client';

import { ChevronLeft, ChevronRight } from 'lucide-react';
import { useState } from 'react';
import { v7 as newId } from 'uuid';
import { CELL_PLACES, NOTED_PLACES } from '../../core/cells/place';
import type { CellStage } from '../../core/cells/stage';
import type { CellPart } from '../../core/colony/facts';
import { LIMITS } from '../../core/facts/limits';
import type { Change, Draft } from '../../device/draft';
import { CELL_PLACE_WORDS, STAGE_WORDS } from '../../words/cells';
import { CellGlyph } from '../cells/CellGlyph';
import { StagePictures } from '../cells/StagePictures';
import { Choice } from '../controls/Choice';
import { Stepper } from '../controls/Stepper';

const COMMON: readonly CellStage[] = ['cup-dry', 'egg', 'larva-small', 'larva-large', 'sealed'];
const FINER: readonly CellStage[] = [
  'egg-upright',
  'egg-leaning',
  'egg-flat',
  'sealed-fresh',
  'sealed-ripe',
  'queen-moving',
  'emerged',
  'torn-down',
];

interface Props {
  readonly draft: Draft;
  readonly change: (change: Change) => void;
  readonly title: string;
  /** The pictures of the stages stand here; else where cells from before are asked about. */
  readonly hasPictures: boolean;
  /** The hive is in two parts: an excluder or a board divides it. */
  readonly isTwoParts: boolean;
}

/** Cups and cells that were not known before, counted by stage, each where the place buttons say. */
export function NewCells({ draft, change, title, hasPictures, isTwoParts }: Props) {
  const [isFiner, setFiner] = useState(() => draft.fresh.some(({ stage }) => FINER.includes(stage)));
  const { hangs } = draft;
  const setHangs = (fields: Partial<Draft['hangs']>) =>
    change({ type: 'set', fields: { hangs: { ...hangs, ...fields } } });
  return (
    <section className="mt-5" aria-label={title}>
      <h2 className="text-lg">{title}</h2>
      {hasPictures && <StagePictures />}
      <ul>
        {[...COMMON, ...(isFiner ? FINER : [])].map((stage) => (
          <StageRow key={stage} stage={stage} draft={draft} change={change} />
        ))}
      </ul>
      <button
        type="button"
        className="mt-2 min-h-11 font-bold underline"
        aria-expanded={isFiner}
        onClick={() => setFiner(!isFiner)}
      >
        {isFiner ? 'Fewer stages' : 'Show finer stages'}
      </button>
      {isTwoParts && (
        <Choice<CellPart>
          legend="The cells you add are"
          options={[
            { value: 'above', name: 'in the top box' },
            { value: 'below', name: 'below' },
          ]}
          value={hangs.part}
          onChange={(part) => setHangs({ part })}
        />
      )}
      <Choice
        legend="The cells you add hang on the"
        options={CELL_PLACES.map((value) => ({ value, name: CELL_PLACE_WORDS[value] }))}
        value={hangs.place === 'not-said' ? null : hangs.place}
        onChange={(place) => setHangs({ place })}
      />
      <Choice<'whole' | 'frames'>
        legend="Counted"
        options={[
          { value: 'whole', name: 'the whole hive' },
          { value: 'frames', name: 'frame by frame' },
        ]}
        value={hangs.frame === null ? 'whole' : 'frames'}
        onChange={(how) => setHangs(how === 'whole' ? { box: null, frame: null } : { box: hangs.box ?? 1, frame: 1 })}
      />
      {hangs.frame !== null && (
        <div className="mt-2 grid grid-cols-2 gap-2">
          <NumberStep
            name="Box"
            hint="from the floor"
            upTo={LIMITS.boxes}
            value={hangs.box ?? 1}
            onChange={(box) => setHangs({ box, frame: 1 })}
          />
          <NumberStep
            name="Frame"
            hint="from the left"
            upTo={LIMITS.frames}
            value={hangs.frame}
            onChange={(frame) => setHangs({ frame })}
          />
        </div>
      )}
    </section>
  );
}

/** One on, one back, by big taps: the frame in the hand. */
function NumberStep({
  name,
  hint,
  upTo,
  value,
  onChange,
}: {
  name: string;
  hint: string;
  upTo: number;
  value: number;
  onChange: (value: number) => void;
}) {
  const button = 'h-12 min-w-12 border-2 border-ink bg-paper text-xl font-bold hover:bg-tint disabled:text-line';
  return (
    <fieldset className="flex items-center" aria-label={`${name}, ${hint}`}>
      <button
        type="button"
        className={button}
        aria-label={`${name} before`}
        disabled={value <= 1}
        onClick={() => onChange(value - 1)}
      >
        <ChevronLeft aria-hidden="true" className="inline size-5" strokeWidth={3} />
      </button>
      <output className="flex h-12 min-w-0 flex-1 flex-col items-center justify-center border-y-2 border-ink bg-paper leading-tight font-bold">
        {`${name} ${value}`}
        <span className="text-muted text-xs font-normal">{hint}</span>
      </output>
      <button
        type="button"
        className={button}
        aria-label={`Next ${name.toLowerCase()}`}
        disabled={value >= upTo}
        onClick={() => onChange(value + 1)}
      >
        <ChevronRight aria-hidden="true" className="inline size-5" strokeWidth={3} />
      </button>
    </fieldset>
  );
}

function StageRow({ stage, draft, change }: { stage: CellStage; draft: Draft; change: (change: Change) => void }) {
  const { name, look } = STAGE_WORDS[stage];
  const own = draft.fresh.filter((cell) => cell.stage === stage);
  const takenDown = own.filter((cell) => cell.takenDown).length;
  const room = LIMITS.cellsPerInspection - draft.fresh.length + own.length;
  const places = NOTED_PLACES.flatMap((place) => {
    const count = own.filter((cell) => cell.place === place).length;
    return count > 0 ? [`${count} ${CELL_PLACE_WORDS[place]}`] : [];
  });
  const canTakeDown = stage !== 'emerged' && stage !== 'torn-down';
  return (
    <li className="border-b border-line py-1.5">
      <div className="flex items-center gap-3">
        <CellGlyph found={stage} size={30} />
        <div className="min-w-0 flex-1 leading-tight">
          <p className="font-semibold">{name}</p>
          <p className="text-muted text-sm">{places.length > 0 ? places.join(', ') : look}</p>
        </div>
        <Stepper
          name={name}
          value={own.length}
          max={room}
          onAdd={() => change({ type: 'add-cell', stage, cellId: newId(), observationId: newId() })}
          onDrop={() => change({ type: 'drop-cell', stage })}
        />
      </div>
      {own.length > 0 && canTakeDown && (
        <div className="mt-1 flex items-center justify-end gap-3">
          <span className="text-sm">broken down, of these</span>
          <Stepper
            small
            name={`${name} broken down`}
            value={takenDown}
            max={own.length}
            onAdd={() => change({ type: 'take-down', stage, count: takenDown + 1 })}
            onDrop={() => change({ type: 'take-down', stage, count: takenDown - 1 })}
          />
        </div>
      )}
    </li>
  );
}

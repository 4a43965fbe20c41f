'use client';

import type { Looked } from '../../core/brood/looked';
import { YOUNGEST_BROOD, type YoungestBrood } from '../../core/brood/youngest';
import {
  DRONES,
  type Drones,
  PIPING,
  type Piping,
  STORES,
  type Stores,
  TEMPERS,
  type Temper,
} from '../../core/colony/facts';
import { LIMITS } from '../../core/facts/limits';
import { FOOD_LEFT, type FoodLeft } from '../../core/food/food';
import type { Change, Draft } from '../../device/draft';
import { YOUNGEST_WORDS } from '../../words/brood';
import { DRONES_WORDS, FOOD_WORDS, PIPING_WORDS, STORES_WORDS, TEMPER_WORDS } from '../../words/choices';
import { Check } from '../controls/Check';
import { Choice } from '../controls/Choice';
import { FIELD } from '../controls/styles';
import { LOOKED_OPTIONS } from './looked-options';
import { Problem } from './Problem';

const COUNTS = [
  { field: 'broodFrames', name: 'Frames with brood', max: LIMITS.broodFrames },
  { field: 'coveredSeams', name: 'Seams covered by bees', max: LIMITS.seams },
  { field: 'layingRoomDays', name: 'Days of laying room left', max: LIMITS.layingRoomDays },
] as const;

/** What is worth noting beyond cells, eggs and queen. Everything here may be left out. */
export function MoreSeen({
  draft,
  change,
  problemAt,
}: {
  draft: Draft;
  change: (change: Change) => void;
  problemAt: (field: string) => string | null;
}) {
  const set = (fields: Partial<Draft>) => change({ type: 'set', fields });
  return (
    <>
      <label className="mt-4 block">
        <span className="font-display text-lg font-bold">Youngest worker brood</span>
        <select
          className={FIELD}
          value={draft.youngest ?? ''}
          onChange={(event) =>
            set({ youngest: event.target.value === '' ? null : (event.target.value as YoungestBrood) })
          }
        >
          <option value="">not noted</option>
          {YOUNGEST_BROOD.map((youngest) => (
            <option key={youngest} value={youngest}>
              {YOUNGEST_WORDS[youngest]}
            </option>
          ))}
        </select>
        <Problem text={problemAt('youngest')} />
      </label>
      <label className="mt-4 block">
        <span className="font-display text-lg font-bold">Brood nest</span>
        <select
          className={FIELD}
          value={draft.stores}
          onChange={(event) => set({ stores: event.target.value as Stores })}
        >
          {STORES.map((stores) => (
            <option key={stores} value={stores}>
              {STORES_WORDS[stores]}
            </option>
          ))}
        </select>
      </label>
      {COUNTS.map(({ field, name, max }) => (
        <label key={field} className="mt-4 block">
          <span className="font-display text-lg font-bold">{name}</span>
          <input
            className={FIELD}
            type="number"
            inputMode="numeric"
            min={0}
            max={max}
            placeholder="not counted"
            value={draft[field] ?? ''}
            onChange={(event) => set({ [field]: event.target.value === '' ? null : Number(event.target.value) })}
          />
          <Problem text={problemAt(field)} />
        </label>
      ))}
      <Choice<FoodLeft>
        legend="Food in the hive?"
        options={FOOD_LEFT.map((value) => ({ value, name: FOOD_WORDS[value] }))}
        value={draft.food ?? 'not-looked-for'}
        onChange={(food) => set({ food })}
      />
      <Choice<Temper>
        legend="How were the bees?"
        stacked
        options={TEMPERS.map((value) => ({ value, name: TEMPER_WORDS[value] }))}
        value={draft.temper ?? 'not-noted'}
        onChange={(temper) => set({ temper })}
      />
      <Choice<Piping>
        legend="Queens heard?"
        stacked
        options={PIPING.map((value) => ({ value, name: PIPING_WORDS[value] }))}
        value={draft.piping}
        onChange={(piping) => set({ piping })}
      />
      <Check
        name="Somebody else looked and told me"
        value={draft.isByHelper}
        onChange={(isByHelper) => set({ isByHelper })}
      />
      <Choice<Drones>
        legend="Drones?"
        options={DRONES.map((value) => ({ value, name: DRONES_WORDS[value] }))}
        value={draft.drones}
        onChange={(drones) => set({ drones })}
      />
      <Choice<Looked>
        legend="Drone brood scattered in worker cells?"
        options={LOOKED_OPTIONS}
        value={draft.droneBroodInWorkerCells}
        onChange={(droneBroodInWorkerCells) => set({ droneBroodInWorkerCells })}
      />
      <Choice<Looked>
        legend="Several eggs to a cell?"
        options={LOOKED_OPTIONS}
        value={draft.severalEggsPerCell}
        onChange={(severalEggsPerCell) => set({ severalEggsPerCell })}
      />
    </>
  );
}

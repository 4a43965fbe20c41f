'use client';

import { methodNamed } from '../../core/methods/methods';
import type { StartView } from '../../views/start-view';
import type { IssueInWords } from '../../words/issues';
import { Check } from '../controls/Check';
import { Choice } from '../controls/Choice';
import { problemOf } from '../controls/Field';
import { CellFates } from './CellFates';
import { NewColonyFields } from './NewColonyFields';
import { keptIds, type StartDraft } from './start-draft';

interface Props {
  readonly view: StartView;
  readonly draft: StartDraft;
  readonly issues: readonly IssueInWords[];
  readonly onChange: (fields: Partial<StartDraft>) => void;
}

/** What a method asks before it is started, beside its day: the cells, what of it is done, and where its units go. */
export function StartFields({ view, draft, issues, onChange }: Props) {
  const { colony, cells, needy, asksCells, mayBuy, apiaries } = view;
  const method = methodNamed(view.method);
  const newUnit = method.units.find(({ isNewColony }) => isNewColony);
  return (
    <>
      {mayBuy && (
        <Choice<'raise' | 'buy'>
          legend="The queenless part"
          options={[
            { value: 'raise', name: 'raises its own', hint: 'costs three weeks, no money' },
            { value: 'buy', name: 'is given a bought one', hint: 'when time is short' },
          ]}
          value={draft.buysQueen ? 'buy' : 'raise'}
          onChange={(value) => onChange({ buysQueen: value === 'buy' })}
          problem={problemOf(issues, 'buysQueen')}
        />
      )}
      {cells.length > 0 && (asksCells || method.clearsCells) && (
        <CellFates
          cells={cells}
          needy={needy}
          mayKeep={asksCells && !draft.buysQueen}
          isForNuc={method.kind === 'increase'}
          nucPath={`/colonies/${colony.id}/start/cell-nuc`}
          fates={draft.buysQueen ? keepNone(draft.fates) : draft.fates}
          onChange={(cellId, fate) => onChange({ fates: { ...draft.fates, [cellId]: fate } })}
        />
      )}
      {method.options.includes('secondThinning') && !draft.buysQueen && (
        <Check
          name="Thin the cells once more after a week"
          hint="Eggs left behind have become cells by then. Without it, expect casts."
          value={draft.secondThinning}
          onChange={(secondThinning) => onChange({ secondThinning })}
        />
      )}
      {method.daily?.onlyIf === 'turnsDaily' && (
        <Check
          name="The split faces away or a wall"
          hint="It keeps more of its flying bees so. You are asked each day to turn it back a little."
          value={draft.turnsDaily}
          onChange={(turnsDaily) => onChange({ turnsDaily })}
        />
      )}
      {method.kind === 'increase' && keptIds(draft).length > 2 && (
        <p role="note" className="text-propolis mt-2 text-sm font-semibold">
          One or two cells are enough for a nuc: the first virgin out destroys the others.
        </p>
      )}
      {method.options.includes('queenShakenDown') && (
        <Check
          name="The queen was not found"
          hint="Every bee was shaken into the lower box, an excluder over it. You are asked the next day for the split board."
          value={draft.queenShakenDown}
          onChange={(queenShakenDown) => onChange({ queenShakenDown })}
        />
      )}
      {method.options.includes('onlySealedBroodUp') && (
        <Check
          name="Only sealed brood goes up"
          hint="On cold nights. Without eggs and larvae no cells are raised above, so the top need not be searched."
          value={draft.onlySealedBroodUp}
          onChange={(onlySealedBroodUp) => onChange({ onlySealedBroodUp })}
        />
      )}
      {draft.newColony && (
        <NewColonyFields
          unit={view.words.units.find(({ name }) => name === newUnit?.name) ?? null}
          colony={colony}
          apiaries={apiaries}
          newColony={draft.newColony}
          stand={draft.stand}
          issues={issues}
          onChange={onChange}
        />
      )}
    </>
  );
}

const keepNone = (fates: StartDraft['fates']): StartDraft['fates'] =>
  Object.fromEntries(Object.entries(fates).map(([id, fate]) => [id, fate === 'keep' ? 'down' : fate]));

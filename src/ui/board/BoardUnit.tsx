'use client';

import { v7 as newId } from 'uuid';
import type { Unit } from '../../core/space/arrangement';
import { sizeOf } from '../../core/space/frame-size';
import type { Box } from '../../core/space/hive';
import type { BoardChange } from '../../views/board-state';
import { capital } from '../../words/capital';
import { Button } from '../controls/Button';
import { BoardBox, type BoardBoxProps } from './BoardBox';

interface Props extends Omit<BoardBoxProps, 'hive' | 'box' | 'unitTitle'> {
  readonly unit: Unit;
  readonly title: string;
  readonly isOneOfSeveral: boolean;
  readonly usual: { readonly brood: string; readonly super: string };
  readonly change: (change: BoardChange) => void;
}

const ON_ROOF = [
  { field: 'feeder', on: '+ feeder on top', off: '− feeder on top' },
  { field: 'topEntrance', on: '+ top entrance', off: '− top entrance' },
] as const;

/** One hive of the board, from the roof down. */
export function BoardUnit({ unit, title, isOneOfSeveral, usual, change, ...box }: Props) {
  const { name, hive } = unit;
  const addBox = (role: Box['role']) => {
    const size = sizeOf(role === 'brood' ? usual.brood : usual.super, box.sizes);
    const isFirstSuper = role === 'super' && !hive.boxes.some((one) => one.role === 'super');
    const fresh: Box = {
      id: newId(),
      role,
      size: size.id,
      places: size.places,
      under: isFirstSuper ? 'excluder' : 'open',
      frames: [],
    };
    const level = role === 'brood' ? hive.boxes.findLastIndex((one) => one.role === 'brood') + 1 : hive.boxes.length;
    change({ type: 'new-box', unit: name, box: fresh, level });
  };
  return (
    <section aria-label={capital(title)} className="min-w-0">
      {isOneOfSeveral && <h2 className="text-lg">{capital(title)}</h2>}
      <p className="flex flex-wrap gap-x-3">
        {(['brood', 'super'] as const).map((role) => (
          <Button
            key={role}
            kind="quiet"
            className="min-h-9 text-sm"
            aria-label={`${role === 'brood' ? 'A brood box' : 'A super'} on ${title}`}
            onClick={() => addBox(role)}
          >
            {role === 'brood' ? '+ brood box' : '+ super'}
          </Button>
        ))}
        {ON_ROOF.map(({ field, on, off }) => (
          <Button
            key={field}
            kind="quiet"
            className="min-h-9 text-sm"
            aria-label={`${hive[field] ? off : on}: ${title}`}
            onClick={() => change({ type: 'set-hive', unit: name, fields: { [field]: !hive[field] } })}
          >
            {hive[field] ? off : on}
          </Button>
        ))}
      </p>
      {[...hive.boxes].reverse().map((one) => (
        <BoardBox key={one.id} {...box} hive={hive} box={one} unitTitle={isOneOfSeveral ? title : null} />
      ))}
      <div className="h-1.5 bg-ink" />
    </section>
  );
}

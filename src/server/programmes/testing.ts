import { afterEach, beforeEach } from 'vitest';
import type { ProgrammeStart } from '../../core/facts/programme-start';
import type { Result } from '../../core/problems/issue';
import type { Book } from '../../db/open';
import { colonies } from '../../db/schema/tables';
import { loadColony } from '../colony-page';
import { readAllFacts } from '../season/season-facts';
import { aStart, DEMO_NOW, demoBook, id } from '../testing';
import { startProgramme } from './start-programme';

/** Where something is wrong, and in what way: `on in-the-future`. */
export const faults = (result: Result<unknown>) =>
  result.ok ? [] : result.issues.map(({ path, code }) => `${path.join('.')} ${code}`);

/** Each test of the file has the demo's book for itself, and asks it by the names of the colonies. */
export function eachWithDemoBook() {
  const now = DEMO_NOW;
  let opened: Book;
  beforeEach(() => {
    opened = demoBook();
  });
  afterEach(() => {
    opened.sqlite.close();
  });
  const colonyId = (name: string) => {
    const row = opened.db
      .select()
      .from(colonies)
      .all()
      .find((one) => one.name === name);
    if (!row) throw new Error(`No colony ${name}`);
    return row.id;
  };
  const stateOf = (name: string) => {
    const found = loadColony(opened, colonyId(name), now.today);
    if (!found) throw new Error(`No colony ${name}`);
    return found.state;
  };
  const cellOf = (name: string, label: string) =>
    stateOf(name).cells.find(({ cell }) => cell.label === label)?.cell.id as string;
  const codesOf = (name: string) => stateOf(name).schedule.checks.map(({ code }) => code);

  const nucSwarm = (over: Partial<ProgrammeStart> = {}): ProgrammeStart =>
    aStart({
      id: id(1),
      colonyId: colonyId('Sainfoin'),
      method: 'nuc-swarm',
      on: '2027-05-16',
      keptCellIds: [cellOf('Sainfoin', 'b')],
      newColony: {
        id: id(2),
        name: 'Sainfoin nuc',
        apiaryId: readAllFacts(opened.db).apiaries[0]?.id as string,
        stand: '',
      },
      ...over,
    });
  const begin = (start: ProgrammeStart) => startProgramme(opened.db, start, now);

  return {
    /** The book of the test that is running. */
    book: () => opened,
    colonyId,
    stateOf,
    cellOf,
    codesOf,
    nucSwarm,
    begin,
  };
}

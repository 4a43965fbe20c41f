import { describe, expect, it } from 'vitest';
import { day, formatDay } from '../calendar/day';
import type { InspectionKnown } from '../colony/inspection-known';
import { inspection } from '../colony/testing';
import type { FollowUpCode, MethodName } from '../methods/method';
import { DEFAULT_SETTINGS } from '../settings/settings';
import type { CheckAnswerFact, ProgrammeFact, ProgrammePart } from './facts';
import { answersOfLook, followUpsOf } from './follow-up-state';
import { anAnswer, aProgramme } from './testing';

const TODAY = day('2027-05-20');
const part = (method: MethodName, units: readonly string[], over: Partial<ProgrammeFact> = {}): ProgrammePart => ({
  programme: aProgramme({ method, on: day('2027-05-10'), ...over }),
  units,
  queen: 'unchanged',
  queenClipped: false,
  half: null,
  halves: [],
  before: null,
  carriesOn: false,
  isOwn: true,
});
const look = (on: string, over: object = {}) =>
  ({
    inspection: inspection({ at: `2027-${on}T12:00`, ...over }),
    takenDownAbove: 0,
    openedAbove: 0,
    liveAbove: [],
    liveCells: [],
    ...over,
  }) as unknown as InspectionKnown;
/** As they stand once the answers of the looks, in order, are among those given. */
const withLooks = (parts: ProgrammePart[], answers: CheckAnswerFact[], looks: InspectionKnown[]) => {
  const given = [...answers].sort((a, b) => (a.at < b.at ? -1 : 1));
  const told = looks.reduce<readonly CheckAnswerFact[]>(
    (so, one) => so.concat(answersOfLook(one, followUpsOf(parts, so, DEFAULT_SETTINGS, TODAY))),
    given,
  );
  return followUpsOf(parts, told, DEFAULT_SETTINGS, TODAY);
};
const states = (parts: ProgrammePart[], answers: CheckAnswerFact[] = [], looks: InspectionKnown[] = []) =>
  withLooks(parts, answers, looks).map(
    ({ code, nth, status, window, on }) =>
      `${code}${nth > 1 ? nth : ''} ${status} ${on === null ? formatDay(window.earliest).slice(5) : formatDay(on).slice(5)}`,
  );
const answered = (
  code: FollowUpCode,
  on: string,
  answer: string,
  method: MethodName,
  over: Partial<CheckAnswerFact> = {},
) => anAnswer(`p-${method}`, 'home', code, `2027-${on}`, answer, over);

describe('the follow-ups of a programme', () => {
  it('are those of the units that the colony is', () => {
    expect(states([part('nuc-swarm', ['nuc'])])).toEqual(['nuc-settled due 05-12']);
    expect(states([part('nuc-swarm', ['parent'])])).toEqual([]);
    expect(states([part('demaree', ['bottom', 'top', 'hive'])])).toHaveLength(4);
  });

  it('are closed by an answer, whenever it was given', () => {
    const answers = [answered('nuc-settled', '05-11', 'settled', 'nuc-swarm')];
    expect(states([part('nuc-swarm', ['nuc'])], answers)).toEqual(['nuc-settled answered 05-11']);
  });

  it('are dated anew by an answer that wants another look, and closed by the next', () => {
    const first = answered('nuc-settled', '05-13', 'no-eggs', 'nuc-swarm');
    expect(states([part('nuc-swarm', ['nuc'])], [first])).toEqual(['nuc-settled due 05-16']);
    const second = answered('nuc-settled', '05-17', 'settled', 'nuc-swarm');
    expect(states([part('nuc-swarm', ['nuc'])], [second, first])).toEqual(['nuc-settled answered 05-17']);
  });

  it('tell two of one code apart', () => {
    const answers = [answered('doors', '05-15', 'changed', 'vertical-split')];
    const both = part('vertical-split', ['hive']);
    expect(states([both], answers)).toEqual(['doors answered 05-15', 'doors2 due 05-19']);
    expect(states([both], [{ ...(answers[0] as CheckAnswerFact), nth: 2 }])).toEqual([
      'doors due 05-14',
      'doors2 answered 05-15',
    ]);
  });

  it('are closed by a look that can tell, from the first day of their window on', () => {
    const nuc = part('nuc-swarm', ['nuc']);
    expect(states([nuc], [], [look('05-11')])).toEqual(['nuc-settled due 05-12']);
    expect(states([nuc], [], [look('05-12', { thoroughness: 'tip-up' })])).toEqual(['nuc-settled due 05-12']);
    expect(states([nuc], [], [look('05-12')])).toEqual(['nuc-settled seen 05-12']);
    const bought = part('requeen-mated', ['hive']);
    expect(states([bought], [], [look('05-18', { eggs: 'not-looked-for' })])).toContain('laying-check due 05-17');
    expect(states([bought], [], [look('05-18')])).toContain('laying-check seen 05-18');
  });

  it('of a top box are closed only when its cells are down', () => {
    const top = part('demaree', ['top']);
    expect(states([top], [], [look('05-17')])).toContain('clear-top-cells due 05-16');
    expect(states([top], [], [look('05-17', { takenDownAbove: 2 })])).toContain('clear-top-cells seen 05-17');
    expect(states([top], [], [look('05-17', { takenDownAbove: 2, liveAbove: [{}] })])).toContain(
      'clear-top-cells due 05-16',
    );
  });

  it('are given up with their programme, and overtaken by a later one of its kind', () => {
    expect(states([part('nuc-swarm', ['nuc'], { endedOn: day('2027-05-11') })])).toEqual([
      'nuc-settled given-up 05-11',
    ]);
    const second = part('demaree', ['bottom'], { id: 'later', on: day('2027-05-26') });
    expect(states([part('demaree', ['bottom']), second])).toEqual([
      'bottom-check overtaken 05-26',
      'bottom-check due 06-01',
    ]);
    const room = part('add-super', ['hive'], { id: 'room', on: day('2027-05-12') });
    expect(states([part('demaree', ['bottom']), room])[0]).toEqual('bottom-check due 05-16');
  });

  it('are left out where the keeper chose so', () => {
    expect(states([part('demaree', ['top'], { onlySealedBroodUp: true })])).toEqual(['top-brood-gone due 06-01']);
  });
});

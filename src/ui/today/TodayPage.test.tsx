import { renderToStaticMarkup } from 'react-dom/server';
import { expect, it } from 'vitest';
import { day } from '../../core/calendar/day';
import { inspection } from '../../core/colony/testing';
import { DEFAULT_SETTINGS } from '../../core/settings/settings';
import { aStandingColony } from '../../views/testing';
import { todayView } from '../../views/today-view';
import { axisAround } from '../time/axis';
import { TodayPage } from './TodayPage';

const TODAY = '2027-05-16';
const clover = aStandingColony('Clover', { inspections: [inspection({ at: '2027-05-08T15:00' })] }, TODAY);
const draw = (state: 'planning' | 'not-planned') =>
  renderToStaticMarkup(
    <TodayPage
      yard={{ wayMarks: [], steps: [] }}
      also={{ brief: [], daily: [], losses: [] }}
      meant={[]}
      unreckoned={[{ id: 'b', name: 'Betony' }]}
      foodAsked={[]}
      view={todayView({ apiaries: [clover.apiary], colonies: [clover], settings: DEFAULT_SETTINGS }, day(TODAY))}
      axis={axisAround(day(TODAY))}
      minute={`${TODAY}T12:00`}
      state={state}
    />,
  );

it('what is due stands there whether or not the rounds can be worked out, and says which it is', () => {
  const [planning, failed] = [draw('planning'), draw('not-planned')];
  expect(planning).toContain('Working out the rounds …');
  expect(failed).toContain('The rounds could not be worked out. What is due stands below as ever.');
  for (const html of [planning, failed]) {
    expect(html).toContain('1 hive due');
    expect(html).toContain('Clover');
    expect(html).toContain('Betony cannot be worked out');
  }
});

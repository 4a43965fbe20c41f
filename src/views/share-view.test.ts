import { renderToStaticMarkup } from 'react-dom/server';
import { describe, expect, it } from 'vitest';
import { day } from '../core/calendar/day';
import { loadFood } from '../db/repositories/food';
import { loadApiaries } from '../server/all-apiaries';
import { loadColony, loadQueenLines } from '../server/colony-page';
import { demoBook } from '../server/testing';
import { SharedColony } from '../ui/share/SharedColony';
import { sharedFile } from '../ui/share/shared-file';
import { hiveCard } from './hive-card';
import { shareView } from './share-view';

const TODAY = day('2027-05-16');
const opened = demoBook();
const { colonies } = loadApiaries(opened, TODAY);
const shared = (id: string) => {
  const found = loadColony(opened, id, TODAY);
  if (!found) throw new Error(id);
  return shareView({
    ...found,
    queens: loadQueenLines(opened.db, id, null),
    food: loadFood(opened.db, id),
    today: TODAY,
  });
};

describe('one colony to share', () => {
  it('names no other colony', () => {
    for (const { colony } of colonies) {
      const view = shared(colony.id);
      // What the keeper wrote in his own words is his.
      const told = { ...view, note: '', looks: view.looks.map((look) => ({ ...look, note: '' })) };
      const text = renderToStaticMarkup(SharedColony({ view: told }));
      for (const other of colonies)
        if (
          other.colony.id !== colony.id &&
          !colony.name.includes(other.colony.name) &&
          !view.place.includes(other.colony.name)
        )
          expect(text, `${colony.name} names ${other.colony.name}`).not.toContain(other.colony.name);
    }
  });

  it('has every inspection, the queen, and what is due', () => {
    const knapweed = colonies.find(({ colony }) => colony.name === 'Knapweed');
    if (!knapweed) throw new Error('Knapweed');
    const view = shared(knapweed.colony.id);
    expect(view.looks.length).toBe(knapweed.state.inspections.length);
    expect(view.queen).not.toBe('');
    expect(view.due.length).toBeGreaterThan(0);
    expect(view.methods.length).toBeGreaterThan(0);
  });

  it('is one file with nothing to fetch, its name as it is', () => {
    const file = sharedFile('Rose & <Briar>', '<article>x</article>');
    expect(file).toContain('<title>Rose &amp; &lt;Briar></title>');
    expect(file).not.toMatch(/src=|href=|<script|@import|url\(/);
  });
});

describe('a card for a hive’s top', () => {
  it('says until when it is left shut, that day included, and what comes next', () => {
    const cards = colonies.map((one) => ({ one, card: hiveCard(one, TODAY) }));
    const shut = cards.filter(({ card }) => card.shutUntil !== null);
    expect(shut.length).toBeGreaterThan(0);
    for (const { one, card } of cards) {
      const isShut = one.state.schedule.leaveShut.some(({ from, to }) => from <= TODAY && TODAY <= to);
      expect(card.shutUntil !== null, card.name).toBe(isShut);
      expect(card.next.length).toBeLessThanOrEqual(2);
    }
  });
});

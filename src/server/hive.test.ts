import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { addDays, day } from '../core/calendar/day';
import { namedByChoice } from '../core/choices/order-of-day';
import { foldColony } from '../core/state/fold';
import type { Book } from '../db/open';
import { findEntry } from '../db/repositories/inspection-entry';
import { saveSettings } from '../db/repositories/settings';
import { versionOf } from '../device/version-of';
import { loadApiaries } from './all-apiaries';
import { loadBook } from './book';
import { calendarText, closeFeed, feedToken, isFeed, renewFeed } from './calendar/feed';
import { loadColony } from './colony-page';
import { loadCorrectionMoves } from './correction-moves';
import { saveInspection } from './entries/save-inspection';
import { savePhoto } from './entries/save-photo';
import { makePack } from './pack';
import { readAllFacts } from './season/season-facts';
import { DEMO_NOW, demoBook, id } from './testing';

const now = DEMO_NOW;
const TODAY = now.today;

let opened: Book;
beforeEach(() => {
  opened = demoBook();
});
afterEach(() => {
  opened.sqlite.close();
});

describe('the yard', () => {
  it('is reckoned anew only when the book or the day has changed', () => {
    const first = loadApiaries(opened, TODAY);
    expect(loadApiaries(opened, TODAY)).toBe(first);
    expect(loadApiaries(opened, addDays(TODAY, 1))).not.toBe(first);
    const again = loadApiaries(opened, TODAY);
    saveSettings(opened.db, { ...again.settings, leaveShutDays: 14 });
    expect(loadApiaries(opened, TODAY).settings.leaveShutDays).toBe(14);
  });

  it('tells every screen what is due and what is to be left shut on which day', () => {
    const { due, shut, colonies } = loadBook(opened, TODAY);
    expect(colonies).toHaveLength(17);
    expect(new Map(due).get(day('2027-05-18'))).toBe(2);
    expect(shut).toContain(TODAY);
  });
});

describe('what a device takes along', () => {
  it('reckons to the same as the server', () => {
    const { colonies, settings, pages } = makePack(opened, now);
    const onServer = new Map(loadApiaries(opened, TODAY).colonies.map(({ colony, state }) => [colony.id, state]));
    // As it arrives on the device.
    const sent = JSON.parse(JSON.stringify(colonies)) as typeof colonies;
    for (const { colony, facts, beside } of sent) {
      const state = namedByChoice(foldColony(facts, settings, TODAY), beside ?? expect.fail());
      expect(state.schedule, colony.name).toEqual(onServer.get(colony.id)?.schedule);
    }
    expect(pages).toContain('/hive');
    expect(pages.filter((page) => page.startsWith('/colonies/'))).toHaveLength(17);
  });
});

describe('a photo', () => {
  it('lands once, with an inspection that is there', () => {
    const inspectionId = readAllFacts(opened.db).inspections[0]?.id as string;
    const photo = { id: id(1), inspectionId, jpeg: '/9j/abcd' };
    for (let twice = 0; twice < 2; twice++) expect(savePhoto(opened.db, photo).ok).toBe(true);
    expect(readAllFacts(opened.db).photos).toEqual([photo]);
    expect(savePhoto(opened.db, { ...photo, id: id(2), inspectionId: id(9) })).toMatchObject({
      ok: false,
      issues: [{ path: ['inspectionId'] }],
    });
  });
});

describe('the calendar feed', () => {
  it('answers under its present secret only', async () => {
    expect(feedToken(opened.db)).toBeNull();
    const first = renewFeed(opened.db, now);
    const second = renewFeed(opened.db, now);
    expect([isFeed(opened.db, first), isFeed(opened.db, second)]).toEqual([false, true]);
    expect(second).toMatch(/^[\w-]{32}$/);
    closeFeed(opened.db);
    expect(isFeed(opened.db, second)).toBe(false);
    expect(await calendarText(opened, now, 'Europe/London')).toContain('SUMMARY:Knapweed: Thin the cells');
  });
});

describe('a correction', () => {
  const knapweed = () => {
    const colony = readAllFacts(opened.db).colonies.find(({ name }) => name === 'Knapweed');
    const found = loadColony(opened, colony?.id as string, TODAY);
    if (!found) throw new Error('no Knapweed');
    return found;
  };

  it('says which dates it moved', () => {
    expect(loadCorrectionMoves(opened.db, knapweed())).toEqual([]);
    const last = knapweed().state.lastInspection?.inspection.id as string;
    const entry = findEntry(opened.db, last)?.entry;
    if (!entry) throw new Error('no entry');
    const cells = entry.cells.map((cell) =>
      cell.found === 'larva-large' ? { ...cell, found: 'larva-small' as const } : cell,
    );
    expect(saveInspection(opened.db, { ...entry, cells }, now, [versionOf(entry)]).ok).toBe(true);
    expect(loadCorrectionMoves(opened.db, knapweed()).map(({ when, words }) => `${when}: ${words}`)).toEqual([
      'Entry of 11 May corrected: Thin the cells: now 17 to 19 May (was 17 to 18 May)',
      'Entry of 11 May corrected: Look for eggs: now 5 to 11 Jun (was 3 to 9 Jun)',
    ]);
  });
});

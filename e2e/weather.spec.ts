import { openRows, openTheWeek } from './season';
import { begin, expect, onDay, setClock, test } from './test';

const two = (n: number) => String(n).padStart(2, '0');
const dayAfter = (day: string, n: number) =>
  new Date(Date.parse(`${day}T00:00Z`) + n * 86_400_000).toISOString().slice(0, 10);
/** A forecast of some days from one on, as a station might write it; nights are as cold as said. */
const forecast = (from: string, nights: readonly number[]) =>
  [
    'time;temp;rain mm;wind km/h',
    ...nights.flatMap((low, n) =>
      Array.from(
        { length: 24 },
        (_, hour) => `${dayAfter(from, n)} ${two(hour)}:00;${hour < 7 || hour > 20 ? low : 17};0;7,2`,
      ),
    ),
    'some day;17;0;7',
  ].join('\n');

test.describe('a book of its own', () => {
  test('a forecast that is brought in fills the nights of the choices, and the keeper overrules it', async ({
    page,
  }) => {
    await page.goto('/');
    await onDay(page, '2027-05-16');
    await begin(page, 'Orchard', 'Clover');
    await page.goto('/apiaries');
    await page.getByRole('link', { name: 'Weather' }).click();
    await expect(page.getByText('Nothing is known of the weather here yet.')).toBeVisible();

    await test.step('units that the headings do not name are asked, and a wrong row is named by its line', async () => {
      await page.getByLabel('A record or a forecast as a file').setInputFiles({
        name: 'forecast.csv',
        mimeType: 'text/csv',
        buffer: Buffer.from(forecast('2027-05-16', [9, 8, 6, 8, 9, 9])),
      });
      await expect(page.getByText('Say in what units “temp” gives the temperature.')).toBeVisible();
      await page.getByLabel('The temperature is in').selectOption('°C');
      await page.getByRole('button', { name: 'Bring it in' }).click();
      await expect(page.getByText('144 rows brought in, 1 left out')).toBeVisible();
      await expect(page.getByText('Row 146: is not a time')).toBeVisible();
    });

    await expect(page.getByText('The coldest: 6 °C, from the forecast')).toBeVisible();
    await expect(page.getByRole('region', { name: 'What each day allows' })).toContainText(
      'Open hives from 09:00 to 20:00.',
    );
    await expect(page.getByRole('link', { name: /^Sun 16 May.*lids up/ })).toBeVisible();
    // The drawing came with the page; it stands under the ruler.
    await expect(page.locator('canvas')).toHaveCount(2);

    await page.goto('/room');
    await expect(page.getByText(/Orchard 6 °C/)).toBeVisible();

    await test.step('overruled for five nights by taps', async () => {
      await page.goto('/colonies');
      await page.getByRole('link', { name: 'Clover', exact: true }).click();
      await openRows(page);
      await page.getByRole('link', { name: 'Weather here' }).click();
      for (const _ of [1, 2, 3, 4]) await page.getByRole('button', { name: 'Colder, night of Tue 18 May' }).click();
      await page.getByRole('button', { name: 'Save the nights' }).click();
      await expect(page.getByText('The coldest: 2 °C, as you said')).toBeVisible();
      await page.goto('/room');
      await expect(page.getByText(/Orchard 2 °C/)).toBeVisible();
    });
  });

  test('a stone on the roof changes no gain, and a device brings readings by its key', async ({
    page,
    request,
    baseURL,
  }) => {
    await page.goto('/');
    await onDay(page, '2027-05-16');
    await begin(page, 'Orchard', 'Clover');
    await openRows(page);
    await page.getByRole('link', { name: 'Put it on a scale' }).click();
    await expect(page.getByText('Nothing was read yet.')).toBeVisible();
    // Half a kilogram a day by noon; at four in the afternoon of the 14th a stone, off again at eight the next morning, when no swarm leaves.
    const rows = Array.from({ length: 4 * 48 }, (_, i) => {
      const [day, half] = [Math.floor(i / 48), i % 48];
      const stone = i >= 48 + 32 && i < 96 + 16 ? 6.6 : 0;
      const kg = 90 + day * 1.1 + Math.min(1, half / 24) * 1.1 + stone;
      return `${dayAfter('2027-05-13', day)}T${two(Math.floor(half / 2))}:${half % 2 === 0 ? '00' : '30'},${kg.toFixed(2)}`;
    });
    await page.getByLabel('Readings as a file').setInputFiles({
      name: 'scale.csv',
      mimeType: 'text/csv',
      buffer: Buffer.from(['time,weight lb', ...rows].join('\n')),
    });
    await expect(page.getByText('192 rows brought in')).toBeVisible();
    const gains = page.getByRole('region', { name: 'What came in' });
    for (const day of ['Thu 13 May', 'Fri 14 May', 'Sat 15 May', 'Sun 16 May'])
      await expect(gains.getByRole('listitem').filter({ hasText: day })).toContainText('0.5 kg');
    const changes = page.getByRole('region', { name: 'Put on, taken off, flown off' });
    await expect(changes.getByRole('listitem')).toHaveText([
      'Sat 15 May, 08:00: −3 kg at once, something taken off',
      'Fri 14 May, 16:00: +3 kg at once, something put on',
    ]);

    await page.getByRole('button', { name: 'Make a key' }).click();
    const key = (await page.locator('.select-all').textContent()) ?? '';
    const sendReading = (secret: string, kg: number) =>
      request.post(`${baseURL}/api/scale`, {
        headers: { Authorization: `Bearer ${secret}`, Cookie: 'ubbet-demo-day=2027-05-16' },
        data: { readings: [{ at: '2027-05-16T23:45', kg }] },
      });
    expect((await sendReading(`${key}x`, 43)).status()).toBe(401);
    expect(await (await sendReading(key, 43)).json()).toMatchObject({ ok: true, value: { taken: 1, refused: 0 } });
    expect(await (await sendReading(key, -1)).json()).toMatchObject({ ok: false });
    await page.reload();
    await expect(page.getByText('last used on')).toBeVisible();
    await page.getByRole('button', { name: 'End the key' }).click();
    await expect(page.getByRole('button', { name: 'Make a key' })).toBeVisible();
    expect((await sendReading(key, 43)).status()).toBe(401);
  });
});

test.describe('the demo', () => {
  test.use({ seed: 'demo' });

  test('a week without flying days makes a mating late, and what is due says that weather leaves no day', async ({
    page,
  }) => {
    await page.goto('/apiaries');
    for (const day of ['2027-05-16', '2027-05-23']) {
      await setClock(page, day);
      await page.goto('/apiaries');
      await page
        .getByRole('listitem')
        .filter({ hasText: 'School roof' })
        .first()
        .getByRole('link', { name: 'Weather' })
        .click();
      await page.getByRole('button', { name: 'Ask it for a cold week' }).click();
      await expect(page.getByRole('region', { name: 'What each day allows' })).toContainText('Leave hives shut.');
    }
    await setClock(page, '2027-05-23');
    await page.goto('/');
    await openTheWeek(page);
    const meadowsweet = page.getByRole('listitem').filter({ has: page.getByRole('heading', { name: 'Meadowsweet' }) });
    await expect(meadowsweet).toContainText('enter');
    await setClock(page, '2027-05-31');
    await page.goto('/');
    await openTheWeek(page);
    const scabious = page
      .getByRole('listitem')
      .filter({ has: page.getByRole('heading', { name: 'Scabious', exact: true }) });
    await expect(scabious).toContainText('Mating may be late: no afternoon was fit for flights');
    await expect(scabious).toContainText('Flights: no good afternoon so far');
    await setClock(page, '2027-05-17');
    await page.goto('/');
    await openTheWeek(page);
    await expect(page.getByText(/The forecast leaves no fit day for it by /).first()).toBeVisible();
  });

  test('a swarm on the scale is asked about, and becomes a fact that dates its colony', async ({ page }) => {
    await page.goto('/');
    await openTheWeek(page);
    const also = page.getByRole('region', { name: 'Also today' });
    await expect(also).toContainText('1.9 kg lighter at once on Sun 16 May');
    await also.getByRole('button', { name: 'I will look: Betony' }).click();
    await expect(also.getByRole('button', { name: 'I will look: Betony' })).toHaveCount(0);
    await also.getByRole('button', { name: 'Yes, a swarm left: Betony' }).click();
    await expect(also).not.toContainText('1.9 kg lighter');
    await openTheWeek(page);
    const betony = page.getByRole('listitem').filter({ has: page.getByRole('heading', { name: 'Betony' }) });
    await expect(betony.first()).toContainText('A swarm left on 16 May');
    await betony.getByRole('link', { name: 'Betony', exact: true }).first().click();
    await expect(page.getByRole('heading', { level: 1, name: 'Betony' })).toBeVisible();
    await openRows(page);
    await expect(page.getByRole('region', { name: 'Queen' })).toContainText('Sun 16 May');
  });
});

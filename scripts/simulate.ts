import { addDays, dayOfMinute, formatDay } from '../src/core/calendar/day';
import { localMinute } from '../src/core/calendar/local-minute';
import { weatherOf } from '../src/core/weather/weather-of';
import { scaleReadings } from '../src/simulated/scale';
import { stationHours } from '../src/simulated/station';

/**
 * A simulated weather station or hive scale on the network: brings what it measures to Ubbet by the key that was made for it, once, as
 * a real one would every hour.
 */
const asked = new Map(
  process.argv.slice(2).map((argument): [string, string] => {
    const [name = '', value = ''] = argument.replace(/^--/, '').split('=');
    return [name, value];
  }),
);
const kind = asked.has('scale') ? 'scale' : 'weather';
const url = asked.get('url') || 'http://127.0.0.1:4600';
const key = asked.get('key');
const seed = asked.get('seed') || 'station';
if (!key) {
  process.stderr.write(
    'Usage: npm run simulate -- --key=KEY [--url=http://127.0.0.1:4600] [--seed=NAME] [--cold-week] [--scale] [--swarm]\n',
  );
  process.exit(2);
}

const now = localMinute(new Date());
const today = dayOfMinute(now);
const spells = asked.has('cold-week') ? [{ from: addDays(today, 1), to: addDays(today, 7), byC: -7, wet: true }] : [];
const hours = stationHours({ seed, spells }, addDays(today, -7), today);
const flying = new Map(
  weatherOf(hours, [], today).days.map(({ on, open }) => [on, open.reduce((sum, { from, to }) => sum + to - from, 0)]),
);
const body =
  kind === 'weather'
    ? { hours }
    : {
        readings: scaleReadings(
          {
            seed,
            from: addDays(today, -7),
            startKg: 32,
            every: 15,
            flow: [{ from: addDays(today, -7), kg: 1.2 }],
            events: asked.has('swarm') ? [{ at: `${formatDay(today)}T13:30`, kg: -1.8, overMinutes: 10 }] : [],
          },
          (on) => flying.get(on) ?? 0,
          now,
        ),
      };
const answer = await fetch(`${url}/api/${kind}`, {
  method: 'POST',
  headers: { Authorization: `Bearer ${key}`, 'Content-Type': 'application/json' },
  body: JSON.stringify(body),
});
process.stdout.write(`${answer.status} ${await answer.text()}\n`);
process.exit(answer.ok ? 0 : 1);

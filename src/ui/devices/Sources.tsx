import { AskSimulated } from './AskSimulated';
import { BringFile } from './BringFile';
import { DeviceKey } from './DeviceKey';
import { WipeMeasured } from './WipeMeasured';

interface Props {
  readonly kind: 'weather' | 'scale';
  /** The apiary or the colony that it is of. */
  readonly ofId: string;
  readonly deviceKey: { readonly madeAt: string; readonly usedAt: string | null } | null;
  /** Something was brought in, by a file or a device. */
  readonly isBrought: boolean;
  /** The demo has a simulated device there. */
  readonly isSimulated: boolean;
}

const FILES = {
  weather: {
    path: '/api/weather-files',
    name: 'A record or a forecast as a file',
    hint: 'CSV or JSON, one row an hour: time, temperature, rain and wind, such as “time, temp C, rain mm, wind m/s”. Hours that are known from a later forecast stay as they are.',
  },
  scale: {
    path: '/api/scale-files',
    name: 'Readings as a file',
    hint: 'CSV or JSON, one row a reading: time and weight, such as “time, weight kg”. Nothing that is known already is doubled.',
  },
} as const;

/** By which ways hours of weather, or readings of a scale, come in, and the way out for those that came in at the wrong place. */
export function Sources({ kind, ofId, deviceKey, isBrought, isSimulated }: Props) {
  return (
    <section aria-label="Where it comes from" className="mt-6">
      <h2 className="border-t-2 border-ink pt-2 text-lg">Where it comes from</h2>
      <div className="grid gap-x-10 gap-y-5 wide:grid-cols-2">
        <BringFile {...FILES[kind]} ofId={ofId} />
        <DeviceKey kind={kind} ofId={ofId} known={deviceKey} />
      </div>
      {isBrought && <WipeMeasured kind={kind} ofId={ofId} />}
      {isSimulated && <AskSimulated kind={kind} ofId={ofId} />}
    </section>
  );
}

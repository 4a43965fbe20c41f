import { hostname, networkInterfaces } from 'node:os';
import { isPrivateAddress } from './hosts';

/** The name by which Ubbet is found on a network that passes names on (mDNS). */
export const LOCAL_NAME = 'ubbet.local';

/** The machine's addresses at home, those of version 4 first; none that the internet could reach. */
export function homeAddresses(): readonly string[] {
  const all = Object.values(networkInterfaces()).flatMap((list) => list ?? []);
  const home = all.filter(
    ({ internal, address }) => !internal && isPrivateAddress(address) && !address.startsWith('fe80'),
  );
  return [...new Set(home.sort((a, b) => a.family.localeCompare(b.family)).map(({ address }) => address))];
}

/** Every name and address that the machine is asked for by at home. */
export function machineNames(): readonly string[] {
  const name = hostname().toLowerCase().replace(/\.$/, '');
  const isName = /^[a-z0-9]([a-z0-9.-]*[a-z0-9])?$/.test(name);
  const own = isName ? [name, ...(name.includes('.') ? [] : [`${name}.local`])] : [];
  return [...new Set([LOCAL_NAME, ...own, 'localhost', ...homeAddresses(), '127.0.0.1'])];
}

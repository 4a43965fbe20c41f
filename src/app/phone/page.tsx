import type { Metadata } from 'next';
import qrcode from 'qrcode';
import { PhonePage } from '@/ui/phone/PhonePage';

export const metadata: Metadata = { title: 'Your phone' };

/** How the phone gets to Ubbet, and who may come in. */
export default async function Page() {
  const reach = globalThis.ubbetReach ?? null;
  const code = reach?.certificatePage ? await qrcode.toDataURL(reach.certificatePage, { margin: 2, width: 480 }) : null;
  return <PhonePage reach={reach} code={code} />;
}

import { escaped, wordsPage } from './words-page';

/** Served over plain HTTP: the authority's certificate to take up, its fingerprint, and where to go on. Nothing else. */
export function certificatePage({
  fingerprint,
  address,
}: {
  readonly fingerprint: string;
  readonly address: string;
}): string {
  return wordsPage(
    'Let this phone trust Ubbet',
    `<p>Ubbet runs on a machine of yours, and made a certificate for it. Your phone has to take that up once, so that it keeps Ubbet for the hive. The certificate is good for that machine at home and for no other site.</p>
<p><a class="key" href="/ubbet.crt" download="ubbet.crt">1. Take up the certificate</a></p>
<p><b>iPhone, iPad:</b> allow the download, then Settings, <i>Profile downloaded</i>, Install. After that Settings, General, About, <i>Certificate trust settings</i>: switch <i>Ubbet at home</i> on.</p>
<p><b>Android:</b> Settings, search for <i>CA certificate</i>, Install anyway, choose <code>ubbet.crt</code>.</p>
<p><b>A computer:</b> open the file, and put it among the trusted authorities.</p>
<p>2. Compare, where the phone shows it (SHA-256):<br><code>${escaped(fingerprint)}</code></p>
<p><a class="key" href="${escaped(address)}/phone">3. Go on to Ubbet</a></p>
<p>If the browser warns there, the certificate is not trusted yet: do step 1 again to its end, and do not tap the warning away.</p>`,
  );
}

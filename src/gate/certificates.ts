import 'reflect-metadata';
import { createHash, webcrypto, X509Certificate } from 'node:crypto';
import { existsSync, readFileSync } from 'node:fs';
import { isIP } from 'node:net';
import { join } from 'node:path';
import { AsnConvert } from '@peculiar/asn1-schema';
import { GeneralName, GeneralSubtree, GeneralSubtrees, NameConstraints } from '@peculiar/asn1-x509';
import * as x509 from '@peculiar/x509';
import { writePrivately } from '../files/private-file';
import { isPrivateAddress } from './hosts';

x509.cryptoProvider.set(webcrypto as never);

const ALGORITHM = { name: 'ECDSA', namedCurve: 'P-256', hash: 'SHA-256' } as const;
const DAY_MS = 86_400_000;
/** An authority that a phone has taken up is not to be taken up again soon. */
const AUTHORITY_DAYS = 10 * 365;
/** Phones take no certificate of a longer time than 825 days, some none of more than 398. */
const LEAF_DAYS = 397;
/** Renewed so long before its end. */
const RENEW_DAYS = 30;
/** Clocks differ: valid from a day before. */
const EARLY_DAYS = 1;
const NAME_CONSTRAINTS_OID = '2.5.29.30';

/** The ranges of {@link isPrivateAddress} with their masks, as a certificate writes them: nothing else may stand in a certificate of this authority. */
const HOME_RANGES = [
  [10, 0, 0, 0, 255, 0, 0, 0],
  [172, 16, 0, 0, 255, 240, 0, 0],
  [192, 168, 0, 0, 255, 255, 0, 0],
  [169, 254, 0, 0, 255, 255, 0, 0],
  [127, 0, 0, 0, 255, 0, 0, 0],
  [0xfc, ...Array(15).fill(0), 0xfe, ...Array(15).fill(0)],
  [0xfe, 0x80, ...Array(14).fill(0), 0xff, 0xc0, ...Array(14).fill(0)],
  [...Array(15).fill(0), 1, ...Array(16).fill(0xff)],
] as const;

export interface Certificates {
  /** PEM, as Node's `https` takes them. */
  readonly key: string;
  readonly cert: string;
  /** The authority's certificate, to be taken up by a phone, PEM. */
  readonly authority: string;
  /** Of the authority, SHA-256, in pairs of hexadecimal digits: to be compared on the phone. */
  readonly fingerprint: string;
}

interface KeyAndCertificate {
  readonly key: string;
  readonly cert: string;
}

/**
 * The certificate for the machine's names and addresses, by an authority of its own. Both are kept in a folder, the keys readable by
 * their owner alone; the leaf is made anew before it ends and when names or addresses have changed, the authority stays.
 *
 * @param names of the machine, and its addresses; those that the authority may not sign for are left out
 */
export async function certificatesFor(folder: string, names: readonly string[], now: Date): Promise<Certificates> {
  const authority = kept(folder, 'authority') ?? (await keep(folder, 'authority', await makeAuthority(names, now)));
  const mine = await namesWithin(authority, names);
  const old = kept(folder, 'server');
  const leaf =
    old && isGood(old, authority, mine, now) ? old : await keep(folder, 'server', await makeLeaf(authority, mine, now));
  return { ...leaf, authority: authority.cert, fingerprint: fingerprintOf(authority.cert) };
}

/** Does the certificate still fit: signed by this authority, for these names, and not about to end? */
function isGood(
  { cert }: KeyAndCertificate,
  authority: KeyAndCertificate,
  names: readonly string[],
  now: Date,
): boolean {
  const leaf = new X509Certificate(cert);
  const listed = new Set((leaf.subjectAltName ?? '').split(', ').map((one) => one.replace(/^(DNS|IP Address):/, '')));
  const isFor = names.every((name) => (isIP(name) ? leaf.checkIP(name) : leaf.checkHost(name)) !== undefined);
  const isNear = Date.parse(leaf.validTo) - now.getTime() < RENEW_DAYS * DAY_MS;
  return isFor && !isNear && listed.size === names.length && leaf.checkIssued(new X509Certificate(authority.cert));
}

const fingerprintOf = (pem: string): string =>
  (createHash('sha256').update(new X509Certificate(pem).raw).digest('hex').toUpperCase().match(/../g) as string[]).join(
    ':',
  );

function kept(folder: string, name: string): KeyAndCertificate | null {
  const [key, cert] = [join(folder, `${name}.key`), join(folder, `${name}.crt`)];
  if (!existsSync(key) || !existsSync(cert)) return null;
  return { key: readFileSync(key, 'utf8'), cert: readFileSync(cert, 'utf8') };
}

async function keep(folder: string, name: string, pair: KeyAndCertificate): Promise<KeyAndCertificate> {
  writePrivately(join(folder, `${name}.key`), pair.key);
  writePrivately(join(folder, `${name}.crt`), pair.cert);
  return pair;
}

const span = (now: Date, days: number) => ({
  notBefore: new Date(now.getTime() - EARLY_DAYS * DAY_MS),
  notAfter: new Date(now.getTime() + days * DAY_MS),
});

/** Names that a certificate of ours may bear: words, not addresses. */
const wordsOf = (names: readonly string[]): readonly string[] => names.filter((name) => isIP(name) === 0);

async function makeAuthority(names: readonly string[], now: Date): Promise<KeyAndCertificate> {
  const keys = await webcrypto.subtle.generateKey(ALGORITHM, true, ['sign', 'verify']);
  const certificate = await x509.X509CertificateGenerator.createSelfSigned({
    name: `CN=Ubbet at home (${wordsOf(names)[0] ?? 'this machine'})`,
    ...span(now, AUTHORITY_DAYS),
    signingAlgorithm: ALGORITHM,
    keys: keys as never,
    extensions: [
      new x509.BasicConstraintsExtension(true, 0, true),
      new x509.KeyUsagesExtension(x509.KeyUsageFlags.keyCertSign | x509.KeyUsageFlags.cRLSign, true),
      await x509.SubjectKeyIdentifierExtension.create(keys.publicKey as never),
      onlyAtHome(wordsOf(names)),
    ],
  });
  return { key: await pemOf(keys.privateKey), cert: certificate.toString('pem') };
}

/** Critical: a stolen key of this authority opens no other site. */
function onlyAtHome(names: readonly string[]): x509.Extension {
  const permittedSubtrees = new GeneralSubtrees([
    ...names.map((name) => new GeneralSubtree({ base: new GeneralName({ dNSName: name }) })),
    ...HOME_RANGES.map((range) => new GeneralSubtree({ base: rawAddress(Uint8Array.from(range)) })),
  ]);
  const constraints = new NameConstraints({ permittedSubtrees });
  return new x509.Extension(NAME_CONSTRAINTS_OID, true, AsnConvert.serialize(constraints));
}

/** An address range as the standard writes it: the address, then its mask. The library's own converter takes single addresses only. */
function rawAddress(bytes: Uint8Array): GeneralName {
  // [7] IMPLICIT OCTET STRING
  const encoded = Uint8Array.from([0x87, bytes.length, ...bytes]);
  return AsnConvert.parse(encoded, GeneralName);
}

async function makeLeaf(authority: KeyAndCertificate, names: readonly string[], now: Date): Promise<KeyAndCertificate> {
  const keys = await webcrypto.subtle.generateKey(ALGORITHM, true, ['sign', 'verify']);
  const issuer = new x509.X509Certificate(authority.cert);
  const certificate = await x509.X509CertificateGenerator.create({
    subject: `CN=${wordsOf(names)[0] ?? 'Ubbet'}`,
    issuer: issuer.subject,
    ...span(now, LEAF_DAYS),
    signingAlgorithm: ALGORITHM,
    publicKey: keys.publicKey as never,
    signingKey: (await privateKeyOf(authority.key)) as never,
    extensions: [
      new x509.BasicConstraintsExtension(false, undefined, true),
      new x509.KeyUsagesExtension(x509.KeyUsageFlags.digitalSignature, true),
      new x509.ExtendedKeyUsageExtension([x509.ExtendedKeyUsage.serverAuth]),
      new x509.SubjectAlternativeNameExtension(
        names.map((value) => ({ type: isIP(value) ? ('ip' as const) : ('dns' as const), value })),
      ),
      await x509.AuthorityKeyIdentifierExtension.create(issuer.publicKey),
      await x509.SubjectKeyIdentifierExtension.create(keys.publicKey as never),
    ],
  });
  return { key: await pemOf(keys.privateKey), cert: certificate.toString('pem') };
}

async function pemOf(key: webcrypto.CryptoKey): Promise<string> {
  return x509.PemConverter.encode(await webcrypto.subtle.exportKey('pkcs8', key), 'PRIVATE KEY');
}

async function privateKeyOf(pem: string): Promise<webcrypto.CryptoKey> {
  const [raw] = x509.PemConverter.decode(pem);
  return webcrypto.subtle.importKey('pkcs8', raw as ArrayBuffer, ALGORITHM, false, ['sign']);
}

/** Of the names, those that the authority was made for: a machine that was renamed since is asked for by its old name or its address. */
async function namesWithin({ cert }: KeyAndCertificate, names: readonly string[]): Promise<readonly string[]> {
  const extension = new x509.X509Certificate(cert).getExtension(NAME_CONSTRAINTS_OID);
  if (!extension) return names;
  const { permittedSubtrees } = AsnConvert.parse(extension.value, NameConstraints);
  const permitted = new Set([...(permittedSubtrees ?? [])].flatMap(({ base }) => base.dNSName ?? []));
  return names.filter((name) => (isIP(name) ? isPrivateAddress(name) : permitted.has(name)));
}

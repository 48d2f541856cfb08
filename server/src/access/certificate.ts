import 'reflect-metadata';
import { createHash, webcrypto, X509Certificate } from 'node:crypto';
import { AsnConvert } from '@peculiar/asn1-schema';
import {
  GeneralName,
  GeneralSubtree,
  GeneralSubtrees,
  id_ce_nameConstraints,
  NameConstraints,
} from '@peculiar/asn1-x509';
import * as x509 from '@peculiar/x509';

/**
 * Makes the certificate of a house: an authority that each device trusts once, and with it a certificate for the
 * addresses that this machine has now. The authority can vouch for addresses within houses alone (RFC 5280, 4.2.1.10):
 * whoever stole its key could not pretend to be a bank.
 */

export interface Signed {
  /** PEM. */
  key: string;
  certificate: string;
}

export interface MadeCertificates {
  authority: Signed;
  server: Signed;
  /** What the server's is good for. */
  names: string[];
}

const KEYS = { name: 'ECDSA', namedCurve: 'P-256', hash: 'SHA-256' } as const;
const DAY_MS = 24 * 3600_000;
const AUTHORITY_DAYS = 3650;
/** Browsers take no certificate that is good for longer than 398 days (CA/Browser Forum, Baseline Requirements 6.3.2). */
const SERVER_DAYS = 397;
/** It is made anew so long before its end. */
const BEFORE_END_MS = 30 * DAY_MS;
/** Clocks of a house may differ. */
const BEFORE_BEGIN_MS = DAY_MS;

/** Networks of houses (RFC 1918, 3927, 4193, 4291), and this machine itself. */
const HOUSE_NETWORKS = [
  '10.0.0.0/8',
  '172.16.0.0/12',
  '192.168.0.0/16',
  '169.254.0.0/16',
  '127.0.0.0/8',
  'fc00::/7',
  'fe80::/10',
  '::1/128',
];
const HOUSE_DOMAINS = ['local', 'localhost'];

// Its type is that of browsers.
x509.cryptoProvider.set(webcrypto as unknown as Parameters<typeof x509.cryptoProvider.set>[1] & object);

const isAddress = (name: string): boolean => /^[\d.]+$|:/.test(name);

/** What the authority may vouch for: networks of houses, `.local`, and this machine's own names and addresses. */
function withinTheHouse(names: readonly string[]): x509.Extension {
  const addresses = [...HOUSE_NETWORKS, ...names.filter(isAddress).map((a) => `${a}/${a.includes(':') ? 128 : 32}`)];
  const domains = [...HOUSE_DOMAINS, ...names.filter((name) => !isAddress(name))];
  const bases = [
    ...domains.map((dNSName) => new GeneralName({ dNSName })),
    ...addresses.map((iPAddress) => new GeneralName({ iPAddress })),
  ];
  const permittedSubtrees = new GeneralSubtrees(bases.map((base) => new GeneralSubtree({ base })));
  return new x509.Extension(
    id_ce_nameConstraints,
    true,
    AsnConvert.serialize(new NameConstraints({ permittedSubtrees })),
  );
}

const newKeys = (): Promise<webcrypto.CryptoKeyPair> => webcrypto.subtle.generateKey(KEYS, true, ['sign', 'verify']);

async function pemOf(keys: webcrypto.CryptoKeyPair): Promise<string> {
  return x509.PemConverter.encode(await webcrypto.subtle.exportKey('pkcs8', keys.privateKey), 'PRIVATE KEY');
}

/** A random number of 127 bits: of its own, and positive. */
const serial = (): string =>
  Buffer.from(webcrypto.getRandomValues(new Uint8Array(16)).map((b, k) => (k ? b : (b & 127) | 1))).toString('hex');

async function makeAuthority(names: readonly string[], now: number): Promise<Signed> {
  const keys = await newKeys();
  const certificate = await x509.X509CertificateGenerator.createSelfSigned({
    serialNumber: serial(),
    name: `CN=Yellowmist in this house (${new Date(now).toISOString().slice(0, 10)})`,
    notBefore: new Date(now - BEFORE_BEGIN_MS),
    notAfter: new Date(now + AUTHORITY_DAYS * DAY_MS),
    signingAlgorithm: KEYS,
    keys,
    extensions: [
      new x509.BasicConstraintsExtension(true, 0, true),
      new x509.KeyUsagesExtension(x509.KeyUsageFlags.keyCertSign | x509.KeyUsageFlags.cRLSign, true),
      await x509.SubjectKeyIdentifierExtension.create(keys.publicKey),
      withinTheHouse(names),
    ],
  });
  return { key: await pemOf(keys), certificate: certificate.toString('pem') };
}

async function makeServer(authority: Signed, names: readonly string[], now: number): Promise<Signed> {
  const keys = await newKeys();
  const issuer = new x509.X509Certificate(authority.certificate);
  const [der] = x509.PemConverter.decode(authority.key);
  const signingKey = await webcrypto.subtle.importKey('pkcs8', der!, KEYS, false, ['sign']);
  const certificate = await x509.X509CertificateGenerator.create({
    serialNumber: serial(),
    subject: 'CN=Yellowmist',
    issuer: issuer.subject,
    notBefore: new Date(now - BEFORE_BEGIN_MS),
    notAfter: new Date(Math.min(now + SERVER_DAYS * DAY_MS, issuer.notAfter.getTime())),
    signingAlgorithm: KEYS,
    publicKey: keys.publicKey,
    signingKey,
    extensions: [
      new x509.BasicConstraintsExtension(false, undefined, true),
      new x509.KeyUsagesExtension(x509.KeyUsageFlags.digitalSignature, true),
      new x509.ExtendedKeyUsageExtension([x509.ExtendedKeyUsage.serverAuth]),
      new x509.SubjectAlternativeNameExtension(
        names.map((value) => ({ type: isAddress(value) ? 'ip' : 'dns', value })),
      ),
      await x509.SubjectKeyIdentifierExtension.create(keys.publicKey),
      await x509.AuthorityKeyIdentifierExtension.create(issuer.publicKey),
    ],
  });
  return { key: await pemOf(keys), certificate: certificate.toString('pem') };
}

const endsIn = ({ certificate }: Signed, now: number): number =>
  new Date(new X509Certificate(certificate).validTo).getTime() - now;

/**
 * The certificates of a house for these names and addresses: those that are there as long as they will do, a new one for
 * the server where its addresses are others or its time is nearly over, and a new authority where that ends.
 * @param names host names and addresses, in any order
 * @param now ms since 1970
 */
export async function certificatesFor(
  names: readonly string[],
  kept: MadeCertificates | null,
  now: number,
): Promise<MadeCertificates> {
  const wanted = [...new Set(names)].sort();
  const authority =
    kept && endsIn(kept.authority, now) > SERVER_DAYS * DAY_MS ? kept.authority : await makeAuthority(wanted, now);
  const isGood =
    kept?.authority === authority &&
    endsIn(kept.server, now) > BEFORE_END_MS &&
    wanted.every((name) => kept.names.includes(name));
  if (isGood) return kept;
  return { authority, server: await makeServer(authority, wanted, now), names: wanted };
}

/** SHA-256 of a certificate, as browsers and telephones show it. */
export const fingerprintOf = (certificate: string): string =>
  createHash('sha256').update(new X509Certificate(certificate).raw).digest('hex').toUpperCase().match(/../g)!.join(':');
